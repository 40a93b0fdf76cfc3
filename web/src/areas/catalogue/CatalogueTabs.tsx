import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { NavLink } from 'react-router';
import { me as meQuery } from '../../api/queries';

const TABS = [
  { key: 'titles', path: '/catalogue', permission: 'catalogue.view' },
  { key: 'files', path: '/catalogue/files', permission: 'catalogue.take-in' },
] as const;

/** The parts of the catalogue that this person may use. */
export function CatalogueTabs() {
  const { t } = useTranslation();
  const { data: me } = useQuery(meQuery);
  const tabs = TABS.filter((tab) => me?.permissions.includes(tab.permission));
  if (tabs.length < 2) return null;
  return (
    <nav className="tabs no-print" aria-label={t('tabs.label')}>
      {tabs.map((tab) => (
        <NavLink
          key={tab.key}
          to={tab.path}
          end={tab.key !== 'titles'}
          className={({ isActive }) =>
            isActive && (tab.key !== 'titles' || /^\/catalogue(\/\d+)?$/.test(location.pathname)) ? 'is-here' : ''
          }
        >
          {t(`tabs.${tab.key}`)}
        </NavLink>
      ))}
    </nav>
  );
}
