import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { recordVersion, recordVersions } from '../../../api/queries';
import { exactTime } from '../../../i18n/dates';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SideBySide } from '../../../ui/SideBySide';

interface Props {
  recordId: number;
  mayEdit: boolean;
}

/** What a record was before, each beside how it is now; an earlier one can be returned to. */
export function Versions({ recordId, mayEdit }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const [isOpen, setIsOpen] = useState(false);
  const [chosen, setChosen] = useState<number | null>(null);
  const versions = useQuery({ ...recordVersions(recordId), enabled: isOpen }).data ?? [];
  const pairs = useQuery({ ...recordVersion(recordId, chosen ?? 0), enabled: chosen !== null }).data;
  const current = versions.find((version) => version.isCurrent)?.version ?? 0;
  const returning = useMutation({
    mutationFn: (to: number) =>
      answered(
        api.POST('/api/records/{id}/return', {
          params: { path: { id: recordId } },
          body: { id: newActId(), version: current, to },
          signal: inTime(),
        }),
      ),
    onSuccess: () => {
      setChosen(null);
      void client.invalidateQueries({ queryKey: ['record', recordId] });
      void client.invalidateQueries({ queryKey: ['record-versions', recordId] });
      void client.invalidateQueries({ queryKey: ['records'] });
      void client.invalidateQueries({ queryKey: ['journal'] });
    },
  });
  return (
    <details className="history no-print" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary>{t('record.versions')}</summary>
      <ol>
        {versions.map((version) => (
          <li key={version.version}>
            {exactTime(version.madeAt)} · {version.madeBy} · {t(`record.causes.${version.cause}` as 'record.causes.edited')}{' '}
            {version.isCurrent ? (
              <b>{t('record.isNow')}</b>
            ) : (
              <button
                type="button"
                className="as-link"
                aria-expanded={chosen === version.version}
                onClick={() => setChosen(chosen === version.version ? null : version.version)}
              >
                {t('record.compare')}
              </button>
            )}
            {chosen === version.version && pairs !== undefined ? (
              <>
                <SideBySide left={t('record.then')} right={t('record.now')} pairs={pairs} />
                {mayEdit ? (
                  <Button variant="outlined" onClick={() => returning.mutate(version.version)} disabled={returning.isPending}>
                    {t('record.returnTo')}
                  </Button>
                ) : null}
                <ProblemNote error={returning.error} />
              </>
            ) : null}
          </li>
        ))}
      </ol>
    </details>
  );
}
