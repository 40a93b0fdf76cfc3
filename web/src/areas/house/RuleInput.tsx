import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { ruleBook } from '../../api/queries';
import { choicesOf } from '../../ui/choicesOf';
import { Field } from '../../ui/Field';
import { ItemValues } from './ItemValues';
import { type PlaceRow, type RuleField, type Step } from './ruleKinds';
import { SomeOf } from './SomeOf';
import { TidySteps } from './TidySteps';
import { WorksheetPlaces } from './WorksheetPlaces';

interface Props {
  field: RuleField;
  /** All fields of the entry as text, some of them as JSON. */
  values: Record<string, string>;
  onChange: (value: string) => void;
  sentence: (name: string) => string | undefined;
  /** How it is now, when somebody else has saved it in the meantime. */
  hint: string | undefined;
}

/** One field of an entry, entered as what it is. */
export function RuleInput({ field, values, onChange, sentence, hint }: Props) {
  const { t } = useTranslation();
  const entries = useQuery({ ...ruleBook(field.as === 'entry' ? field.of : 'worksheet'), enabled: field.as === 'entry' }).data ?? [];
  const value = values[field.name] ?? '';
  const label = t(`ruleBook.fields.${field.name}` as 'ruleBook.fields.help');
  const error = sentence(field.name);
  const common = { name: field.name, label, value, onChange, error, hint };
  switch (field.as) {
    case 'steps':
      return <TidySteps steps={JSON.parse(value) as Step[]} onChange={(steps) => onChange(JSON.stringify(steps))} error={error} />;
    case 'places':
      return (
        <WorksheetPlaces
          beginning={values['beginning'] ?? ''}
          rows={JSON.parse(value) as PlaceRow[]}
          onChange={(rows) => onChange(JSON.stringify(rows))}
          errors={['required', 'recommended', 'labels', 'hints'].map(sentence).filter((one) => one !== undefined)}
        />
      );
    case 'itemValues':
      return (
        <ItemValues
          values={JSON.parse(value) as Record<string, string | number>}
          onChange={(next) => onChange(JSON.stringify(next))}
          error={error}
        />
      );
    case 'some':
      return (
        <SomeOf
          label={label}
          options={field.options.map((option) => ({ value: option, label: t(`ruleBook.options.${option}` as 'ruleBook.options.isbn') }))}
          chosen={value.split('\n').filter((one) => one !== '')}
          isOrdered={field.isOrdered}
          onChange={(chosen) => onChange(chosen.join('\n'))}
          error={error}
        />
      );
    case 'entry':
      return <Field {...common} options={[{ value: '', label: t('common.none') }, ...choicesOf(entries)]} />;
    case 'choice':
      return <Field {...common} options={field.options.map((option) => ({ value: String(option), label: String(option) }))} />;
    case 'long':
    case 'pairs':
      return (
        <div className="wide mono-field">
          <Field {...common} multiline />
        </div>
      );
    default:
      return <Field {...common} />;
  }
}
