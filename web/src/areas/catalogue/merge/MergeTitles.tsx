import { Button } from '@mui/material';
import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { recordText } from '../../../api/queries';
import { ProblemNote } from '../../../ui/ProblemNote';
import { TitlePicker } from '../TitlePicker';
import { MergeChoice } from './MergeChoice';

/** Merging begins with finding the other record of the same title. */
export function MergeTitles({ recordId, onClose }: { recordId: number; onClose: () => void }) {
  const { t } = useTranslation();
  const [other, setOther] = useState<number | null>(null);
  const mine = useQuery(recordText(recordId));
  const theirs = useQuery({ ...recordText(other ?? 0), enabled: other !== null });
  return (
    <section className="sheet panel no-print" aria-label={t('merge.title')}>
      <h2>{t('merge.title')}</h2>
      <ProblemNote error={mine.error ?? theirs.error} />
      {other === null ? (
        <>
          <p className="quiet">{t('merge.hint')}</p>
          <TitlePicker label={t('merge.find')} not={recordId} onChoose={(line) => setOther(line.id)} />
          <Button onClick={onClose}>{t('common.cancel')}</Button>
        </>
      ) : mine.data === undefined || theirs.data === undefined ? (
        <p className="quiet">{t('common.loading')}</p>
      ) : (
        <MergeChoice one={mine.data} two={theirs.data} onClose={onClose} />
      )}
    </section>
  );
}
