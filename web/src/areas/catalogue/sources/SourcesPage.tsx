import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import type { Schemas } from '../../../api/client';
import { ownHits, sharing, sources as sourcesQuery } from '../../../api/queries';
import { exactTime } from '../../../i18n/dates';
import { takesScans } from '../../../shell/scanTarget';
import { withArrowKeys } from '../../../ui/arrowKeys';
import { ListDetail } from '../../../ui/ListDetail';
import { ProblemNote } from '../../../ui/ProblemNote';
import { useFilters } from '../../../ui/useFilters';
import { CatalogueTabs } from '../CatalogueTabs';
import { askedBy, type AskedBy, BY } from './lookedFor';
import { SourceHits } from './SourceHits';
import { TakeOver } from './TakeOver';

export type Hit = Schemas['SourceHitView'];

/** The own catalogue first, then all outside catalogues at once; each is shown as it answers. */
export default function SourcesPage() {
  const { t } = useTranslation();
  const filters = useFilters();
  const by = BY.find((one) => one === filters.get('by')) ?? 'itself';
  const q = filters.get('q');
  const asked = askedBy(by, q);
  const [typed, setTyped] = useState(q);
  const [chosen, setChosen] = useState<Hit | null>(null);
  const sources = useQuery(sourcesQuery);
  return (
    <div className="area">
      <CatalogueTabs />
      <ListDetail
        showsDetail={chosen !== null}
        list={
          <>
            {chosen === null ? <h1 className="unseen">{t('sources.title')}</h1> : null}
            <form
              className="list-search"
              role="search"
              aria-label={t('sources.title')}
              onSubmit={(event) => {
                event.preventDefault();
                setChosen(null);
                filters.set({ q: typed.trim(), by });
              }}
            >
              <select
                className="pick"
                aria-label={t('sources.by')}
                value={by}
                onChange={(event) => filters.set({ by: event.target.value, q: '' })}
              >
                {BY.map((one) => (
                  <option key={one} value={one}>
                    {t(`sources.bys.${one}`)}
                  </option>
                ))}
              </select>
              <div className="search-box">
                <input
                  type="search"
                  aria-label={t(`sources.bys.${by}`)}
                  placeholder={t(`sources.bys.${by}`)}
                  value={typed}
                  onChange={(event) => setTyped(event.target.value)}
                  autoComplete="off"
                  autoFocus
                  {...takesScans('send')}
                />
              </div>
              <Button type="submit" variant={chosen === null ? 'contained' : 'outlined'} disabled={typed.trim() === ''}>
                {t('sources.ask')}
              </Button>
            </form>
            <ProblemNote error={sources.error} />
            {q === '' ? (
              <>
                <p className="empty">{t('sources.hint')}</p>
                <Harvested />
              </>
            ) : null}
            {q === '' ? null : (
              <div onKeyDown={withArrowKeys}>
                <Own by={asked} q={q} />
                {sources.data?.map((source) => (
                  <SourceHits key={source.code} source={source} by={asked} q={q} chosen={chosen} onChoose={setChosen} />
                ))}
              </div>
            )}
          </>
        }
        detail={
          chosen === null ? (
            <p className="empty">{t('sources.choose')}</p>
          ) : (
            <TakeOver key={chosen.text} hit={chosen} onClose={() => setChosen(null)} />
          )
        }
      />
    </div>
  );
}

/** When the union catalogue was last told what we hold. */
function Harvested() {
  const { t } = useTranslation();
  const { data } = useQuery(sharing);
  if (data === undefined) return null;
  return (
    <p className="quiet harvested">
      {data.harvestedAt === null ? t('sources.neverHarvested') : t('sources.harvested', { when: exactTime(data.harvestedAt) })}{' '}
      {t('sources.notTold', { count: data.changed })}
    </p>
  );
}

function Own({ by, q }: { by: AskedBy; q: string }) {
  const { t } = useTranslation();
  const { data } = useQuery(ownHits(by, q));
  return (
    <section className="source">
      <h2>
        {t('sources.own')}{' '}
        <span className="quiet">{data === undefined ? t('sources.asking') : t('catalogue.total', { count: data.total })}</span>
      </h2>
      <ul>
        {data?.records.map((record) => (
          <li key={record.id}>
            <Link to={`/catalogue/${record.id}`} className="work">
              {record.title}
            </Link>{' '}
            <span className="quiet">
              {record.author} {record.year ?? ''}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
