import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { answered, api, ApiProblem, inTime } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { takeOverPreview, tidyRules } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SideBySide } from '../../../ui/SideBySide';
import type { Hit } from './SourcesPage';

type As = 'new' | 'overlay' | 'merge';

interface Props {
  hit: Hit;
  onClose: () => void;
}

/** A record of another catalogue: how it is tidied, what it becomes beside ours, and taking it over. */
export function TakeOver({ hit, onClose }: Props) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const client = useQueryClient();
  const rules = useQuery(tidyRules).data ?? [];
  const [tidy, setTidy] = useState('standard');
  const [as, setAs] = useState<As>(hit.own === null ? 'new' : 'overlay');
  const record = as === 'new' ? null : hit.own;
  const { data: preview, error } = useQuery(takeOverPreview(hit.text, tidy, as, record));
  const taking = useMutation({
    mutationFn: (keepBoth: boolean) => {
      const body = {
        id: newActId(),
        version: preview?.version ?? null,
        text: preview?.text ?? '',
        worksheet: '',
        keepBoth,
        cause: record === null ? 'edited' : 'overlaid',
      } as const;
      return answered(
        record === null
          ? api.POST('/api/records', { body, signal: inTime() })
          : api.PUT('/api/records/{id}', { params: { path: { id: record } }, body, signal: inTime() }),
      );
    },
    onSuccess: (saved) => {
      void client.invalidateQueries({ queryKey: ['record', saved.id] });
      void client.invalidateQueries({ queryKey: ['records'] });
      void client.invalidateQueries({ queryKey: ['source-hits'] });
      void navigate(`/catalogue/${saved.id}${record === null ? '?add=item' : ''}`);
    },
  });
  const isDuplicate = taking.error instanceof ApiProblem && taking.error.problem.code === 'duplicate';
  const choices: As[] = hit.own === null ? ['new'] : ['overlay', 'merge', 'new'];
  return (
    <article>
      <button type="button" className="as-link detail-back" onClick={onClose}>
        ← {t('common.back')}
      </button>
      <h1 className="work">{hit.title}</h1>
      <p className="quiet">{[hit.author, hit.edition, hit.published].filter(Boolean).join(' · ')}</p>
      <div className="row-of-things">
        <label>
          {t('sources.tidy')}{' '}
          <select className="pick" value={tidy} onChange={(event) => setTidy(event.target.value)}>
            {rules.map((rule) => (
              <option key={rule.code} value={rule.code}>
                {rule.name}
              </option>
            ))}
          </select>
        </label>
        {choices.length > 1 ? (
          <label>
            {t('sources.as')}{' '}
            <select className="pick" value={as} onChange={(event) => setAs(choices.find((one) => one === event.target.value) ?? 'new')}>
              {choices.map((choice) => (
                <option key={choice} value={choice}>
                  {t(`sources.ways.${choice}`)}
                </option>
              ))}
            </select>
          </label>
        ) : null}
      </div>
      <div className="row-of-things">
        <Button variant="contained" onClick={() => taking.mutate(isDuplicate)} disabled={preview === undefined || taking.isPending}>
          {isDuplicate ? t('record.keepBoth') : t(`sources.take.${as}`)}
        </Button>
      </div>
      <ProblemNote error={taking.error ?? error} />
      {preview === undefined ? null : (
        <>
          {preview.tidied.length > 0 ? (
            <details className="tidied" open>
              <summary>{t('sources.tidied', { count: preview.tidied.length })}</summary>
              <ul className="mono">
                {preview.tidied.map((line, index) => (
                  <li key={index}>{line}</li>
                ))}
              </ul>
            </details>
          ) : null}
          <SideBySide left={record === null ? t('sources.asItCame') : t('files.ours')} right={t('sources.becomes')} pairs={preview.pairs} />
        </>
      )}
    </article>
  );
}
