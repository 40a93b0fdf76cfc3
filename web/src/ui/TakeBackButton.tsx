import { Button } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime } from '../api/client';
import { newActId } from '../api/ids';
import { ProblemNote } from './ProblemNote';

/** Takes back one act of the journal, also days later. What stands in the way is said. */
export function TakeBackButton({ entry, what, onDone }: { entry: number; what: string; onDone?: () => void }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const takingBack = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/journal-entries/{entry}/take-back', { params: { path: { entry } }, body: { id: newActId() }, signal: inTime() }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries();
      onDone?.();
    },
  });
  return (
    <>
      <Button
        size="small"
        variant="outlined"
        className="no-print"
        aria-label={t('desk.takeBackOf', { what })}
        disabled={takingBack.isPending}
        onClick={() => takingBack.mutate()}
      >
        {t('desk.takeBack')}
      </Button>
      <ProblemNote error={takingBack.error} />
    </>
  );
}
