import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { itemsOfRecord, me, record as recordQuery } from '../../api/queries';
import { shortDay } from '../../i18n/dates';
import { History } from '../../ui/History';
import { Lamp } from '../../ui/Lamp';
import { ProblemNote } from '../../ui/ProblemNote';
import { SpineTag } from '../../ui/SpineTag';
import { CopiesForm } from './CopiesForm';
import { ItemForm } from './ItemForm';
import { Versions } from './record/Versions';

/** One title: a readable card or its MARC, and its items. */
export function RecordDetail({ id }: { id: number }) {
  const { t } = useTranslation();
  const location = useLocation();
  const { data: record, error } = useQuery(recordQuery(id));
  const [showsMarc, setShowsMarc] = useState(false);
  const mayEdit = useQuery(me).data?.permissions.includes('catalogue.edit') ?? false;
  if (record === undefined) return error === null ? <p className="quiet">{t('common.loading')}</p> : <ProblemNote error={error} />;
  return (
    <article>
      <Link className="detail-back" to={{ pathname: '/catalogue', search: location.search }}>
        ← {t('common.back')}
      </Link>
      <div className="detail-head">
        <div>
          <h1 className="work">{record.title === '' ? `#${record.id}` : record.title}</h1>
          <p className="quiet">{[record.author, record.year].filter(Boolean).join(' · ')}</p>
        </div>
        {mayEdit ? (
          <Button component={Link} variant="outlined" className="no-print" to={`/catalogue/${id}/edit`}>
            {t('record.editIt')}
          </Button>
        ) : null}
        <div className="switch-view no-print">
          <button type="button" aria-pressed={!showsMarc} onClick={() => setShowsMarc(false)}>
            {t('catalogue.card')}
          </button>
          <button type="button" aria-pressed={showsMarc} onClick={() => setShowsMarc(true)}>
            {t('catalogue.marc')}
          </button>
        </div>
      </div>
      <Items recordId={id} />
      <section className="section">{showsMarc ? <Marc lines={record.marc} /> : <Card record={record} />}</section>
      <Versions recordId={id} mayEdit={mayEdit} />
    </article>
  );
}

function Card({ record }: { record: Schemas['RecordView'] }) {
  const { t } = useTranslation();
  const facts: [string, string][] = [
    [t('catalogue.edition'), record.edition],
    [t('catalogue.published'), record.published],
    [t('catalogue.extent'), record.extent],
    [t('catalogue.isbn'), record.isbns.join(', ')],
    [t('catalogue.subjects'), record.subjects.join('\n')],
    [t('catalogue.notes'), record.notes.join('\n')],
  ];
  return (
    <dl className="facts">
      {facts.map(([name, value]) =>
        value === '' ? null : (
          <div key={name} style={{ display: 'contents' }}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </div>
        ),
      )}
    </dl>
  );
}

function Marc({ lines }: { lines: Schemas['MarcLineView'][] }) {
  return (
    <table className="marc" aria-label="MARC">
      <tbody>
        {lines.map((line, index) => (
          <tr key={index}>
            <th scope="row" className="code">
              {line.tag}
            </th>
            <td>{line.indicators}</td>
            <td>
              {line.text.split(/(?<!\\)(\$.)/).map((part, place) =>
                place % 2 === 1 ? (
                  <span className="code" key={place}>
                    {place > 1 ? ' ' : ''}
                    {part}{' '}
                  </span>
                ) : (
                  part.replaceAll('\\$', '$').replaceAll('\\\\', '\\')
                ),
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Items({ recordId }: { recordId: number }) {
  const { t } = useTranslation();
  const items = useQuery(itemsOfRecord(recordId));
  const mayEdit = useQuery(me).data?.permissions.includes('items.edit') ?? false;
  const [search] = useSearchParams();
  const [edited, setEdited] = useState<number | 'new' | 'copies' | null>(mayEdit && search.get('add') === 'item' ? 'new' : null);
  const close = () => setEdited(null);
  return (
    <section className="section" aria-label={t('catalogue.items')}>
      <div className="row-of-things">
        <h2>{t('catalogue.items')}</h2>
        {mayEdit && edited === null ? (
          <Button variant="outlined" onClick={() => setEdited('new')}>
            {t('catalogue.addItem')}
          </Button>
        ) : null}
        {mayEdit && edited === null ? (
          <Button variant="outlined" onClick={() => setEdited('copies')}>
            {t('copies.title')}
          </Button>
        ) : null}
      </div>
      <ProblemNote error={items.error} />
      {edited === 'new' ? <ItemForm recordId={recordId} item={null} like={items.data?.[0] ?? null} onClose={close} /> : null}
      {edited === 'copies' ? <CopiesForm recordId={recordId} like={items.data?.[0] ?? null} onClose={close} /> : null}
      {items.data?.length === 0 && edited === null ? <p className="quiet">{t('catalogue.noItemsYet')}</p> : null}
      <ul>
        {items.data?.map((item) => (
          <li key={item.id}>
            {edited === item.id ? (
              <ItemForm recordId={recordId} item={item} like={null} onClose={close} />
            ) : (
              <ItemLine item={item} onEdit={mayEdit ? () => setEdited(item.id) : null} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function ItemLine({ item, onEdit }: { item: Schemas['ItemView']; onEdit: (() => void) | null }) {
  const { t } = useTranslation();
  const mayViewJournal = useQuery(me).data?.permissions.includes('journal.view') ?? false;
  const state = [
    t(`status.${item.status}`),
    item.dueAt === null ? null : t('catalogue.dueOn', { date: shortDay(item.dueAt) }),
    item.atBranch === item.branch ? null : t('catalogue.atBranch', { branch: item.atBranch }),
  ];
  return (
    <div className="item-line">
      <div className="about">
        <span className="row-of-things">
          <SpineTag callNumber={`${item.prefix} ${item.callNumber} ${item.suffix}`.trim()} />
          <span className="mono">{item.barcode}</span>
          {item.copy === '' ? null : (
            <span className="quiet">
              {t('item.copy')} {item.copy}
            </span>
          )}
        </span>
        <span className="quiet">
          {item.branch} · {item.locationName} · {item.lendingClassName}
          {item.staffNote === '' ? '' : ` · ${item.staffNote}`}
        </span>
        {mayViewJournal ? <History subject={`item:${item.id}`} /> : null}
      </div>
      <Lamp isLit={item.status === 'available'} words={state.filter((part) => part !== null).join(', ')} />
      {onEdit === null ? null : (
        <Button aria-label={t('catalogue.editItem', { barcode: item.barcode })} onClick={onEdit}>
          {t('common.edit')}
        </Button>
      )}
    </div>
  );
}
