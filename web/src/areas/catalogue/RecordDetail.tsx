import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { itemsOfRecord, me, record as recordQuery } from '../../api/queries';
import { TakeBackButton } from '../../ui/TakeBackButton';
import { Items } from './items/Items';
import { MergeTitles } from './merge/MergeTitles';
import { Versions } from './record/Versions';
import { GoneRecord } from './GoneRecord';
import { RemoveTitle } from './RemoveTitle';

/** One title: a readable card or its MARC, and its items. */
export function RecordDetail({ id }: { id: number }) {
  const { t } = useTranslation();
  const location = useLocation();
  const { data: record, error } = useQuery(recordQuery(id));
  const [showsMarc, setShowsMarc] = useState(false);
  const [isMerging, setIsMerging] = useState(false);
  const [removal, setRemoval] = useState<number | null>(null);
  const items = useQuery(itemsOfRecord(id)).data;
  const merged = Number(useSearchParams()[0].get('merged') ?? 0);
  const mayEdit = useQuery(me).data?.permissions.includes('catalogue.edit') ?? false;
  if (record === undefined || removal !== null)
    return error === null && removal === null ? (
      <p className="quiet">{t('common.loading')}</p>
    ) : (
      <GoneRecord error={error} removal={removal} onBack={() => setRemoval(null)} />
    );
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
      {merged > 0 && mayEdit ? (
        <div className="note row-of-things no-print" role="status">
          <span>{t('merge.done')}</span>
          <TakeBackButton entry={merged} what={t('merge.title')} />
        </div>
      ) : null}
      {isMerging ? <MergeTitles recordId={id} onClose={() => setIsMerging(false)} /> : null}
      <Items recordId={id} />
      <section className="section">{showsMarc ? <Marc lines={record.marc} /> : <Card record={record} />}</section>
      <Versions recordId={id} mayEdit={mayEdit} />
      {mayEdit && !isMerging ? (
        <div className="row-of-things section no-print">
          <Button onClick={() => setIsMerging(true)}>{t('merge.title')} …</Button>
          <span className="grow" />
          {items?.length === 0 ? <RemoveTitle id={id} onRemoved={setRemoval} /> : null}
        </div>
      ) : null}
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
