import { Divider, Menu, MenuItem } from '@mui/material';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { setPreference, usePreference } from '../ui/preferences';

interface Props {
  me: Schemas['MeView'];
  onKeys: () => void;
  onSignOut: () => void;
}

/** Who is signed in and where; what a person sets for themselves. */
export function WhoMenu({ me, onKeys, onSignOut }: Props) {
  const { t } = useTranslation();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const isNight = usePreference('theme') === 'night';
  const isOn = usePreference('sounds') === 'on';
  const isRoomy = usePreference('rows') === 'roomy';
  const then = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  return (
    <>
      <button type="button" className="who" aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        <span className="name">{me.name}</span>
        <small>{t('bar.at', { branch: me.branchName, desk: me.desk })}</small>
      </button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)} aria-label={t('bar.menu')}>
        <MenuItem onClick={then(() => setPreference('theme', isNight ? 'day' : 'night'))}>
          {t('bar.theme')}: {t(isNight ? 'bar.night' : 'bar.day')}
        </MenuItem>
        <MenuItem onClick={then(() => setPreference('sounds', isOn ? 'off' : 'on'))}>
          {t('bar.sounds')}: {t(isOn ? 'bar.on' : 'bar.off')}
        </MenuItem>
        <MenuItem onClick={then(() => setPreference('rows', isRoomy ? 'dense' : 'roomy'))}>
          {t('bar.rows')}: {t(isRoomy ? 'bar.roomy' : 'bar.dense')}
        </MenuItem>
        <MenuItem onClick={then(onKeys)}>{t('bar.keys')} (?)</MenuItem>
        <Divider />
        <MenuItem onClick={then(onSignOut)}>{t('signIn.out')}</MenuItem>
      </Menu>
    </>
  );
}
