import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';

interface Props {
  preview: Schemas['LabelPreviewView'];
  kind: string;
}

/** The sheets at a scale, each label where it stands with its true line breaks. */
export function SheetPreview({ preview, kind }: Props) {
  const { t } = useTranslation();
  const pages = [...new Set(preview.labels.map((label) => label.page))];
  const shown = pages.slice(0, 3);
  const point = 0.3528;
  return (
    <>
      {shown.map((page) => (
        <svg
          key={page}
          className="label-sheet"
          role="img"
          aria-label={t('labels.page', { page: page + 1 })}
          viewBox={`0 0 ${preview.pageWidth} ${preview.pageHeight}`}
          style={{ maxWidth: `${Math.max(preview.pageWidth * 2.6, 220)}px` }}
        >
          <rect width={preview.pageWidth} height={preview.pageHeight} className="paper" />
          {preview.labels
            .filter((label) => label.page === page)
            .map((label) => (
              <g key={label.item} transform={`translate(${label.x} ${label.y})`}>
                <rect
                  width={preview.width}
                  height={preview.height}
                  rx={1}
                  className={label.fits || kind !== 'spine' ? 'label' : 'label too-long'}
                />
                {kind === 'spine' ? (
                  label.lines.map((line, index) => (
                    <text key={index} x={1} y={1 + preview.textSize * point * (0.9 + 1.15 * index)} fontSize={preview.textSize * point}>
                      {line}
                    </text>
                  ))
                ) : (
                  <>
                    <text x={2} y={4.5} fontSize={2.4} className="title">
                      {label.title.slice(0, 42)}
                    </text>
                    <rect x={4} y={6} width={preview.width - 8} height={preview.height - 14} className="bars" />
                    <text x={preview.width / 2} y={preview.height - 3} fontSize={3} textAnchor="middle">
                      {label.barcode}
                    </text>
                  </>
                )}
              </g>
            ))}
        </svg>
      ))}
      {pages.length > shown.length ? <p className="quiet">{t('labels.morePages', { count: pages.length - shown.length })}</p> : null}
    </>
  );
}
