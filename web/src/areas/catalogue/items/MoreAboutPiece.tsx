import { useTranslation } from 'react-i18next';
import { takesScans } from '../../../shell/scanTarget';
import { Field } from '../../../ui/Field';
import { BLANK, type ItemValues } from './itemValues';

const PARTICULARS = ['material', 'vendor', 'fund', 'serialNumber', 'pieces', 'piecesNote', 'checkInMessage', 'checkOutMessage'] as const;
const AT_A_PLACE = ['temporaryLocation', 'temporaryUntil'] as const;
type Name = (typeof PARTICULARS)[number] | (typeof AT_A_PLACE)[number];

interface FieldProps {
  name: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
  error: string | undefined;
  hint?: string | undefined;
}

interface Props {
  field: (name: Name) => FieldProps;
  /** What this form does not ask for. */
  without?: Name;
  locations: { value: string; label: string }[];
}

/** What is said of few pieces only; open where something of it is said. */
export function MoreAboutPiece({ field, without, locations }: Props) {
  const { t } = useTranslation();
  const isSaid = (name: Name) => field(name).value !== BLANK[name as keyof ItemValues] || field(name).error !== undefined;
  return (
    <details className="more-fields" open={[...PARTICULARS, ...AT_A_PLACE].some(isSaid)}>
      <summary>{t('item.more')}</summary>
      <div className="fields">
        {PARTICULARS.filter((name) => name !== without).map((name) => (
          <Field
            key={name}
            {...field(name)}
            {...(name === 'pieces' ? { type: 'number' } : {})}
            input={takesScans(name === 'serialNumber' ? 'one' : undefined)}
          />
        ))}
        <Field {...field('temporaryLocation')} options={[{ value: '', label: t('common.none') }, ...locations]} />
        <Field {...field('temporaryUntil')} type="date" />
      </div>
    </details>
  );
}
