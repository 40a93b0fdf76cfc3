import { Button, Checkbox, FormControlLabel } from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime, type Schemas } from '../../api/client';
import { house as houseQuery, me } from '../../api/queries';
import { takesScans } from '../../shell/scanTarget';
import { choicesOf } from '../../ui/choicesOf';
import { Field } from '../../ui/Field';
import { ProblemNote } from '../../ui/ProblemNote';
import { useForm } from '../../ui/useForm';

type Patron = Schemas['PatronView'];

const valuesOf = (patron: Patron) => ({
  cardNumber: patron.cardNumber,
  familyName: patron.familyName,
  givenName: patron.givenName,
  birthDate: patron.birthDate ?? '',
  email: patron.email ?? '',
  phone: patron.phone ?? '',
  address: patron.address ?? '',
  branch: patron.branch,
  membership: patron.membership,
  expiresOn: patron.expiresOn,
  barredBecause: patron.barredBecause ?? '',
  isCardLost: patron.isCardLost,
  staffNote: patron.staffNote ?? '',
});
type Values = ReturnType<typeof valuesOf>;

interface Props {
  patron: Patron | null;
  onClose: () => void;
  onSaved: (patron: Patron) => void;
}

export function PatronForm({ patron, onClose, onSaved }: Props) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const { data: house } = useQuery(houseQuery);
  const { data: who } = useQuery(me);
  const blank: Values = {
    cardNumber: '',
    familyName: '',
    givenName: '',
    birthDate: '',
    email: '',
    phone: '',
    address: '',
    branch: who?.branch ?? '',
    membership: '',
    expiresOn: '',
    barredBecause: '',
    isCardLost: false,
    staffNote: '',
  };
  const form = useForm({
    values: patron === null ? blank : valuesOf(patron),
    version: patron?.version ?? null,
    save: (values, act) => {
      const body = {
        ...values,
        ...act,
        birthDate: values.birthDate || null,
        email: values.email || null,
        phone: values.phone || null,
        address: values.address || null,
        expiresOn: values.expiresOn || null,
        barredBecause: values.barredBecause || null,
        staffNote: values.staffNote || null,
      };
      return patron === null
        ? answered(api.POST('/api/patrons', { body, signal: inTime() }))
        : answered(api.PUT('/api/patrons/{id}', { params: { path: { id: patron.id } }, body, signal: inTime() }));
    },
    onSaved: (saved) => {
      client.setQueryData(['patron', saved.id], saved);
      void client.invalidateQueries({ queryKey: ['patrons'] });
      void client.invalidateQueries({ queryKey: ['journal'] });
      onSaved(saved);
    },
    staleValues: valuesOf,
  });
  const field = (name: Exclude<keyof Values, 'isCardLost'>, hint?: string) => {
    const now = form.isNow(name);
    return {
      name,
      label: t(`patrons.fields.${name}`),
      value: form.values[name],
      onChange: form.set(name),
      error: form.sentence(name),
      hint: now === undefined ? hint : t('item.isNow', { value: now }),
    };
  };
  if (house === undefined || who === undefined) return <p className="quiet">{t('common.loading')}</p>;
  return (
    <form
      className="sheet"
      aria-label={patron === null ? t('patrons.add') : t('patrons.edit')}
      noValidate
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose();
      }}
      onSubmit={(event) => {
        event.preventDefault();
        form.submit();
      }}
    >
      {form.isStale ? <p className="note is-lit">{t('patrons.stale')}</p> : null}
      <div className="fields">
        <Field {...field('familyName')} required autoFocus />
        <Field {...field('givenName')} />
        <Field {...field('cardNumber', t('patrons.cardHint'))} input={takesScans('one')} />
        <Field {...field('membership')} required options={choicesOf(house.memberships)} />
        <Field {...field('branch')} required options={choicesOf(house.branches)} />
        <Field {...field('expiresOn', t('patrons.expiresHint'))} type="date" />
        <Field {...field('birthDate')} type="date" />
        <Field {...field('email')} type="email" />
        <Field {...field('phone')} />
        <div className="wide">
          <Field {...field('address')} multiline />
        </div>
        <div className="wide">
          <Field {...field('staffNote')} multiline />
        </div>
        {who?.permissions.includes('patrons.bar') ? <Field {...field('barredBecause')} /> : null}
        <FormControlLabel
          label={t('patrons.fields.isCardLost')}
          control={
            <Checkbox
              checked={form.values.isCardLost}
              onChange={(event) => form.setValues({ ...form.values, isCardLost: event.target.checked })}
            />
          }
        />
      </div>
      <ProblemNote error={form.otherError} />
      <div className="row-of-things">
        <Button type="submit" variant="contained" disabled={form.isSaving}>
          {t(patron === null ? 'patrons.register' : 'patrons.save')}
        </Button>
        <Button onClick={onClose}>{t('common.cancel')}</Button>
      </div>
    </form>
  );
}
