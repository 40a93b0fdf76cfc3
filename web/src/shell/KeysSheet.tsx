import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useTranslation } from 'react-i18next';

/** The keys of the screen, on one sheet. */
export function KeysSheet({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const { t } = useTranslation();
  const keys: [string, string][] = [
    ['/', t('keys.bar')],
    ['Esc', t('keys.esc')],
    ['Alt + 1 … 9', t('keys.area')],
    ['Alt + R, L, O', t('keys.lanes')],
    ['z', t('keys.undo')],
    ['↑ ↓', t('keys.list')],
    ['Enter', t('keys.open')],
    ['?', t('keys.help')],
  ];
  return (
    <Dialog open={isOpen} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">{t('keys.title')}</DialogTitle>
      <DialogContent>
        <dl className="keys">
          {keys.map(([key, meaning]) => (
            <div key={key} style={{ display: 'contents' }}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{meaning}</dd>
            </div>
          ))}
        </dl>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('common.close')}</Button>
      </DialogActions>
    </Dialog>
  );
}
