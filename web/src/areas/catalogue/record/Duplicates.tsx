import { Button } from '@mui/material';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../../api/client';
import { LikenessParts } from '../../../ui/LikenessParts';
import { SideBySide } from '../../../ui/SideBySide';

interface Props {
  duplicate: Schemas['DuplicateView'];
  onReplace: () => void;
  onKeepBoth: () => void;
}

/** The record that the catalogue has of the same title, beside the new one, and what can be done. */
export function Duplicates({ duplicate, onReplace, onKeepBoth }: Props) {
  const { t } = useTranslation();
  return (
    <section className="sheet is-waiting" aria-label={t('record.duplicate')} role="alert">
      <h2>{t('record.duplicate')}</h2>
      <p>
        {t('files.matched', { on: t(`files.matchedOn.${duplicate.on}` as 'files.matchedOn.isbn'), record: duplicate.record })}{' '}
        <span className="work">{duplicate.title}</span>
      </p>
      <LikenessParts parts={duplicate.likeness} score={duplicate.score} />
      <div className="row-of-things">
        <Button component={Link} variant="contained" to={`/catalogue/${duplicate.record}?add=item`}>
          {t('record.addItemsToIt')}
        </Button>
        <Button component={Link} variant="outlined" to={`/catalogue/${duplicate.record}`}>
          {t('record.openIt')}
        </Button>
        <Button variant="outlined" onClick={onReplace}>
          {t('record.replaceIt')}
        </Button>
        <Button variant="outlined" onClick={onKeepBoth}>
          {t('record.keepBoth')}
        </Button>
      </div>
      <SideBySide left={t('files.ours')} right={t('record.mine')} pairs={duplicate.pairs} />
    </section>
  );
}
