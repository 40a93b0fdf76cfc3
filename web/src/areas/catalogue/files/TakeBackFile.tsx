import { Button } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { intake as intakeQuery } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';

/** Puts everything back as it was before the file, also while it is still going in. */
export function TakeBackFile({ intake }: { intake: Schemas['IntakeView'] }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const [act] = useState(newActId);
  const takingBack = useMutation({
    mutationFn: () =>
      answered(api.POST('/api/intakes/{id}/taking-back', { params: { path: { id: intake.id } }, body: { id: act }, signal: inTime() })),
    onSuccess: (view) => client.setQueryData(intakeQuery(intake.id).queryKey, view),
  });
  return (
    <>
      <ProblemNote error={takingBack.error} />
      <div className="row-of-things">
        <Button variant="outlined" onClick={() => takingBack.mutate()} disabled={takingBack.isPending}>
          {t('files.takeBack')}
        </Button>
      </div>
    </>
  );
}
