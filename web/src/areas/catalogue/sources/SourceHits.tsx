import { Button } from '@mui/material';
import { useTranslation } from 'react-i18next';
import { answered, api, type Schemas } from '../../../api/client';
import { MoreButton } from '../../../ui/MoreButton';
import { useLongList } from '../../../ui/useLongList';
import type { Hit } from './SourcesPage';

interface Props {
  source: Schemas['SourceView'];
  by: string;
  q: string;
  chosen: Hit | null;
  onChoose: (hit: Hit) => void;
}

/** One outside catalogue: what it is doing, what it has, or why it has failed. */
export function SourceHits({ source, by, q, chosen, onChoose }: Props) {
  const { t } = useTranslation();
  const found = useLongList(
    ['source-hits', source.code, by, q],
    (from: { after?: number }) =>
      answered(api.GET('/api/sources/{code}/hits', { params: { path: { code: source.code }, query: { by, q, ...from } } })),
    (page) => page.hits,
    true,
  );
  const { first: data, error } = found;
  const { isFetching, refetch } = found.list;
  const state = isFetching
    ? t('sources.asking')
    : data === undefined
      ? ''
      : `${t('catalogue.total', { count: data.total })} · ${t('sources.took', { seconds: (data.milliseconds / 1000).toFixed(1) })}`;
  return (
    <section className="source" aria-label={source.name} aria-busy={isFetching}>
      <h2>
        {source.name}{' '}
        <span className="quiet" role="status">
          {state}
        </span>
      </h2>
      {error !== null && !isFetching ? (
        <div className="note is-problem row-of-things">
          <span>{error.message}</span>
          <Button onClick={() => void refetch()}>{t('common.tryAgain')}</Button>
        </div>
      ) : null}
      {(data?.unreadable ?? 0) > 0 ? <p className="quiet">{t('sources.unreadable', { count: data?.unreadable ?? 0 })}</p> : null}
      <ul>
        {found.lines.map((hit, index) => (
          <li key={index}>
            <button type="button" className="source-hit" aria-pressed={chosen === hit} onClick={() => onChoose(hit)}>
              <span className="work">{hit.title}</span>
              <span className="quiet">
                {[hit.author, hit.edition, hit.published, t(`formats.${hit.format}` as 'formats.book')].filter(Boolean).join(' · ')}
              </span>
              {hit.own === null ? null : <b>{t('sources.held', { record: hit.own })}</b>}
            </button>
          </li>
        ))}
      </ul>
      <MoreButton list={found.list} />
    </section>
  );
}
