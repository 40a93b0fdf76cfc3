import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, ApiProblem } from '../../api/client';
import { branches as branchesQuery, me } from '../../api/queries';
import { Field } from '../../ui/Field';
import { ProblemNote } from '../../ui/ProblemNote';
import { theDesk, useDeskView } from '../desk/useDesk';
import './signIn.css';

export function SignInPage() {
  const { t } = useTranslation();
  const client = useQueryClient();
  const branches = useQuery(branchesQuery).data ?? [];
  const waiting = useDeskView().waiting.length;
  const [form, setForm] = useState({
    name: '',
    password: '',
    branch: localStorage.getItem('tl.branch') ?? '',
    desk: localStorage.getItem('tl.desk') ?? 'Desk 1',
  });
  const signIn = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/sign-in', {
          body: { name: form.name, password: form.password, branch: form.branch === '' ? null : form.branch, desk: form.desk },
        }),
      ),
    onSuccess: async () => {
      localStorage.setItem('tl.branch', form.branch);
      localStorage.setItem('tl.desk', form.desk);
      await client.invalidateQueries(me);
      theDesk().wake();
    },
  });
  const sentence = (field: string) => (signIn.error instanceof ApiProblem ? signIn.error.fieldSentence(field) : undefined);
  const set = (name: keyof typeof form) => (value: string) => setForm({ ...form, [name]: value });
  return (
    <main className="sign-in">
      <form
        className="sheet"
        onSubmit={(event) => {
          event.preventDefault();
          signIn.mutate();
        }}
      >
        <header>
          <img src="/lantern.svg" alt="" width="56" height="56" />
          <h1>{t('name')}</h1>
          <p className="quiet">{t('signIn.title')}</p>
        </header>
        {waiting === 0 ? null : <p className="note is-lit">{t('signIn.queueKept', { count: waiting })}</p>}
        <Field name="name" label={t('signIn.name')} value={form.name} onChange={set('name')} error={sentence('name')} autoFocus />
        <Field
          name="password"
          type="password"
          label={t('signIn.password')}
          value={form.password}
          onChange={set('password')}
          error={sentence('password')}
        />
        <Field
          name="branch"
          label={t('signIn.branch')}
          value={branches.length === 0 ? '' : form.branch === '' ? '-' : form.branch}
          onChange={(branch) => set('branch')(branch === '-' ? '' : branch)}
          options={[
            { value: '-', label: t('signIn.homeBranch') },
            ...branches.map((branch) => ({ value: branch.code, label: branch.name })),
          ]}
        />
        <Field name="desk" label={t('signIn.desk')} value={form.desk} onChange={set('desk')} error={sentence('desk')} />
        {signIn.error instanceof ApiProblem && signIn.error.problem.violations ? null : <ProblemNote error={signIn.error} />}
        <Button type="submit" variant="contained" disabled={signIn.isPending}>
          {t('signIn.submit')}
        </Button>
      </form>
    </main>
  );
}
