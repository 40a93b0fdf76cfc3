import { Button } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { answered, api, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { ProblemNote } from '../../../ui/ProblemNote';
import { TakeBackButton } from '../../../ui/TakeBackButton';
import { TitlePicker } from '../TitlePicker';

interface Props {
  recordId: number;
  items: number[];
  onClose: () => void;
}

/** Moves the chosen items to another title. */
export function MoveItems({ recordId, items, onClose }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const [to, setTo] = useState<Schemas['RecordLineView'] | null>(null);
  const moving = useMutation({
    mutationFn: (target: number) =>
      answered(
        api.POST('/api/records/{recordId}/moved-items', {
          params: { path: { recordId: target } },
          body: { id: newActId(), items },
          signal: inTime(),
        }),
      ),
    onSuccess: () => void client.invalidateQueries(),
  });
  const done = moving.data;
  return (
    <div className="sheet panel" role="group" aria-label={t('move.title')}>
      {done === undefined ? (
        <>
          <p>{items.length === 0 ? t('move.choose') : t('move.chosen', { count: items.length })}</p>
          {to === null ? (
            <TitlePicker label={t('move.to')} not={recordId} onChoose={setTo} />
          ) : (
            <p>
              {t('move.toThis')} <span className="work">{to.title}</span> <span className="quiet">{to.author}</span>
            </p>
          )}
          <ProblemNote error={moving.error} />
          <div className="row-of-things">
            <Button
              variant="contained"
              disabled={to === null || items.length === 0 || moving.isPending}
              onClick={() => (to === null ? undefined : moving.mutate(to.id))}
            >
              {t('move.do', { count: items.length })}
            </Button>
            <Button onClick={onClose}>{t('common.cancel')}</Button>
          </div>
        </>
      ) : (
        <div className="row-of-things" role="status">
          <span>{t('move.done', { count: done.count })}</span>
          <Link to={`/catalogue/${done.recordId}`}>{t('files.openRecord')}</Link>
          {done.journalEntry === null ? null : <TakeBackButton entry={done.journalEntry} what={t('move.title')} onDone={onClose} />}
          <Button onClick={onClose}>{t('common.close')}</Button>
        </div>
      )}
    </div>
  );
}
