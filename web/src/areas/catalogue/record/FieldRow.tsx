import { type KeyboardEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { changeSubfield, retag, takeHeading } from './edits';
import { CodedPositions } from './CodedPositions';
import { HeadingInput } from './HeadingInput';
import { type EditField, readField, writeField } from '../../../marc/marcText';
import { Phrases } from './Phrases';
import type { WorksheetWords } from './worksheetWords';
import type { Definitions } from '../../../marc/useDefinitions';
import { type Editor, fieldId, subfieldId } from './useEditor';

export type Naming = 'labels' | 'tags' | 'both';

/** Fields whose number stands on the piece as bars. */
const NUMBERS = ['020', '022', '024', '028'];
const CODED = ['LDR', '006', '007', '008'];
const KINDS: [RegExp, string][] = [
  [/^(100|110|111|700|710|711)$/, 'n'],
  [/^(600|610|611|630|647|648|650|651|653)$/, 's'],
  [/^655$/, 'g'],
  [/^(490|830)$/, 't'],
];

interface Props {
  field: EditField;
  leader: string;
  editor: Editor;
  definitions: Definitions;
  naming: Naming;
  isRequired: (code: string) => 'required' | 'recommended' | null;
  words: WorksheetWords;
  remarks: string[];
}

/** One field of the form: tag, indicators and subfields, each with its name, all of it worked by keys. */
export function FieldRow({ field, leader, editor, definitions, naming, isRequired, words, remarks }: Props) {
  const { t } = useTranslation();
  const [helps, setHelps] = useState(false);
  const [showsPhrases, setShowsPhrases] = useState(false);
  const definition = definitions.field(field.tag);
  const ownName = words.label(field.tag);
  const name = field.tag === 'LDR' ? t('record.leader') : ownName !== '' ? ownName : (definition?.name ?? t('record.localField'));
  const hint = words.hint(field.tag);
  const kind = KINDS.find(([pattern]) => pattern.test(field.tag))?.[1] ?? null;
  const isCoded = CODED.includes(field.tag);

  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    if (!event.altKey || event.ctrlKey) return;
    const target = event.target as HTMLElement;
    const subfield = field.subfields.find((one) => target.id === subfieldId(one.key) || target.id === `code-${one.key}`);
    const acts: Record<string, (() => void) | undefined> = {
      ArrowUp: () =>
        event.shiftKey && subfield ? editor.moveSubfield(field, subfield.key, -1) : editor.moveField(field.key, -1, target.id),
      ArrowDown: () =>
        event.shiftKey && subfield ? editor.moveSubfield(field, subfield.key, 1) : editor.moveField(field.key, 1, target.id),
      c: () => editor.repeatField(field.key),
      s: field.value === null ? () => editor.addSubfield(field, subfield?.key ?? null, '') : undefined,
      p: field.value === null ? () => setShowsPhrases(!showsPhrases) : undefined,
      h: isCoded ? () => setHelps(!helps) : undefined,
      Delete:
        event.shiftKey || subfield === undefined ? () => editor.removeField(field.key) : () => editor.removeSubfield(field, subfield.key),
    };
    const act = acts[event.key.length === 1 ? event.key.toLowerCase() : event.key];
    if (act !== undefined) {
      event.preventDefault();
      event.stopPropagation();
      act();
    }
  };
  const setValue = (value: string) => editor.change(field.key, (now) => ({ ...now, value }));

  return (
    <div
      className={`marc-row ${remarks.length > 0 ? 'has-remark' : ''}`}
      role="group"
      aria-label={`${field.tag} ${name}`}
      onKeyDown={onKeyDown}
    >
      <div className="marc-head">
        {naming === 'labels' || field.tag === 'LDR' ? null : (
          <input
            className="mono tag"
            aria-label={t('record.tag')}
            value={field.tag}
            maxLength={3}
            onChange={(event) => editor.change(field.key, (now) => retag(now, event.target.value))}
          />
        )}
        {field.tag === 'LDR' && naming !== 'labels' ? <span className="mono tag">LDR</span> : null}
        {naming === 'tags' ? null : <span className="marc-name">{name}</span>}
        {field.value === null && naming !== 'labels' ? (
          <>
            <Indicator number={1} field={field} editor={editor} name={definition?.name1 ?? ''} />
            <Indicator number={2} field={field} editor={editor} name={definition?.name2 ?? ''} />
          </>
        ) : null}
        {field.value === null ? (
          <button
            type="button"
            className="small-act phrase-act"
            aria-expanded={showsPhrases}
            onClick={() => setShowsPhrases(!showsPhrases)}
          >
            {t('phrases.open')}
          </button>
        ) : null}
        {isCoded ? (
          <button type="button" className="small-act" aria-expanded={helps} onClick={() => setHelps(!helps)}>
            {t('record.helper')}
          </button>
        ) : null}
      </div>
      <div className="marc-body">
        {hint === '' ? null : (
          <p id={`hint-${field.key}`} className="field-hint">
            {hint}
          </p>
        )}
        {field.value === null ? (
          field.subfields.map((subfield) => {
            const place = `${field.tag}$${subfield.code}`;
            const ownSubfieldName = words.label(place);
            const subfieldName = ownSubfieldName !== '' ? ownSubfieldName : definitions.subfieldName(field.tag, subfield.code);
            const subfieldHint = words.hint(place);
            const need = isRequired(subfield.code);
            return (
              <div className="marc-subfield" key={subfield.key}>
                {naming === 'labels' ? null : (
                  <input
                    id={`code-${subfield.key}`}
                    className="mono code"
                    aria-label={t('record.code')}
                    value={subfield.code}
                    maxLength={1}
                    onChange={(event) => editor.change(field.key, (now) => changeSubfield(now, subfield.key, { code: event.target.value }))}
                  />
                )}
                {naming === 'tags' ? null : (
                  <label htmlFor={subfieldId(subfield.key)} className="subfield-name">
                    {subfieldName === '' ? `$${subfield.code}` : subfieldName}
                    {need === null ? null : <b className={need}> {t(`record.${need}`)}</b>}
                  </label>
                )}
                <HeadingInput
                  id={subfieldId(subfield.key)}
                  label={`${field.tag} $${subfield.code} ${subfieldName}`}
                  describedBy={subfieldHint === '' ? undefined : `hint-${subfield.key}`}
                  kind={subfield.code === 'a' ? kind : null}
                  scans={subfield.code === 'a' && NUMBERS.includes(field.tag) ? 'one' : undefined}
                  value={subfield.value}
                  onChange={(value) => editor.change(field.key, (now) => changeSubfield(now, subfield.key, { value }))}
                  onTake={(heading) =>
                    editor.change(field.key, (now) => takeHeading(now, readField(`999 ## ${heading.written}`, 1).subfields))
                  }
                />
                {subfieldHint === '' ? null : (
                  <p id={`hint-${subfield.key}`} className="field-hint">
                    {subfieldHint}
                  </p>
                )}
              </div>
            );
          })
        ) : (
          <input
            id={fieldId(field.key)}
            className="mono control"
            aria-label={`${field.tag} ${name}`}
            {...(hint === '' ? {} : { 'aria-describedby': `hint-${field.key}` })}
            value={field.value}
            onChange={(event) => setValue(event.target.value)}
          />
        )}
        {showsPhrases ? (
          <Phrases
            tag={field.tag}
            present={writeField(field).slice(7)}
            onTake={(text) => {
              editor.takePhrase(field.key, readField(`${field.tag} ## ${text}`, 1).subfields);
              setShowsPhrases(false);
            }}
            onClose={() => {
              setShowsPhrases(false);
              document.getElementById(subfieldId(field.subfields[0]?.key ?? 0))?.focus();
            }}
          />
        ) : null}
        {helps ? <CodedPositions field={field} leader={leader} definitions={definitions} onChange={setValue} /> : null}
        {remarks.map((sentence) => (
          <p key={sentence} className="remark">
            {sentence}
          </p>
        ))}
      </div>
    </div>
  );
}

interface IndicatorProps {
  number: 1 | 2;
  field: EditField;
  editor: Editor;
  name: string;
}

function Indicator({ number, field, editor, name }: IndicatorProps) {
  const { t } = useTranslation();
  const key = number === 1 ? 'ind1' : 'ind2';
  return (
    <input
      className="mono code"
      aria-label={`${t('record.indicator', { number })}${name === '' ? '' : `: ${name}`}`}
      title={name}
      value={field[key] === ' ' ? '#' : field[key]}
      maxLength={1}
      onFocus={(event) => event.target.select()}
      onChange={(event) =>
        editor.change(field.key, (now) => ({
          ...now,
          [key]: event.target.value === '#' || event.target.value === '' ? ' ' : event.target.value,
        }))
      }
    />
  );
}
