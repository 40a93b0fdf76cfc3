import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';

interface Props {
  parts: Schemas['LikenessPartView'][];
  score: number | null;
}

/** How alike two records are, part by part, in words. */
export function LikenessParts({ parts, score }: Props) {
  const { t } = useTranslation();
  const words = (part: Schemas['LikenessPartView']) => {
    if (part.value === null) return t('files.notTold');
    if (part.value === 1) return t('files.same');
    return part.differs ? t('files.differs') : t('files.alike', { percent: Math.round(part.value * 100) });
  };
  return (
    <dl className="likeness">
      {score === null ? null : (
        <div>
          <dt>{t('files.likeness')}</dt>
          <dd>
            <b>{Math.round(score * 100)} %</b>
          </dd>
        </div>
      )}
      {parts.map((part) => (
        <div key={part.aspect} className={part.differs ? 'is-different' : ''}>
          <dt>{t(`files.aspects.${part.aspect}` as 'files.aspects.title')}</dt>
          <dd>{words(part)}</dd>
        </div>
      ))}
    </dl>
  );
}
