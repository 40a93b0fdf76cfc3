import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, type Schemas } from '../../api/client';
import { SearchBox } from '../../ui/SearchBox';

type Line = Schemas['RecordLineView'];

/** Finds another title by words, ISBN or number, and chooses it. */
export function TitlePicker({ label, not, onChoose }: { label: string; not: number; onChoose: (record: Line) => void }) {
  const { t } = useTranslation();
  const [q, setQ] = useState('');
  const found = useQuery({
    queryKey: ['records', 'picker', q],
    queryFn: () => answered(api.GET('/api/records', { params: { query: { q, limit: 8 } } })),
    enabled: q.trim() !== '',
    placeholderData: keepPreviousData,
  });
  const lines = (found.data?.records ?? []).filter((line) => line.id !== not);
  return (
    <div className="title-picker">
      <SearchBox label={label} value={q} onSearch={setQ} />
      {q.trim() !== '' && found.data !== undefined && lines.length === 0 ? <p className="quiet">{t('merge.nobody')}</p> : null}
      <ul>
        {q.trim() === ''
          ? null
          : lines.map((line) => (
              <li key={line.id}>
                <button type="button" className="source-hit" onClick={() => onChoose(line)}>
                  <span className="work">{line.title}</span>
                  <span className="quiet">
                    {[line.author, line.year, t('files.itemsCount', { count: line.availability.items })].filter(Boolean).join(' · ')}
                  </span>
                </button>
              </li>
            ))}
      </ul>
    </div>
  );
}
