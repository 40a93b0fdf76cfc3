import { Button } from '@mui/material';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { CompareForm } from './CompareForm';
import { FileAct } from './FileAct';
import { TakeInForm } from './TakeInForm';

/** A file that was compared: it is taken in, compared once more in another way, or put away. */
export function FileCompared({ intake }: { intake: Schemas['IntakeView'] }) {
  const { t } = useTranslation();
  const [isAnew, setIsAnew] = useState(false);
  if (isAnew) {
    return (
      <CompareForm intake={intake} hint={t('files.anewHint')}>
        <Button variant="outlined" onClick={() => setIsAnew(false)}>
          {t('files.stay')}
        </Button>
      </CompareForm>
    );
  }
  return (
    <TakeInForm intake={intake} hint={intake.comeSince > 0 ? t('files.comeSince', { count: intake.comeSince }) : undefined}>
      <Button variant="outlined" onClick={() => setIsAnew(true)}>
        {t('files.anew')}
      </Button>
      <FileAct intake={intake} act="putting-away" />
    </TakeInForm>
  );
}
