import { useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { answered, api, type Schemas } from '../../../api/client';
import { house as houseQuery } from '../../../api/queries';
import { withArrowKeys } from '../../../ui/arrowKeys';
import { BothWays } from '../../../ui/BothWays';
import { Lamp } from '../../../ui/Lamp';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SearchBox } from '../../../ui/SearchBox';
import { SpineTag } from '../../../ui/SpineTag';
import { useBothWays } from '../../../ui/useBothWays';
import { useFilters } from '../../../ui/useFilters';
import { CatalogueTabs } from '../CatalogueTabs';

/** Along a shelf, in its true order: what stands beside a call number or a piece, in both directions. */
export default function ShelfPage() {
  const { t } = useTranslation();
  const filters = useFilters();
  const { data: house } = useQuery(houseQuery);
  const item = Number(filters.get('item') || 0);
  const callNumber = filters.get('q');
  const branch = filters.get('branch');
  const location = filters.get('location');
  const shelf = useBothWays(
    ['shelf', callNumber, item, location, branch],
    (place) => answered(api.GET('/api/shelf', { params: { query: { callNumber, item, location, branch, ...place } } })),
    (page) => page.items,
  );
  const { set } = filters;
  const search = useCallback((typed: string) => set({ q: typed, item: '' }), [set]);
  return (
    <div className="area">
      <CatalogueTabs />
      <div className="shelf-page">
        <h1>{t('shelf.title')}</h1>
        <div className="list-search no-print">
          <SearchBox label={t('shelf.from')} value={callNumber} onSearch={search} />
          <select
            className="pick"
            aria-label={t('item.location')}
            value={shelf.first?.location ?? location}
            onChange={(event) => set({ location: event.target.value, item: '' })}
          >
            {house?.locations.map((one) => (
              <option key={one.code} value={one.code}>
                {one.name}
              </option>
            ))}
          </select>
          <select className="pick" aria-label={t('item.branch')} value={branch} onChange={(event) => set({ branch: event.target.value })}>
            <option value="">{t('shelf.allBranches')}</option>
            {house?.branches.map((one) => (
              <option key={one.code} value={one.code}>
                {one.name}
              </option>
            ))}
          </select>
        </div>
        <ProblemNote error={shelf.error} />
        {shelf.first !== undefined && shelf.lines.length === 0 ? <p className="empty">{t('shelf.none')}</p> : null}
        <BothWays list={shelf.list}>
          <ol className="shelf sheet" onKeyDown={withArrowKeys}>
            {shelf.lines.map((one) => (
              <li
                key={one.id}
                className={one.id === shelf.here?.id ? 'is-lit' : ''}
                {...(one.id === shelf.here?.id ? { 'aria-current': true } : {})}
              >
                <Spine item={one} />
              </li>
            ))}
          </ol>
        </BothWays>
      </div>
    </div>
  );
}

function Spine({ item }: { item: Schemas['ShelfItemView'] }) {
  const { t } = useTranslation();
  return (
    <>
      <SpineTag callNumber={item.callNumber} />
      <span className="about">
        <Link className="work" to={`/catalogue/${item.recordId}`}>
          {item.title}
        </Link>
        <span className="quiet">{[item.author, item.year].filter(Boolean).join(' · ')}</span>
      </span>
      <span className="quiet">{item.branch}</span>
      <Lamp isLit={item.status === 'available'} words={t(`status.${item.status}`)} />
    </>
  );
}
