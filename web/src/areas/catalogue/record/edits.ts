import { type EditField, type EditSubfield, isControl, newKey } from '../../../marc/marcText';

/** What can be done to a record while it is edited. All of these give a new list and leave the old one as it was. */

const moved = <T>(list: T[], from: number, to: number): T[] => {
  if (from < 0 || to < 0 || to >= list.length) return list;
  const next = [...list];
  const [one] = next.splice(from, 1);
  if (one !== undefined) next.splice(to, 0, one);
  return next;
};

const place = (fields: EditField[], key: number): number => fields.findIndex((field) => field.key === key);

export const changeField = (fields: EditField[], key: number, change: (field: EditField) => EditField): EditField[] =>
  fields.map((field) => (field.key === key ? change(field) : field));

export const blankField = (tag: string): EditField => ({
  key: newKey(),
  tag,
  ind1: ' ',
  ind2: ' ',
  value: isControl(tag) ? '' : null,
  subfields: isControl(tag) ? [] : [{ key: newKey(), code: 'a', value: '' }],
});

/** Puts a new field behind another; behind the last one whose tag is not greater where no other is named. */
export function addField(fields: EditField[], tag: string, behind: number | null): [EditField[], EditField] {
  const field = blankField(tag);
  const at = behind === null ? fields.findLastIndex((other) => other.tag === 'LDR' || other.tag <= tag) : place(fields, behind);
  const next = [...fields];
  next.splice(at + 1, 0, field);
  return [next, field];
}

export const removeField = (fields: EditField[], key: number): EditField[] =>
  fields.filter((field) => field.key !== key || field.tag === 'LDR');

export function repeatField(fields: EditField[], key: number): [EditField[], EditField | null] {
  const at = place(fields, key);
  const field = fields[at];
  if (field === undefined || field.tag === 'LDR') return [fields, null];
  const copy = { ...field, key: newKey(), subfields: field.subfields.map((subfield) => ({ ...subfield, key: newKey() })) };
  const next = [...fields];
  next.splice(at + 1, 0, copy);
  return [next, copy];
}

/** The leader stays where it is. */
export function moveField(fields: EditField[], key: number, by: -1 | 1): EditField[] {
  const at = place(fields, key);
  return at < 1 || at + by < 1 ? fields : moved(fields, at, at + by);
}

export function addSubfield(field: EditField, behind: number | null, code = ''): [EditField, EditSubfield] {
  const subfield = { key: newKey(), code, value: '' };
  const at = behind === null ? field.subfields.length - 1 : field.subfields.findIndex((other) => other.key === behind);
  const subfields = [...field.subfields];
  subfields.splice(at + 1, 0, subfield);
  return [{ ...field, subfields }, subfield];
}

export const changeSubfield = (field: EditField, key: number, change: Partial<EditSubfield>): EditField => ({
  ...field,
  subfields: field.subfields.map((subfield) => (subfield.key === key ? { ...subfield, ...change } : subfield)),
});

export const removeSubfield = (field: EditField, key: number): EditField => ({
  ...field,
  subfields: field.subfields.filter((subfield) => subfield.key !== key),
});

export function moveSubfield(field: EditField, key: number, by: -1 | 1): EditField {
  const at = field.subfields.findIndex((subfield) => subfield.key === key);
  return { ...field, subfields: moved(field.subfields, at, at + by) };
}

/** Another tag; a field that becomes a control field keeps its text, and the other way round. */
export function retag(field: EditField, tag: string): EditField {
  if (isControl(tag) === (field.value !== null)) return { ...field, tag };
  return isControl(tag)
    ? { ...field, tag, value: field.subfields.map((subfield) => subfield.value).join(' '), subfields: [] }
    : { ...field, tag, value: null, subfields: [{ key: newKey(), code: 'a', value: field.value ?? '' }] };
}

/** Characters of a coded field exchanged from a position on; what was too short is filled with blanks. */
export function setPosition(text: string, from: number, length: number, value: string): string {
  const long = text.padEnd(from + length, ' ');
  return long.slice(0, from) + value.padEnd(length, ' ').slice(0, length) + long.slice(from + length);
}

/** A heading in the place of what was typed of it; roles and the like stay behind it, and so does the focus where it is. */
export function takeHeading(field: EditField, heading: EditSubfield[]): EditField {
  const codes = heading.map((subfield) => subfield.code);
  const typed = new Map(field.subfields.map((subfield) => [subfield.code, subfield.key]));
  const taken = heading.map((subfield) => ({ ...subfield, key: typed.get(subfield.code) ?? subfield.key }));
  return { ...field, subfields: [...taken, ...field.subfields.filter((subfield) => !codes.includes(subfield.code))] };
}

/** A phrase in the place of empty subfields, or behind those that hold something. */
export function takePhrase(field: EditField, subfields: EditSubfield[]): EditField {
  return { ...field, subfields: [...field.subfields.filter((subfield) => subfield.value.trim() !== ''), ...subfields] };
}
