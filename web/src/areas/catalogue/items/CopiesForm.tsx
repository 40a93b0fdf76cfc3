import { Button } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, ApiProblem, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { barcodeRanges, house as houseQuery, itemsOfRecord } from '../../../api/queries';
import { takesScans } from '../../../shell/scanTarget';
import { choicesOf } from '../../../ui/choicesOf';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';
import { beginningLike, type ItemValues, sentOf, SET_BY_HAND, withPreset } from './itemValues';
import { MoreAboutPiece } from './MoreAboutPiece';
import { beginningOf, presetChoices } from './presets';

interface Props {
  recordId: number;
  /** New copies begin like another item of the same title. */
  like: Schemas['ItemView'] | null;
  onClose: () => void;
}

/** Several copies in one act: from a preset, with barcodes from a range or scanned one after the other. */
export function CopiesForm({ recordId, like, onClose }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { data: house } = useQuery(houseQuery);
  const presets = useQuery(presetChoices).data ?? [];
  const ranges = useQuery(barcodeRanges).data ?? [];
  const [values, setValues] = useState(() => ({ ...beginningLike(like), suffix: '', volume: 'v.1' }));
  const [preset, setPreset] = useState('');
  const [range, setRange] = useState('');
  const [copies, setCopies] = useState('2');
  const [scanned, setScanned] = useState('');
  const [numbered, setNumbered] = useState('copies');
  const [act, setAct] = useState(newActId);
  const adding = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/records/{recordId}/copies', {
          params: { path: { recordId } },
          body: {
            ...sentOf(values),
            id: act,
            ...(numbered === 'volumes' ? { areVolumes: true } : { volume: '' }),
            range,
            copies: Number(copies) || 0,
            barcodes: range === '' ? scanned.split(/\s+/).filter((code) => code !== '') : [],
          },
          signal: inTime(),
        }),
      ),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: itemsOfRecord(recordId).queryKey });
      void client.invalidateQueries({ queryKey: ['records'] });
      void client.invalidateQueries({ queryKey: ['journal'] });
      onClose();
    },
    onError: () => setAct(newActId()),
  });
  const choosePreset = (code: string) => {
    setPreset(code);
    const beginning = beginningOf(presets.find((one) => one.value === code)?.content ?? {}, Date.now());
    setValues(withPreset(values, beginning.values));
    if (beginning.range !== '') setRange(beginning.range);
  };
  const field = (name: keyof ItemValues) => ({
    name,
    label: t(`item.${name}`),
    value: values[name],
    onChange: (value: string) => setValues({ ...values, [name]: value }),
    error: adding.error instanceof ApiProblem ? adding.error.fieldSentence(name) : undefined,
  });
  if (house === undefined) return <p className="quiet">{t('common.loading')}</p>;
  return (
    <form
      className="sheet"
      aria-label={t('copies.title')}
      onSubmit={(event) => {
        event.preventDefault();
        adding.mutate();
      }}
    >
      <div className="fields">
        <Field
          name="preset"
          label={t('copies.preset')}
          value={preset}
          onChange={choosePreset}
          options={[{ value: '', label: t('common.none') }, ...presets]}
          autoFocus
        />
        <Field
          name="range"
          label={t('copies.range')}
          value={range}
          onChange={setRange}
          options={[{ value: '', label: t('copies.scan') }, ...choicesOf(ranges)]}
        />
        {range === '' ? (
          <div className="wide">
            <Field
              name="scanned"
              label={t('copies.scanned')}
              value={scanned}
              onChange={setScanned}
              multiline
              input={takesScans('lines')}
              error={adding.error instanceof ApiProblem ? adding.error.fieldSentence('barcode') : undefined}
            />
          </div>
        ) : (
          <Field
            name="copies"
            label={t('copies.count')}
            value={copies}
            onChange={setCopies}
            type="number"
            error={adding.error instanceof ApiProblem ? adding.error.fieldSentence('copies') : undefined}
          />
        )}
        <Field
          name="numbered"
          label={t('copies.numbered')}
          value={numbered}
          onChange={setNumbered}
          options={[
            { value: 'copies', label: t('copies.asCopies') },
            { value: 'volumes', label: t('copies.asVolumes') },
          ]}
        />
        {numbered === 'volumes' ? <Field {...field('volume')} label={t('copies.firstVolume')} hint={t('copies.firstVolumeHint')} /> : null}
        <Field {...field('branch')} required options={choicesOf(house.branches)} />
        <Field {...field('location')} required options={choicesOf(house.locations)} />
        <Field {...field('lendingClass')} required options={choicesOf(house.lendingClasses)} />
        <Field {...field('prefix')} />
        <Field {...field('callNumber')} />
        <Field {...field('suffix')} />
        <Field {...field('price')} />
        <Field {...field('status')} options={SET_BY_HAND.map((status) => ({ value: status, label: t(`status.${status}`) }))} />
        <Field {...field('acquiredOn')} type="date" />
        <div className="wide">
          <Field {...field('publicNote')} multiline />
        </div>
      </div>
      <MoreAboutPiece field={field} without="serialNumber" locations={choicesOf(house.locations)} />
      <ProblemNote error={adding.error instanceof ApiProblem && adding.error.problem.violations ? null : adding.error} />
      <div className="row-of-things">
        <Button type="submit" variant="contained" disabled={adding.isPending}>
          {t(numbered === 'volumes' ? 'copies.addVolumes' : 'copies.add')}
        </Button>
        <Button onClick={onClose}>{t('common.cancel')}</Button>
      </div>
    </form>
  );
}
