import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useLocation } from 'react-router';
import { me as meQuery } from '../../api/queries';

const TABS = [
  { key: 'titles', path: '/catalogue', here: /^\/catalogue(\/\d+(\/edit)?)?$/, permission: 'catalogue.view' },
  { key: 'headings', path: '/catalogue/headings', here: /^\/catalogue\/headings/, permission: 'catalogue.view' },
  { key: 'shelf', path: '/catalogue/shelf', here: /^\/catalogue\/shelf/, permission: 'catalogue.view' },
  { key: 'new', path: '/catalogue/new', here: /^\/catalogue\/new/, permission: 'catalogue.edit' },
  { key: 'sources', path: '/catalogue/sources', here: /^\/catalogue\/sources/, permission: 'catalogue.edit' },
  { key: 'files', path: '/catalogue/files', here: /^\/catalogue\/files/, permission: 'catalogue.take-in' },
  { key: 'labels', path: '/catalogue/labels', here: /^\/catalogue\/labels/, permission: 'items.edit' },
] as const;

/** The parts of the catalogue that this person may use. */
export function CatalogueTabs() {
  const { t } = useTranslation();
  const { pathname } = useLocation();
  const { data: me } = useQuery(meQuery);
  const tabs = TABS.filter((tab) => me?.permissions.includes(tab.permission));
  if (tabs.length < 2) return null;
  return (
    <nav className="tabs no-print" aria-label={t('tabs.label')}>
      {tabs.map((tab) => {
        const isHere = tab.here.test(pathname);
        return (
          <Link key={tab.key} to={tab.path} {...(isHere ? { className: 'is-here', 'aria-current': 'page' as const } : {})}>
            {t(`tabs.${tab.key}`)}
          </Link>
        );
      })}
    </nav>
  );
}
