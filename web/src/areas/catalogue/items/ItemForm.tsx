import { Button } from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime, type Schemas } from '../../../api/client';
import { house as houseQuery, itemsOfRecord } from '../../../api/queries';
import { takesScans } from '../../../shell/scanTarget';
import { choicesOf } from '../../../ui/choicesOf';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';
import { useForm } from '../../../ui/useForm';
import { beginningLike, sentOf, SET_BY_HAND, valuesOf, withPreset } from './itemValues';
import { MoreAboutPiece } from './MoreAboutPiece';
import { beginningOf, presetChoices } from './presets';

type Item = Schemas['ItemView'];
const TEXTS = ['barcode', 'prefix', 'callNumber', 'suffix', 'copy', 'volume', 'price'] as const;

interface Props {
  recordId: number;
  item: Item | null;
  /** A new item begins like another of the same title. */
  like: Item | null;
  onClose: () => void;
}

export function ItemForm({ recordId, item, like, onClose }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { data: house } = useQuery(houseQuery);
  const presets = useQuery(presetChoices).data ?? [];
  const [preset, setPreset] = useState('');
  const form = useForm({
    values: item === null ? beginningLike(like) : valuesOf(item),
    version: item?.version ?? null,
    save: (values, act) => {
      const body = { ...sentOf(values), ...act };
      return item === null
        ? answered(api.POST('/api/records/{recordId}/items', { params: { path: { recordId } }, body, signal: inTime() }))
        : answered(api.PUT('/api/items/{id}', { params: { path: { id: item.id } }, body, signal: inTime() }));
    },
    onSaved: () => {
      void client.invalidateQueries({ queryKey: itemsOfRecord(recordId).queryKey });
      void client.invalidateQueries({ queryKey: ['records'] });
      void client.invalidateQueries({ queryKey: ['journal'] });
      onClose();
    },
    staleValues: valuesOf,
  });
  const field = (name: keyof typeof form.values) => {
    const now = form.isNow(name);
    return {
      name,
      label: t(`item.${name}`),
      value: form.values[name],
      onChange: form.set(name),
      error: form.sentence(name),
      hint: now === undefined ? undefined : t('item.isNow', { value: now }),
    };
  };
  const choosePreset = (code: string) => {
    setPreset(code);
    const { values } = beginningOf(presets.find((one) => one.value === code)?.content ?? {}, Date.now());
    form.setValues(withPreset(form.values, values));
  };
  const isSetByLending = item !== null && !SET_BY_HAND.some((status) => status === item.status);
  const statuses = isSetByLending ? [item.status] : SET_BY_HAND;
  if (house === undefined) return <p className="quiet">{t('common.loading')}</p>;
  return (
    <form
      className="sheet"
      aria-label={item === null ? t('catalogue.addItem') : t('catalogue.editItem', { barcode: item.barcode })}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose();
      }}
      onSubmit={(event) => {
        event.preventDefault();
        form.submit();
      }}
    >
      {form.isStale ? <p className="note is-lit">{t('item.stale')}</p> : null}
      <div className="fields">
        {item === null ? (
          <Field
            name="preset"
            label={t('copies.preset')}
            value={preset}
            onChange={choosePreset}
            options={[{ value: '', label: t('common.none') }, ...presets]}
          />
        ) : null}
        {TEXTS.map((name) => (
          <Field
            key={name}
            {...field(name)}
            required={name === 'barcode'}
            autoFocus={name === 'barcode'}
            input={takesScans(name === 'barcode' ? 'one' : undefined)}
          />
        ))}
        <Field {...field('branch')} required options={choicesOf(house.branches)} />
        <Field {...field('location')} required options={choicesOf(house.locations)} />
        <Field {...field('lendingClass')} required options={choicesOf(house.lendingClasses)} />
        <Field {...field('status')} options={statuses.map((status) => ({ value: status, label: t(`status.${status}`) }))} />
        <Field {...field('acquiredOn')} type="date" />
        <div className="wide">
          <Field {...field('publicNote')} multiline />
        </div>
        <div className="wide">
          <Field {...field('staffNote')} multiline />
        </div>
      </div>
      <MoreAboutPiece field={field} locations={choicesOf(house.locations)} />
      <ProblemNote error={form.otherError} />
      <div className="row-of-things">
        <Button type="submit" variant="contained" disabled={form.isSaving}>
          {t('catalogue.saveItem')}
        </Button>
        <Button onClick={onClose}>{t('common.cancel')}</Button>
      </div>
    </form>
  );
}
