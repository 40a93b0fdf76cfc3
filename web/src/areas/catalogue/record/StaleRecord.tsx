import { Button } from '@mui/material';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { exactTime } from '../../../i18n/dates';
import { SideBySide } from '../../../ui/SideBySide';
import { beside } from '../../../ui/beside';

interface Props {
  current: Schemas['RecordTextView'];
  mine: string;
  onTakeTheirs: () => void;
  onKeepMine: () => void;
}

/** Somebody else has saved the record in the meantime: both, and which is to stay. */
export function StaleRecord({ current, mine, onTakeTheirs, onKeepMine }: Props) {
  const { t } = useTranslation();
  return (
    <section className="sheet is-waiting" role="alert" aria-label={t('record.stale')}>
      <h2>{t('record.stale')}</h2>
      <p>{t('record.staleBy', { name: current.madeBy, when: exactTime(current.madeAt) })}</p>
      <div className="row-of-things">
        <Button variant="contained" onClick={onTakeTheirs}>
          {t('record.takeTheirs')}
        </Button>
        <Button variant="outlined" onClick={onKeepMine}>
          {t('record.saveMine')}
        </Button>
      </div>
      <SideBySide left={t('record.theirs')} right={t('record.mine')} pairs={beside(current.text, mine)} />
    </section>
  );
}
