import { useCallback, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, type Schemas } from '../../../api/client';
import { withArrowKeys } from '../../../ui/arrowKeys';
import { BothWays } from '../../../ui/BothWays';
import { ListDetail } from '../../../ui/ListDetail';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SearchBox } from '../../../ui/SearchBox';
import { useBothWays } from '../../../ui/useBothWays';
import { useFilters } from '../../../ui/useFilters';
import { CatalogueTabs } from '../CatalogueTabs';
import { ChangeHeading } from './ChangeHeading';

type Heading = Schemas['HeadingView'];
const KINDS = ['s', 'n', 'g', 't'] as const;

/** The headings of the own catalogue in their order, from where somebody begins to type; one can be changed everywhere. */
export default function HeadingsPage() {
  const { t } = useTranslation();
  const filters = useFilters();
  const kind = KINDS.find((one) => one === filters.get('kind')) ?? 's';
  const q = filters.get('q');
  const [chosen, setChosen] = useState<Heading | null>(null);
  const found = useBothWays(
    ['headings', 'around', kind, q],
    (place) => answered(api.GET('/api/headings/around', { params: { query: { kind, q, ...place } } })),
    (page) => page.headings,
  );
  const { set } = filters;
  const search = useCallback((typed: string) => set({ q: typed }), [set]);
  return (
    <div className="area">
      <CatalogueTabs />
      <ListDetail
        showsDetail={chosen !== null}
        list={
          <>
            {chosen === null ? <h1 className="unseen">{t('headings.title')}</h1> : null}
            <div className="list-search">
              <select
                className="pick"
                aria-label={t('headings.kind')}
                value={kind}
                onChange={(event) => {
                  setChosen(null);
                  set({ kind: event.target.value });
                }}
              >
                {KINDS.map((one) => (
                  <option key={one} value={one}>
                    {t(`headings.kinds.${one}`)}
                  </option>
                ))}
              </select>
              <SearchBox label={t('headings.from')} value={q} onSearch={search} />
            </div>
            <ProblemNote error={found.error} />
            {found.first !== undefined && found.lines.length === 0 ? <p className="empty">{t('headings.none')}</p> : null}
            <BothWays list={found.list}>
              <ul className="heading-list" onKeyDown={withArrowKeys}>
                {found.lines.map((heading) => (
                  <li
                    key={heading.written}
                    {...(heading.written === found.here?.written ? { className: 'is-lit', 'aria-current': true } : {})}
                  >
                    <button
                      type="button"
                      className="source-hit"
                      aria-pressed={chosen?.written === heading.written}
                      onClick={() => setChosen(heading)}
                    >
                      <span>{heading.text}</span>
                      <span className="quiet">{t('record.inRecords', { count: heading.records })}</span>
                    </button>
                  </li>
                ))}
              </ul>
            </BothWays>
          </>
        }
        detail={
          chosen === null ? (
            <p className="empty">{t('headings.choose')}</p>
          ) : (
            <ChangeHeading key={chosen.written} heading={chosen} onDone={() => setChosen(null)} />
          )
        }
      />
    </div>
  );
}
