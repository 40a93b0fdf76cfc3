import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { answered, api, inTime } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { savedSearches } from '../../../api/queries';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';

/** Searches that were saved, and saving the present one; what is saved is the address of the list. */
export function SavedSearches({ question }: { question: string }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { data } = useQuery(savedSearches);
  const [isNaming, setIsNaming] = useState(false);
  const [name, setName] = useState('');
  const [isShared, setIsShared] = useState(false);
  const saving = useMutation({
    mutationFn: () => answered(api.POST('/api/saved-searches', { body: { id: newActId(), name, question, isShared }, signal: inTime() })),
    onSuccess: () => {
      setIsNaming(false);
      setName('');
      void client.invalidateQueries({ queryKey: savedSearches.queryKey });
    },
  });
  const forgetting = useMutation({
    mutationFn: (id: number) => answered(api.DELETE('/api/saved-searches/{id}', { params: { path: { id } }, signal: inTime() })),
    onSuccess: (rest) => client.setQueryData(savedSearches.queryKey, rest),
  });
  const save = (event: SyntheticEvent) => {
    event.preventDefault();
    saving.mutate();
  };
  return (
    <details className="saved-searches no-print">
      <summary>{t('search.saved')}</summary>
      {data?.length === 0 ? <p className="quiet">{t('search.noneSaved')}</p> : null}
      <ul>
        {data?.map((saved) => (
          <li key={saved.id} className="row-of-things">
            <Link to={{ pathname: '/catalogue', search: saved.question }}>{saved.name}</Link>
            {saved.isShared ? (
              <span className="quiet">{saved.isMine ? t('search.shared') : t('search.sharedBy', { name: saved.by })}</span>
            ) : null}
            {saved.isMine ? (
              <Button size="small" aria-label={t('search.forgetOf', { name: saved.name })} onClick={() => forgetting.mutate(saved.id)}>
                {t('search.forget')}
              </Button>
            ) : null}
          </li>
        ))}
      </ul>
      <ProblemNote error={saving.error ?? forgetting.error} />
      {isNaming ? (
        <form className="row-of-things" onSubmit={save}>
          <Field name="search-name" label={t('search.name')} value={name} onChange={setName} required autoFocus />
          <label className="label-line">
            <input type="checkbox" checked={isShared} onChange={(event) => setIsShared(event.target.checked)} />
            {t('search.share')}
          </label>
          <Button type="submit" variant="outlined" disabled={name.trim() === '' || saving.isPending}>
            {t('search.save')}
          </Button>
        </form>
      ) : question === '' ? null : (
        <Button size="small" variant="outlined" onClick={() => setIsNaming(true)}>
          {t('search.saveThis')}
        </Button>
      )}
    </details>
  );
}
