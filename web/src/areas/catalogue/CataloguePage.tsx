import { useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { answered, api, type Schemas } from '../../api/client';
import { house as houseQuery } from '../../api/queries';
import { Lamp } from '../../ui/Lamp';
import { type Column, Lines } from '../../ui/Lines';
import { ListDetail } from '../../ui/ListDetail';
import { MoreButton } from '../../ui/MoreButton';
import { ProblemNote } from '../../ui/ProblemNote';
import { SearchBox } from '../../ui/SearchBox';
import { SpineTag } from '../../ui/SpineTag';
import { useFilters } from '../../ui/useFilters';
import { useLongList } from '../../ui/useLongList';
import { CatalogueTabs } from './CatalogueTabs';
import { RecordDetail } from './RecordDetail';
import { SavedSearches } from './search/SavedSearches';
import { SaveHits } from './search/SaveHits';

type RecordLine = Schemas['RecordLineView'];
const FIELDS = ['any', 'title', 'author', 'subject', 'isbn', 'callNumber', 'number', 'year'] as const;
const SORTS = ['relevance', 'title', 'newest'] as const;
const FACETS = ['format', 'branch', 'language', 'decade'] as const;
const FILTERS = [...FACETS, 'added'] as const;

function chosen<T extends string>(all: readonly T[], value: string, otherwise: T): T {
  return all.find((one) => one === value) ?? otherwise;
}

export default function CataloguePage() {
  const id = Number(useParams()['id'] ?? 0);
  return (
    <div className="area">
      <CatalogueTabs />
      <ListDetail showsDetail={id > 0} list={<RecordList selected={id} />} detail={<Chosen id={id} />} />
    </div>
  );
}

function Chosen({ id }: { id: number }) {
  const { t } = useTranslation();
  return id > 0 ? <RecordDetail key={id} id={id} /> : <p className="empty">{t('catalogue.choose')}</p>;
}

function RecordList({ selected }: { selected: number }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const filters = useFilters();
  const q = filters.get('q');
  const field = chosen(FIELDS, filters.get('in'), 'any');
  const sort = chosen(SORTS, filters.get('sort'), 'relevance');
  const filter = filters.only(FILTERS);
  const found = useLongList(
    ['records', q, field, sort, filter],
    (from: { after?: string }) => answered(api.GET('/api/records', { params: { query: { q, in: field, sort, filter, ...from } } })),
    (page) => page.records,
  );
  const { lines, first } = found;
  const { set } = filters;
  const search = useCallback((typed: string) => set({ q: typed }), [set]);
  const total =
    first === undefined ? '' : first.isAbout ? t('catalogue.about', { count: first.total }) : t('catalogue.total', { count: first.total });

  return (
    <>
      {selected > 0 ? null : <h1 className="unseen">{t('catalogue.title')}</h1>}
      <div className="list-search no-print">
        <SearchBox label={t('catalogue.search')} value={q} onSearch={search} />
        <select
          className="pick"
          aria-label={t('catalogue.in')}
          value={field}
          onChange={(event) => set({ in: event.target.value === 'any' ? '' : event.target.value })}
        >
          {FIELDS.map((name) => (
            <option key={name} value={name}>
              {t(`catalogue.fields.${name}`)}
            </option>
          ))}
        </select>
        <select
          className="pick"
          aria-label={t('catalogue.sort')}
          value={sort}
          onChange={(event) => set({ sort: event.target.value === 'relevance' ? '' : event.target.value })}
        >
          {SORTS.map((name) => (
            <option key={name} value={name}>
              {t(`catalogue.sorts.${name}`)}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="chip"
          aria-pressed={filter['added'] !== undefined}
          onClick={() => set({ added: filter['added'] === undefined ? firstOfMonth(new Date()) : '' })}
        >
          {t('search.newThisMonth')}
        </button>
      </div>
      <SavedSearches question={filters.text} />
      <Facets facets={first?.facets ?? []} filter={filter} onNarrow={set} />
      <ProblemNote error={found.error} />
      <Lines
        name="titles"
        label={t('catalogue.title')}
        columns={useColumns()}
        lines={lines}
        keyOf={(line) => line.id}
        selected={selected}
        onOpen={(line) => void navigate({ pathname: `/catalogue/${line.id}`, search: filters.text })}
        summary={total}
      />
      {first !== undefined && lines.length === 0 ? (
        <p className="empty">
          {first.didYouMean === null ? (
            t('catalogue.nothing')
          ) : (
            <>
              {t('search.didYouMean')}{' '}
              <button type="button" className="as-link" onClick={() => set({ q: first.didYouMean ?? '' })}>
                {first.didYouMean}
              </button>
              ?
            </>
          )}
        </p>
      ) : null}
      {lines.length > 0 ? (
        <SaveHits
          query={{ q, in: field, sort, ...Object.fromEntries(Object.entries(filter).map(([name, value]) => [`filter[${name}]`, value])) }}
        />
      ) : null}
      <MoreButton list={found.list} />
    </>
  );
}

function firstOfMonth(today: Date): string {
  return `${today.getFullYear()}-${String(today.getMonth() + 1).padStart(2, '0')}-01`;
}

interface FacetsProps {
  facets: Schemas['FacetView'][];
  filter: Record<string, string | undefined>;
  onNarrow: (change: Record<string, string>) => void;
}

/** What a search can be narrowed by, with counts; what it is narrowed to can be taken off again. */
function Facets({ facets, filter, onNarrow }: FacetsProps) {
  const { t } = useTranslation();
  const branches = useQuery(houseQuery).data?.branches ?? [];
  const nameOf = (facet: string, value: string): string => {
    if (facet === 'format') return t(`formats.${value}` as 'formats.book');
    if (facet === 'branch') return branches.find((branch) => branch.code === value)?.name ?? value;
    if (facet === 'decade') return t('catalogue.decade', { decade: value });
    return new Intl.DisplayNames('en', { type: 'language', fallback: 'code' }).of(value) ?? value;
  };
  return (
    <div className="facets no-print">
      {FACETS.map((name) => {
        const value = filter[name] ?? '';
        if (value !== '') {
          return (
            <button
              key={name}
              type="button"
              className="chip"
              aria-label={t('catalogue.narrowed', { what: nameOf(name, value) })}
              onClick={() => onNarrow({ [name]: '' })}
            >
              {nameOf(name, value)} ✕
            </button>
          );
        }
        const values = facets.filter((facet) => facet.name === name);
        return values.length < 2 ? null : (
          <select
            key={name}
            className="pick"
            aria-label={t(`catalogue.facets.${name}`)}
            value=""
            onChange={(event) => onNarrow({ [name]: event.target.value })}
          >
            <option value="">{t(`catalogue.facets.${name}`)}</option>
            {values.map((facet) => (
              <option key={facet.value} value={facet.value}>
                {nameOf(name, facet.value)} ({facet.count})
              </option>
            ))}
          </select>
        );
      })}
    </div>
  );
}

function useColumns(): Column<RecordLine>[] {
  const { t } = useTranslation();
  return [
    {
      key: 'title',
      label: t('catalogue.columns.title'),
      cell: (line) => (
        <>
          <span className="work">{line.title}</span>
          {line.author === '' ? null : <span className="change">{line.author}</span>}
        </>
      ),
      text: (line) => `${line.title}${line.author === '' ? '' : ` / ${line.author}`}`,
    },
    { key: 'year', label: t('catalogue.columns.year'), cell: (line) => line.year, text: (line) => String(line.year ?? ''), isNumber: true },
    {
      key: 'callNumber',
      label: t('catalogue.columns.callNumber'),
      cell: (line) => <SpineTag callNumber={line.availability.callNumber} />,
      text: (line) => line.availability.callNumber,
    },
    {
      key: 'availability',
      label: t('catalogue.columns.availability'),
      cell: (line) => (
        <Lamp
          isLit={line.availability.in > 0}
          words={line.availability.items === 0 ? t('catalogue.noItems') : t('catalogue.in_count', { ...line.availability })}
        />
      ),
      text: (line) => `${line.availability.in}/${line.availability.items}`,
    },
  ];
}
