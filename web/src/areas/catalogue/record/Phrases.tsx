import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { phrases as phrasesQuery } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';

interface Props {
  tag: string;
  /** The subfields of the field as they are now. */
  present: string;
  onTake: (text: string) => void;
  onClose: () => void;
}

/** One's own short texts for a field: put in with Enter, kept from what stands there. */
export function Phrases({ tag, present, onTake, onClose }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { data } = useQuery(phrasesQuery);
  const own = (data ?? []).filter((phrase) => phrase.tag === tag);
  const first = useRef<HTMLDivElement>(null);
  const again = () => void client.invalidateQueries({ queryKey: phrasesQuery.queryKey });
  const keeping = useMutation({
    mutationFn: () => answered(api.POST('/api/phrases', { body: { id: newActId(), tag, text: present }, signal: inTime() })),
    onSuccess: again,
  });
  const forgetting = useMutation({
    mutationFn: (id: number) => answered(api.DELETE('/api/phrases/{id}', { params: { path: { id } }, signal: inTime() })),
    onSuccess: again,
  });
  useEffect(() => first.current?.querySelector('button')?.focus(), [data]);
  return (
    <div
      className="phrases"
      role="group"
      aria-label={t('phrases.title', { tag })}
      ref={first}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          event.stopPropagation();
          onClose();
        }
      }}
    >
      <b>{t('phrases.title', { tag })}</b>
      {data !== undefined && own.length === 0 ? <p className="quiet">{t('phrases.none')}</p> : null}
      <ul>
        {own.map((phrase) => (
          <li key={phrase.id} className="row-of-things">
            <button type="button" className="as-link mono" onClick={() => onTake(phrase.text)}>
              {phrase.text}
            </button>
            <Button size="small" aria-label={t('phrases.forgetOf', { text: phrase.text })} onClick={() => forgetting.mutate(phrase.id)}>
              {t('search.forget')}
            </Button>
          </li>
        ))}
      </ul>
      <ProblemNote error={keeping.error ?? forgetting.error} />
      <div className="row-of-things">
        {/\$./.test(present.replace(/\$.(?=\$|$)/g, '')) ? (
          <Button size="small" variant="outlined" onClick={() => keeping.mutate()} disabled={keeping.isPending}>
            {t('phrases.keep')}
          </Button>
        ) : null}
        <Button size="small" onClick={onClose}>
          {t('common.close')}
        </Button>
      </div>
    </div>
  );
}
