import { useQueryClient } from '@tanstack/react-query';
import { Suspense, useCallback, useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import { answered, api, type Schemas } from '../api/client';
import { me as meQuery } from '../api/queries';
import { DeskContext, theDesk, useDeskAtWork, useDeskView } from '../areas/desk/useDesk';
import { AREAS } from './areas';
import { KeysSheet } from './KeysSheet';
import { LanternBar } from './LanternBar';
import './shell.css';
import { useScanner } from './useScanner';
import { useShellKeys } from './useShellKeys';
import { WhoMenu } from './WhoMenu';

const onScan = (code: string) => theDesk().scan(code);

/** The housing around every screen: the Lantern bar, the rail, and the desk at work behind them. */
export function Shell({ me }: { me: Schemas['MeView'] }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const location = useLocation();
  const bar = useRef<HTMLInputElement>(null);
  const [showsKeys, setShowsKeys] = useState(false);
  const desk = useDeskView();
  const openKeys = useCallback(() => setShowsKeys(true), []);
  useScanner(onScan);
  useDeskAtWork();
  useShellKeys(bar, me.permissions, openKeys);
  const area = AREAS.find((one) => location.pathname.startsWith(one.path));
  useEffect(() => {
    document.title = area === undefined ? t('name') : t('common.pageTitle', { page: t(`areas.${area.key}`) });
  }, [area, t]);

  const signOut = async () => {
    await answered(api.DELETE('/api/sign-in'));
    theDesk().end();
    client.setQueryData(meQuery.queryKey, null);
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== meQuery.queryKey[0] });
  };
  const { lane, patron } = desk.lane;
  const waiting = desk.waiting.filter((entry) => entry.kind === 'scan').length;

  return (
    <DeskContext value={desk}>
      <div className="shell">
        <header className="bar app-chrome">
          <a className="skip" href="#work">
            {t('common.pages')}
          </a>
          <Link className="brand" to="/desk" aria-label={t('name')}>
            <img src="/lantern.svg" alt="" width="30" height="30" />
            <span>{t('name')}</span>
          </Link>
          <Link className="lit-lane" to="/desk">
            {patron === null ? t(`lanes.${lane}`) : `${t(`lanes.${lane}`)}: ${patron.name}`}
            <span className="unseen"> {t('lanes.isLit')}</span>
          </Link>
          <LanternBar input={bar} permissions={me.permissions} />
          <span className="spring" />
          <span className="waiting" role="status">
            {desk.isCutOff && waiting > 0 ? t('bar.waiting', { count: waiting }) : ''}
          </span>
          <WhoMenu me={me} onKeys={openKeys} onSignOut={() => void signOut()} />
        </header>
        <nav className="rail app-chrome" aria-label={t('common.pages')}>
          {AREAS.filter((one) => me.permissions.includes(one.permission)).map(({ key, path, digit, Icon }) => (
            <NavLink key={key} to={path} title={`Alt+${digit}`}>
              <Icon aria-hidden="true" />
              {t(`areas.${key}`)}
            </NavLink>
          ))}
        </nav>
        <main id="work" className="work-area" tabIndex={-1}>
          <Suspense fallback={<p className="empty">{t('common.loading')}</p>}>
            <Outlet />
          </Suspense>
        </main>
        <KeysSheet isOpen={showsKeys} onClose={() => setShowsKeys(false)} />
      </div>
    </DeskContext>
  );
}
