import { Button } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { intake as intakeQuery } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';

type Sent = { params: { path: { id: number } }; body: { id: string }; signal: AbortSignal };

const ACTS = {
  'putting-away': (sent: Sent) => answered(api.POST('/api/intakes/{id}/putting-away', sent)),
  'taking-up': (sent: Sent) => answered(api.POST('/api/intakes/{id}/taking-up', sent)),
  'taking-back': (sent: Sent) => answered(api.POST('/api/intakes/{id}/taking-back', sent)),
};

/** Puts a file away, takes it up again, or puts everything back as it was before it; the last also while it is still going in. */
export function FileAct({ intake, act }: { intake: Schemas['IntakeView']; act: keyof typeof ACTS }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const [id] = useState(newActId);
  const acting = useMutation({
    mutationFn: () => ACTS[act]({ params: { path: { id: intake.id } }, body: { id }, signal: inTime() }),
    onSuccess: async (view) => {
      client.setQueryData(intakeQuery(intake.id).queryKey, view);
      await client.invalidateQueries({ queryKey: ['intakes'] });
    },
  });
  return (
    <>
      <ProblemNote error={acting.error} />
      <Button variant="outlined" onClick={() => acting.mutate()} disabled={acting.isPending}>
        {t(`files.acts.${act}`)}
      </Button>
    </>
  );
}
