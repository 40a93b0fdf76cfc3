import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { answered, api, type Schemas } from '../../api/client';
import { house as houseQuery, me } from '../../api/queries';
import { shortDay } from '../../i18n/dates';
import { type Column, Lines } from '../../ui/Lines';
import { ListDetail } from '../../ui/ListDetail';
import { MoreButton } from '../../ui/MoreButton';
import { ProblemNote } from '../../ui/ProblemNote';
import { SearchBox } from '../../ui/SearchBox';
import { useFilters } from '../../ui/useFilters';
import { useLongList } from '../../ui/useLongList';
import { PatronDetail } from './PatronDetail';
import { PatronForm } from './PatronForm';

type PatronLine = Schemas['PatronLineView'];

export default function PatronsPage() {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const id = Number(useParams()['id'] ?? 0);
  const [isRegistering, setIsRegistering] = useState(false);
  const detail = isRegistering ? (
    <>
      <h1>{t('patrons.add')}</h1>
      <PatronForm
        patron={null}
        onClose={() => setIsRegistering(false)}
        onSaved={(saved) => {
          setIsRegistering(false);
          void navigate(`/patrons/${saved.id}`);
        }}
      />
    </>
  ) : id > 0 ? (
    <PatronDetail key={id} id={id} />
  ) : (
    <p className="empty">{t('patrons.choose')}</p>
  );
  return (
    <ListDetail
      showsDetail={id > 0 || isRegistering}
      list={
        <PatronList
          showsDetail={id > 0 || isRegistering}
          selected={id}
          onRegister={() => setIsRegistering(true)}
          onOpened={() => setIsRegistering(false)}
        />
      }
      detail={detail}
    />
  );
}

function PatronList({
  selected,
  showsDetail,
  onRegister,
  onOpened,
}: {
  selected: number;
  showsDetail: boolean;
  onRegister: () => void;
  onOpened: () => void;
}) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const filters = useFilters();
  const mayEdit = useQuery(me).data?.permissions.includes('patrons.edit') ?? false;
  const house = useQuery(houseQuery).data;
  const q = filters.get('q');
  const filter = filters.only(['membership', 'branch']);
  const found = useLongList(
    ['patrons', q, filter],
    (from: { after?: string }) => answered(api.GET('/api/patrons', { params: { query: { q, filter, ...from } } })),
    (page) => page.patrons,
  );
  const { lines } = found;
  const { set } = filters;
  const search = useCallback((typed: string) => set({ q: typed }), [set]);
  const columns: Column<PatronLine>[] = [
    {
      key: 'name',
      label: t('patrons.columns.name'),
      cell: (line) => `${line.familyName}, ${line.givenName}`,
      text: (line) => `${line.familyName}, ${line.givenName}`,
    },
    {
      key: 'card',
      label: t('patrons.columns.card'),
      cell: (line) => <span className="mono">{line.cardNumber}</span>,
      text: (line) => line.cardNumber,
    },
    { key: 'membership', label: t('patrons.columns.membership'), cell: (line) => line.membershipName, text: (line) => line.membershipName },
    { key: 'branch', label: t('patrons.columns.branch'), cell: (line) => line.branch, text: (line) => line.branch },
    { key: 'expires', label: t('patrons.columns.expires'), cell: (line) => shortDay(line.expiresOn), text: (line) => line.expiresOn },
  ];
  const pick = (name: 'membership' | 'branch', entries: { code: string; name: string }[]) => (
    <select
      className="pick"
      aria-label={t(`patrons.columns.${name}`)}
      value={filters.get(name)}
      onChange={(event) => set({ [name]: event.target.value })}
    >
      <option value="">
        {t(`patrons.columns.${name}`)}: {t('common.any')}
      </option>
      {entries.map((entry) => (
        <option key={entry.code} value={entry.code}>
          {entry.name}
        </option>
      ))}
    </select>
  );
  return (
    <>
      {showsDetail ? null : <h1 className="unseen">{t('patrons.title')}</h1>}
      <div className="list-search no-print">
        <SearchBox label={t('patrons.search')} value={q} onSearch={search} />
        {pick('membership', house?.memberships ?? [])}
        {pick('branch', house?.branches ?? [])}
        {mayEdit ? (
          <Button variant="outlined" onClick={onRegister}>
            {t('patrons.add')}
          </Button>
        ) : null}
      </div>
      <ProblemNote error={found.error} />
      <Lines
        name="patrons"
        label={t('patrons.title')}
        columns={columns}
        lines={lines}
        keyOf={(line) => line.id}
        selected={selected}
        onOpen={(line) => {
          onOpened();
          void navigate({ pathname: `/patrons/${line.id}`, search: filters.text });
        }}
      />
      {found.first !== undefined && lines.length === 0 ? <p className="empty">{t('patrons.nothing')}</p> : null}
      <MoreButton list={found.list} />
    </>
  );
}
