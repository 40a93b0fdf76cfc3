import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { answered, api, type Schemas } from '../../../api/client';
import { type Column, Lines } from '../../../ui/Lines';
import { MoreButton } from '../../../ui/MoreButton';
import { ProblemNote } from '../../../ui/ProblemNote';
import { useFilters } from '../../../ui/useFilters';
import { useLongList } from '../../../ui/useLongList';

type Line = Schemas['IntakeRecordLineView'];
const KINDS = ['all', 'new', 'near', 'match', 'again', 'broken', 'unfit', 'remarked'] as const;

interface Props {
  intake: Schemas['IntakeView'];
  selected: number;
}

/** The records of a file, narrowed to what comparing has found. */
export function FileRecords({ intake, selected }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const filters = useFilters();
  const kind = filters.get('kind');
  const found = useLongList(
    ['intake-records', intake.id, kind],
    (from: { after?: number }) =>
      answered(
        api.GET('/api/intakes/{id}/records', {
          params: { path: { id: intake.id }, query: { filter: kind === '' ? {} : { kind }, ...from } },
        }),
      ),
    (page) => page.records,
  );
  const { lines } = found;
  const counts: Record<string, number> = {
    all: intake.counts.read,
    new: intake.counts.new,
    near: intake.counts.near,
    match: intake.counts.matched,
    again: intake.counts.again,
    broken: intake.counts.failed,
    unfit: intake.counts.unfit,
    remarked: intake.counts.remarked,
  };
  return (
    <>
      <div className="facets no-print">
        {KINDS.filter((one) => counts[one] !== 0).map((one) => (
          <button
            key={one}
            type="button"
            className="chip"
            aria-pressed={one === (kind === '' ? 'all' : kind)}
            onClick={() => filters.set({ kind: one === 'all' ? '' : one })}
          >
            {t(`files.kinds.${one}`)} {counts[one]}
          </button>
        ))}
      </div>
      {intake.counts.failed > 0 ? (
        <p className="row-of-things no-print" style={{ paddingInline: 14 }}>
          <a href={`/api/intakes/${intake.id}/broken-records`}>{t('files.saveBroken')}</a>
          <a href={`/api/intakes/${intake.id}/broken-reasons`}>{t('files.saveReasons')}</a>
        </p>
      ) : null}
      <ProblemNote error={found.error} />
      <Lines
        name="file-records"
        label={intake.file}
        columns={useColumns()}
        lines={lines}
        keyOf={(line) => line.place}
        selected={selected}
        onOpen={(line) => void navigate({ pathname: `/catalogue/files/${intake.id}/${line.place}`, search: filters.text })}
      />
      {found.first !== undefined && lines.length === 0 ? <p className="empty">{t('files.nothing')}</p> : null}
      <MoreButton list={found.list} />
    </>
  );
}

function useColumns(): Column<Line>[] {
  const { t } = useTranslation();
  const foundText = (line: Line) => {
    if (line.outcome !== null) return t(`files.became.${line.outcome}` as 'files.became.added');
    if (line.sameAs !== null) return t('files.sameAs', { place: line.sameAs });
    return t(`files.kinds.${line.kind === 'new' && line.match !== null ? 'near' : line.kind}` as 'files.kinds.new');
  };
  const chosenText = (line: Line) => (line.choice === null ? '' : t(`files.choices.${line.choice}` as 'files.choices.add'));
  return [
    { key: 'place', label: t('files.place'), cell: (line) => line.place, text: (line) => String(line.place), isNumber: true },
    {
      key: 'title',
      label: t('files.what'),
      cell: (line) => (
        <>
          {line.title === '' ? null : <span className="work">{line.title}</span>}
          {line.said.map((sentence) => (
            <span key={sentence} className="quiet said">
              {sentence}
            </span>
          ))}
        </>
      ),
      text: (line) => line.title,
    },
    { key: 'found', label: t('files.found'), cell: foundText, text: foundText },
    {
      key: 'likeness',
      label: t('files.likeness'),
      cell: (line) => (line.likeness === null ? '' : `${Math.round(line.likeness * 100)} %`),
      text: (line) => String(line.likeness ?? ''),
      isNumber: true,
    },
    { key: 'said', label: t('files.said'), text: (line) => line.said.join(' ') },
    { key: 'chosen', label: t('files.chosen'), cell: chosenText, text: chosenText },
  ];
}
