import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answered, api, inTime, ApiProblem, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { intake as intakeQuery } from '../../../api/queries';

type Choices = Schemas['IntakeChoices'];

/** What is chosen for a file, and sending it off to be compared or taken in. */
export function useWork(intake: Schemas['IntakeView'], work: 'comparing' | 'taking-in') {
  const client = useQueryClient();
  const [choices, setChoices] = useState<Choices>(intake.choices);
  const [act, setAct] = useState(newActId);
  const sending = useMutation({
    mutationFn: () => {
      const body = { ...choices, id: act };
      const params = { path: { id: intake.id } };
      return answered(
        work === 'comparing'
          ? api.POST('/api/intakes/{id}/comparing', { params, body, signal: inTime() })
          : api.POST('/api/intakes/{id}/taking-in', { params, body, signal: inTime() }),
      );
    },
    onSuccess: (view) => client.setQueryData(intakeQuery(intake.id).queryKey, view),
    onError: () => setAct(newActId()),
  });
  return {
    choices,
    choose: (change: Partial<Choices>) => setChoices({ ...choices, ...change }),
    sentence: (field: string) => (sending.error instanceof ApiProblem ? sending.error.fieldSentence(field) : undefined),
    error: sending.error instanceof ApiProblem && sending.error.problem.violations ? null : sending.error,
    isSending: sending.isPending,
    submit: () => sending.mutate(),
  };
}
