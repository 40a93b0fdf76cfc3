import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { ApiProblem } from '../api/client';
import { newActId } from '../api/ids';

type Values = Record<string, string | boolean | null>;

interface FormOptions<V extends Values, R extends { version: number }> {
  values: V;
  version: number | null;
  save: (values: V, act: { id: string; version: number | null }) => Promise<R>;
  onSaved: (saved: R) => void;
  /** How the thing is now, when somebody else has saved it in the meantime. */
  staleValues: (current: R) => V;
}

/**
 * A form that keeps what was typed whatever happens: each problem stands at its field, a lost answer is asked for again with
 * the same act, and a version that somebody else has saved is shown beside one's own.
 */
export function useForm<V extends Values, R extends { version: number }>({
  values: first,
  version: begun,
  save,
  onSaved,
  staleValues,
}: FormOptions<V, R>) {
  const [values, setValues] = useState(first);
  const [version, setVersion] = useState(begun);
  const [current, setCurrent] = useState<V | null>(null);
  const [act, setAct] = useState(newActId);
  const saving = useMutation({
    mutationFn: () => save(values, { id: act, version }),
    onSuccess: (saved) => {
      setVersion(saved.version);
      setCurrent(null);
      setAct(newActId());
      onSaved(saved);
    },
    onError: (error) => {
      if (!(error instanceof ApiProblem)) return;
      // What was refused was not done; what is sent next is another act.
      setAct(newActId());
      if (error.problem.code === 'stale') {
        const now = error.problem.current as unknown as R;
        setVersion(now.version);
        setCurrent(staleValues(now));
      }
    },
  });
  const set = (name: keyof V & string) => (value: string) => {
    setValues({ ...values, [name]: value });
    if (saving.error instanceof ApiProblem) saving.reset();
    setAct(newActId());
  };
  const sentence = (name: keyof V & string) => (saving.error instanceof ApiProblem ? saving.error.fieldSentence(name) : undefined);
  const isNow = (name: keyof V & string) => (current !== null && current[name] !== values[name] ? String(current[name] ?? '') : undefined);
  const hasOtherError =
    saving.error !== null &&
    !(saving.error instanceof ApiProblem && (saving.error.problem.violations || saving.error.problem.code === 'stale'));
  return {
    values,
    setValues,
    set,
    sentence,
    isNow,
    isStale: current !== null,
    otherError: hasOtherError ? saving.error : null,
    isSaving: saving.isPending,
    isSaved: saving.isSuccess,
    submit: () => saving.mutate(),
  };
}
