import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { headingsAround } from '../../../api/queries';
import { ListDetail } from '../../../ui/ListDetail';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SearchBox } from '../../../ui/SearchBox';
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
  const { data, error } = useQuery({ ...headingsAround(kind, q), placeholderData: keepPreviousData });
  const { set } = filters;
  const search = useCallback((typed: string) => set({ q: typed }), [set]);
  const headings = data ?? [];
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
            <ProblemNote error={error} />
            {data !== undefined && headings.length === 0 ? <p className="empty">{t('headings.none')}</p> : null}
            <ul className="heading-list">
              {headings.map((heading) => (
                <li key={heading.written}>
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
