import { Button } from '@mui/material';
import { useTranslation } from 'react-i18next';

interface Props {
  label: string;
  options: { value: string; label: string }[];
  chosen: string[];
  /** Whether the order of the chosen ones says something. */
  isOrdered: boolean;
  onChange: (chosen: string[]) => void;
  error: string | undefined;
}

/** Some of a few things, ticked; where their order counts, those that are ticked stand first and can be moved. */
export function SomeOf({ label, options, chosen, isOrdered, onChange, error }: Props) {
  const { t } = useTranslation();
  const named = (value: string) => options.find((one) => one.value === value) ?? { value, label: value };
  const rest = options.filter((one) => !chosen.includes(one.value));
  const shown = isOrdered ? [...chosen.map(named), ...rest] : options;
  const move = (at: number, by: number) => {
    const next = [...chosen];
    const [one] = next.splice(at, 1);
    if (one !== undefined) next.splice(at + by, 0, one);
    onChange(next);
  };
  return (
    <fieldset className="wide some-of">
      <legend>{label}</legend>
      {error === undefined ? null : <p className="note is-problem">{error}</p>}
      <ul className="plain">
        {shown.map((one) => {
          const at = chosen.indexOf(one.value);
          return (
            <li key={one.value}>
              <label>
                <input
                  type="checkbox"
                  checked={at >= 0}
                  onChange={() => onChange(at >= 0 ? chosen.filter((value) => value !== one.value) : [...chosen, one.value])}
                />
                {isOrdered && at >= 0 ? <b>{at + 1}</b> : null} {one.label}
              </label>
              {isOrdered && at >= 0 ? (
                <span>
                  <Button
                    size="small"
                    disabled={at === 0}
                    aria-label={t('ruleBook.earlier', { what: one.label })}
                    onClick={() => move(at, -1)}
                  >
                    ↑
                  </Button>
                  <Button
                    size="small"
                    disabled={at === chosen.length - 1}
                    aria-label={t('ruleBook.later', { what: one.label })}
                    onClick={() => move(at, 1)}
                  >
                    ↓
                  </Button>
                </span>
              ) : null}
            </li>
          );
        })}
      </ul>
    </fieldset>
  );
}
