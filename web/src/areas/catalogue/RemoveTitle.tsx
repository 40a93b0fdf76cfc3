import { Button } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime } from '../../api/client';
import { newActId } from '../../api/ids';
import { ProblemNote } from '../../ui/ProblemNote';

/** Takes a title without items out of the catalogue, at once; it can be brought back. */
export function RemoveTitle({ id, onRemoved }: { id: number; onRemoved: (journalEntry: number) => void }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const removing = useMutation({
    mutationFn: () =>
      answered(api.POST('/api/records/{id}/removal', { params: { path: { id } }, body: { id: newActId() }, signal: inTime() })),
    onSuccess: (removed) => {
      onRemoved(removed.journalEntry);
      void client.invalidateQueries({ queryKey: ['records'] });
    },
  });
  return (
    <>
      <ProblemNote error={removing.error} />
      <Button color="error" disabled={removing.isPending} onClick={() => removing.mutate()}>
        {t('merge.remove')}
      </Button>
    </>
  );
}
