import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { answered, api, ApiProblem, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { me as meQuery } from '../../../api/queries';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SideBySide } from '../../../ui/SideBySide';

const SEARCHED: Record<string, string> = { n: 'author', s: 'subject', g: 'subject', t: 'title' };

interface Props {
  heading: Schemas['HeadingView'];
  onDone: () => void;
}

/** A heading, its titles, and what it is to become in all of them: shown first, then done, then still to be taken back. */
export function ChangeHeading({ heading, onDone }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const mayEdit = useQuery(meQuery).data?.permissions.includes('catalogue.edit') ?? false;
  const [to, setTo] = useState(heading.written);
  const body = () => ({ id: newActId(), kind: heading.kind as 'n', from: heading.written, to });
  const previewing = useMutation({ mutationFn: () => answered(api.POST('/api/heading-previews', { body: body(), signal: inTime() })) });
  const refresh = () => {
    void client.invalidateQueries({ queryKey: ['headings'] });
    void client.invalidateQueries({ queryKey: ['records'] });
    void client.invalidateQueries({ queryKey: ['journal'] });
  };
  const changing = useMutation({ mutationFn: () => answered(api.POST('/api/heading-changes', { body: body() })), onSuccess: refresh });
  const takingBack = useMutation({
    mutationFn: (entry: number) =>
      answered(
        api.POST('/api/journal-entries/{entry}/take-back', { params: { path: { entry } }, body: { id: newActId() }, signal: inTime() }),
      ),
    onSuccess: () => {
      refresh();
      onDone();
    },
  });
  const done = changing.data;
  const entry = done?.journalEntry ?? null;
  const problem = previewing.error ?? changing.error;
  return (
    <article>
      <button type="button" className="as-link detail-back" onClick={onDone}>
        ← {t('common.back')}
      </button>
      <h1>{heading.text}</h1>
      <p>
        <Link
          to={{
            pathname: '/catalogue',
            search: new URLSearchParams({ q: heading.text.replaceAll('·', ' '), in: SEARCHED[heading.kind] ?? 'any' }).toString(),
          }}
        >
          {t('record.inRecords', { count: heading.records })}
        </Link>
      </p>
      {mayEdit && done === undefined ? (
        <form
          className="sheet"
          onSubmit={(event) => {
            event.preventDefault();
            previewing.mutate();
          }}
        >
          <Field
            name="to"
            label={t('headings.to')}
            hint={t('headings.toHint')}
            value={to}
            onChange={(value) => {
              setTo(value);
              previewing.reset();
            }}
            error={problem instanceof ApiProblem ? (problem.fieldSentence('to') ?? problem.fieldSentence('from')) : undefined}
          />
          <ProblemNote error={problem instanceof ApiProblem && problem.problem.violations ? null : problem} />
          <div className="row-of-things">
            {previewing.data === undefined ? (
              <Button type="submit" variant="contained" disabled={to === heading.written || previewing.isPending}>
                {t('headings.preview')}
              </Button>
            ) : (
              <Button variant="contained" onClick={() => changing.mutate()} disabled={changing.isPending}>
                {t('headings.change', { count: previewing.data.records })}
              </Button>
            )}
          </div>
        </form>
      ) : null}
      {done === undefined ? null : (
        <p className="note is-lit row-of-things" role="status">
          {t('headings.done', { count: done.records })}
          {entry === null ? null : (
            <Button variant="outlined" onClick={() => takingBack.mutate(entry)} disabled={takingBack.isPending}>
              {t('desk.takeBack')}
            </Button>
          )}
        </p>
      )}
      <ProblemNote error={takingBack.error} />
      {done === undefined
        ? previewing.data?.examples.map((example) => (
            <section key={example.record} className="section">
              <h2 className="work">{example.title}</h2>
              <SideBySide left={t('record.now')} right={t('sources.becomes')} pairs={example.pairs} />
            </section>
          ))
        : null}
    </article>
  );
}
