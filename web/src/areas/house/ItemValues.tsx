import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { house as houseQuery } from '../../api/queries';
import { choicesOf } from '../../ui/choicesOf';
import { Field } from '../../ui/Field';

type Values = Record<string, string | number>;

interface Props {
  values: Values;
  onChange: (values: Values) => void;
  error: string | undefined;
}

const TEXTS = ['prefix', 'callNumber', 'suffix', 'volume', 'material', 'price', 'vendor', 'fund', 'piecesNote'] as const;
const LONG = ['publicNote', 'staffNote', 'checkInMessage', 'checkOutMessage'] as const;
const NUMBERS = ['pieces', 'temporaryWeeks'] as const;
const LISTS = ['status', 'branch', 'location', 'lendingClass', 'temporaryLocation'] as const;
const NAMES = [...LISTS, ...TEXTS, ...NUMBERS, ...LONG] as const;
const STATUSES = ['available', 'in-process'] as const;

/** What new items begin with: only the fields that the preset sets. */
export function ItemValues({ values, onChange, error }: Props) {
  const { t } = useTranslation();
  const { data: house } = useQuery(houseQuery);
  const label = (name: (typeof NAMES)[number]) => (name === 'temporaryWeeks' ? t('ruleBook.temporaryWeeks') : t(`item.${name}`));
  const set = (name: string, value: string) =>
    onChange({ ...values, [name]: NUMBERS.some((one) => one === name) && value !== '' ? Number(value) : value });
  const options: Record<(typeof LISTS)[number], { value: string; label: string }[]> = {
    status: STATUSES.map((status) => ({ value: status, label: t(`status.${status}`) })),
    branch: choicesOf(house?.branches),
    location: choicesOf(house?.locations),
    lendingClass: choicesOf(house?.lendingClasses),
    temporaryLocation: choicesOf(house?.locations),
  };
  const shown = NAMES.filter((name) => name in values);
  return (
    <fieldset className="wide tidy-steps">
      <legend>{t('ruleBook.fields.values')}</legend>
      {error === undefined ? null : <p className="note is-problem">{error}</p>}
      <ul className="plain">
        {shown.map((name) => {
          const list = LISTS.find((one) => one === name);
          return (
            <li key={name}>
              <Field
                name={`value-${name}`}
                label={label(name)}
                value={String(values[name] ?? '')}
                onChange={(value) => set(name, value)}
                multiline={LONG.some((one) => one === name)}
                {...(NUMBERS.some((one) => one === name) ? { type: 'number' } : {})}
                {...(list === undefined ? {} : { options: options[list] })}
              />
              <Button
                size="small"
                aria-label={t('ruleBook.removeValue', { what: label(name) })}
                onClick={() => onChange(Object.fromEntries(Object.entries(values).filter(([one]) => one !== name)))}
              >
                {t('ruleBook.remove')}
              </Button>
            </li>
          );
        })}
      </ul>
      <select
        className="pick"
        aria-label={t('ruleBook.addValue')}
        value=""
        onChange={(event) => onChange({ ...values, [event.target.value]: event.target.value === 'pieces' ? 1 : '' })}
      >
        <option value="">{t('ruleBook.addValue')}</option>
        {NAMES.filter((name) => !(name in values)).map((name) => (
          <option key={name} value={name}>
            {label(name)}
          </option>
        ))}
      </select>
    </fieldset>
  );
}
