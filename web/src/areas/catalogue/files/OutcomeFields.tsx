import { useTranslation } from 'react-i18next';
import { Field } from '../../../ui/Field';
import type { useWork } from './useWork';

const ON_MATCH = ['replace', 'merge', 'items', 'keep', 'skip'] as const;
const ON_NEW = ['add', 'skip'] as const;

interface Props {
  work: ReturnType<typeof useWork>;
  /** How many records there are of each sort, once that is known. */
  counts?: { known: number; new: number };
}

/** What becomes of records that the catalogue has, and of those that it does not have. */
export function OutcomeFields({ work, counts }: Props) {
  const { t } = useTranslation();
  const counted = (label: string, count: number | undefined) => (count === undefined ? label : `${label} (${count})`);
  return (
    <>
      <Field
        name="onMatch"
        label={counted(t('files.onMatch'), counts?.known)}
        value={work.choices.onMatch}
        onChange={(value) => work.choose({ onMatch: ON_MATCH.find((one) => one === value) ?? 'skip' })}
        options={ON_MATCH.map((value) => ({ value, label: t(`files.choices.${value}`) }))}
      />
      <Field
        name="onNew"
        label={counted(t('files.onNew'), counts?.new)}
        value={work.choices.onNew}
        onChange={(value) => work.choose({ onNew: ON_NEW.find((one) => one === value) ?? 'add' })}
        options={ON_NEW.map((value) => ({ value, label: t(`files.choices.${value}`) }))}
      />
      {work.choices.onMatch === 'merge' ? (
        <Field
          name="keptFields"
          label={t('files.keptFields')}
          value={work.choices.keptFields.join(', ')}
          onChange={(value) =>
            work.choose({ keptFields: value.split(/\s*,\s*/).filter((tag, index, all) => tag !== '' || index === all.length - 1) })
          }
          error={work.sentence('keptFields')}
        />
      ) : null}
    </>
  );
}
