import { Button, Checkbox } from '@mui/material';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { labelPreview, labelPrinters, labelSheets, waitingLabels } from '../../../api/queries';
import { choicesOf } from '../../../ui/choicesOf';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SpineTag } from '../../../ui/SpineTag';
import { CatalogueTabs } from '../CatalogueTabs';
import { SheetPreview } from './SheetPreview';

/** As many labels as are shown and printed in one go. */
const AT_ONCE = 1000;
const KINDS = ['spine', 'code128', 'code39'] as const;

/** The labels that wait, on the sheet that was chosen, as they will be printed. */
export default function LabelsPage() {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { data: waiting, error } = useQuery(waitingLabels);
  const sheets = useQuery(labelSheets).data ?? [];
  const [sheet, setSheet] = useState('a4-spine-65');
  const [kind, setKind] = useState<(typeof KINDS)[number]>('spine');
  const [first, setFirst] = useState('1');
  const [left, setLeft] = useState<number[]>([]);
  const items = (waiting ?? []).map((label) => label.item).filter((item) => !left.includes(item));
  // The shorter of the two lists: an address holds some hundreds of numbers.
  const meant = left.length > items.length ? { items: items.join(',') } : { without: left.join(',') };
  const query = { ...meant, sheet, kind, first: Math.max(1, Number(first) || 1) };
  const preview = useQuery({ ...labelPreview(query), enabled: items.length > 0, placeholderData: keepPreviousData });
  const printed = useMutation({
    mutationFn: () => answered(api.POST('/api/printed-labels', { body: { items }, signal: inTime() })),
    onSuccess: (rest) => client.setQueryData(waitingLabels.queryKey, rest),
  });
  const printers = useQuery(labelPrinters).data ?? [];
  const sending = useMutation({
    mutationFn: (printer: string) =>
      answered(api.POST('/api/label-jobs', { body: { id: newActId(), printer, kind, items }, signal: inTime() })),
  });
  const pdf = `/api/labels?${new URLSearchParams({ ...meant, sheet, kind, first: String(query.first) }).toString()}`;
  const tooLong = (preview.data?.labels ?? []).filter((label) => !label.fits).length;
  return (
    <div className="area">
      <CatalogueTabs />
      <div className="labels-page">
        <div className="labels-list">
          <h1>{t('labels.title')}</h1>
          <ProblemNote error={error ?? preview.error ?? printed.error ?? sending.error} />
          {(waiting?.length ?? 0) > 1 ? (
            <Button size="small" onClick={() => setLeft(left.length === 0 ? items : [])}>
              {t(left.length === 0 ? 'labels.untickAll' : 'labels.tickAll')}
            </Button>
          ) : null}
          {waiting?.length === AT_ONCE ? <p className="note">{t('labels.more', { count: AT_ONCE })}</p> : null}
          {waiting?.length === 0 ? <p className="empty">{t('labels.none')}</p> : null}
          <ul>
            {waiting?.map((label) => (
              <li key={label.item}>
                <label className="label-line">
                  <Checkbox
                    checked={!left.includes(label.item)}
                    onChange={(event) => setLeft(event.target.checked ? left.filter((item) => item !== label.item) : [...left, label.item])}
                  />
                  <SpineTag callNumber={label.callNumber} />
                  <span className="mono">{label.barcode}</span>
                  <span className="work">{label.title}</span>
                </label>
              </li>
            ))}
          </ul>
        </div>
        <div className="labels-sheet">
          <div className="fields">
            <Field name="sheet" label={t('labels.sheet')} value={sheet} onChange={setSheet} options={choicesOf(sheets)} />
            <Field
              name="kind"
              label={t('labels.kind')}
              value={kind}
              onChange={(value) => setKind(KINDS.find((one) => one === value) ?? 'spine')}
              options={KINDS.map((value) => ({ value, label: t(`labels.kinds.${value}`) }))}
            />
            <Field name="first" label={t('labels.first')} value={first} onChange={setFirst} type="number" />
          </div>
          {tooLong > 0 ? <p className="note is-lit">{t('labels.tooLong', { count: tooLong })}</p> : null}
          {items.length > 0 ? (
            <div className="row-of-things">
              <Button variant="contained" href={pdf}>
                {t('labels.pdf', { count: items.length })}
              </Button>
              {printers.map((printer) => (
                <Button key={printer.code} variant="outlined" disabled={sending.isPending} onClick={() => sending.mutate(printer.code)}>
                  {t('labels.send', { printer: printer.name })}
                </Button>
              ))}
              <Button variant="outlined" onClick={() => printed.mutate()} disabled={printed.isPending}>
                {t('labels.printed')}
              </Button>
            </div>
          ) : null}
          {sending.data === undefined ? null : (
            <p className="note" role="status">
              {t('labels.sent', { count: sending.data.items.length, printer: sending.data.printer })}
            </p>
          )}
          {preview.data !== undefined && items.length > 0 ? <SheetPreview preview={preview.data} kind={kind} /> : null}
        </div>
      </div>
    </div>
  );
}
