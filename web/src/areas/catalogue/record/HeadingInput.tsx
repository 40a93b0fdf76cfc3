import { useQuery } from '@tanstack/react-query';
import { type ChangeEvent, type KeyboardEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { headings } from '../../../api/queries';
import { takesScans, type TakesScans } from '../../../shell/scanTarget';

type Heading = Schemas['HeadingView'];

interface Props {
  id: string;
  label: string;
  /** Id of what is said about it elsewhere. */
  describedBy: string | undefined;
  /** n, s, g or t; null where no headings are offered. */
  kind: string | null;
  /** How it takes what is scanned, if it does. */
  scans: TakesScans | undefined;
  value: string;
  onChange: (value: string) => void;
  onTake: (heading: Heading) => void;
}

/** The text of a subfield; where it begins a heading, those of the own catalogue are offered with their counts. */
export function HeadingInput({ id, label, describedBy, kind, scans, value, onChange, onTake }: Props) {
  const { t } = useTranslation();
  const [isTyping, setIsTyping] = useState(false);
  const [lit, setLit] = useState(-1);
  const { data } = useQuery({ ...headings(kind ?? 'n', value), enabled: kind !== null && isTyping && value.trim().length > 1 });
  const offered = isTyping && kind !== null && value.trim().length > 1 ? (data ?? []) : [];
  const take = (heading: Heading) => {
    setIsTyping(false);
    setLit(-1);
    onTake(heading);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const chosen = offered[lit];
    if (offered.length > 0 && (event.key === 'ArrowDown' || event.key === 'ArrowUp')) {
      event.preventDefault();
      setLit((now) => Math.max(-1, Math.min(offered.length - 1, now + (event.key === 'ArrowDown' ? 1 : -1))));
    } else if (event.key === 'Enter' && chosen !== undefined) {
      event.preventDefault();
      take(chosen);
    } else if (event.key === 'Enter') {
      // A field is one line; Enter does not break it.
      event.preventDefault();
    } else if (event.key === 'Escape' && offered.length > 0) {
      event.stopPropagation();
      setIsTyping(false);
    }
  };
  const common = {
    id,
    'aria-label': label,
    'aria-describedby': describedBy,
    value,
    autoComplete: 'off',
    spellCheck: false,
    ...takesScans(scans),
    onKeyDown,
    onBlur: () => setIsTyping(false),
    onChange: (event: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      setIsTyping(true);
      setLit(-1);
      onChange(event.target.value.replace(/\n/g, ' '));
    },
  };
  return (
    <div className="heading-input">
      {kind === null ? (
        <textarea {...common} rows={1} />
      ) : (
        <input {...common} role="combobox" aria-expanded={offered.length > 0} aria-controls={`${id}-offered`} aria-autocomplete="list" />
      )}
      {offered.length > 0 ? (
        <ul className="offered" id={`${id}-offered`} role="listbox" aria-label={t('record.ownHeadings')}>
          {offered.map((heading, index) => (
            <li
              key={heading.written}
              role="option"
              aria-selected={index === lit}
              onMouseDown={(event) => {
                event.preventDefault();
                take(heading);
              }}
            >
              <span>{heading.text}</span> <span className="quiet">{t('record.inRecords', { count: heading.records })}</span>
            </li>
          ))}
        </ul>
      ) : null}
    </div>
  );
}
