import { useCallback, useLayoutEffect, useReducer, useRef, useState } from 'react';
import { addField, addSubfield, changeField, moveField, moveSubfield, removeField, removeSubfield, repeatField, takePhrase } from './edits';
import { type EditField, readRecord, TextProblem, writeRecord } from '../../../marc/marcText';

/** Where the focus is to go after the next drawing: an element by its id. */
export const fieldId = (key: number): string => `field-${key}`;
export const subfieldId = (key: number): string => `subfield-${key}`;

function focusOn(id: string): void {
  const element = document.getElementById(id);
  element?.focus();
  element?.scrollIntoView({ block: 'nearest' });
}

/** Moves the focus as soon as the change is drawn, before the next key can arrive. */
function useFocus(): (id: string) => void {
  const pending = useRef<string | null>(null);
  const [, draw] = useReducer((count: number) => count + 1, 0);
  useLayoutEffect(() => {
    if (pending.current === null) return;
    focusOn(pending.current);
    pending.current = null;
  });
  return useCallback((id: string) => {
    pending.current = id;
    draw();
  }, []);
}

/** The record at hand, as a form or as text; switching loses nothing. */
export function useEditor(text: string) {
  const [fields, setFields] = useState<EditField[]>(() => readRecord(text));
  const focusSoon = useFocus();
  const [asText, setAsText] = useState<string | null>(null);
  const [textProblem, setTextProblem] = useState<TextProblem | null>(null);
  const written = asText ?? writeRecord(fields);

  const reset = useCallback((next: string) => {
    setFields(readRecord(next));
    setAsText(null);
    setTextProblem(null);
  }, []);

  const [begun] = useState(fields);
  const focusFirstEmpty = useCallback(() => {
    const empty =
      begun.flatMap((field) => field.subfields).find((subfield) => subfield.value === '') ??
      begun.find((field) => field.value === null)?.subfields[0];
    if (empty !== undefined) focusSoon(subfieldId(empty.key));
  }, [begun, focusSoon]);

  const toForm = (): boolean => {
    if (asText === null) return true;
    try {
      setFields(readRecord(asText));
      setAsText(null);
      setTextProblem(null);
      return true;
    } catch (problem) {
      if (!(problem instanceof TextProblem)) throw problem;
      setTextProblem(problem);
      return false;
    }
  };
  const firstOf = (field: EditField): string => (field.value !== null ? fieldId(field.key) : subfieldId(field.subfields[0]?.key ?? 0));

  return {
    fields,
    written,
    asText,
    textProblem,
    reset,
    focusFirstEmpty,
    setText: setAsText,
    switchMode: () => (asText === null ? setAsText(writeRecord(fields)) : toForm()),
    change: (key: number, change: (field: EditField) => EditField) => setFields((now) => changeField(now, key, change)),
    jump: (tag: string): boolean => {
      const found = fields.find((field) => field.tag === tag) ?? fields.find((field) => field.tag !== 'LDR' && field.tag.startsWith(tag));
      if (found === undefined) return false;
      focusSoon(firstOf(found));
      return true;
    },
    focusField: (index: number) => {
      const field = fields[index + 1];
      if (field !== undefined) focusSoon(firstOf(field));
    },
    addField: (tag: string, behind: number | null) => {
      const [next, field] = addField(fields, tag, behind);
      setFields(next);
      focusSoon(firstOf(field));
    },
    removeField: (key: number) => {
      const at = fields.findIndex((field) => field.key === key);
      const next = removeField(fields, key);
      setFields(next);
      const neighbour = next[Math.min(at, next.length - 1)];
      if (neighbour !== undefined) focusSoon(firstOf(neighbour));
    },
    repeatField: (key: number) => {
      const [next, copy] = repeatField(fields, key);
      setFields(next);
      if (copy !== null) focusSoon(firstOf(copy));
    },
    moveField: (key: number, by: -1 | 1, focusId: string) => {
      setFields(moveField(fields, key, by));
      focusSoon(focusId);
    },
    addSubfield: (field: EditField, behind: number | null, code: string) => {
      const [next, subfield] = addSubfield(field, behind, code);
      setFields(changeField(fields, field.key, () => next));
      focusSoon(code === '' ? `code-${subfield.key}` : subfieldId(subfield.key));
    },
    removeSubfield: (field: EditField, key: number) => {
      const at = field.subfields.findIndex((subfield) => subfield.key === key);
      const next = removeSubfield(field, key);
      setFields(changeField(fields, field.key, () => next));
      const neighbour = next.subfields[Math.max(0, at - 1)];
      if (neighbour !== undefined) focusSoon(subfieldId(neighbour.key));
    },
    takePhrase: (key: number, subfields: EditField['subfields']) => {
      setFields((now) => changeField(now, key, (field) => takePhrase(field, subfields)));
      const last = subfields[subfields.length - 1];
      if (last !== undefined) focusSoon(subfieldId(last.key));
    },
    moveSubfield: (field: EditField, key: number, by: -1 | 1) => {
      setFields(changeField(fields, field.key, () => moveSubfield(field, key, by)));
      focusSoon(subfieldId(key));
    },
  };
}

export type Editor = ReturnType<typeof useEditor>;
