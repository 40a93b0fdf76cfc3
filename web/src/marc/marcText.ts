/** A record as it is edited: its leader and fields, each with a key that lasts while it is moved. */
export interface EditSubfield {
  key: number;
  code: string;
  value: string;
}
export interface EditField {
  key: number;
  /** LDR for the leader. */
  tag: string;
  ind1: string;
  ind2: string;
  /** The text of a control field; null for fields with subfields. */
  value: string | null;
  subfields: EditSubfield[];
}

let last = 0;
export const newKey = (): number => (last += 1);

export const isControl = (tag: string): boolean => tag === 'LDR' || tag.startsWith('00');

const escaped = (text: string, alsoDollar: boolean): string => {
  const doubled = text.replaceAll('\\', '\\\\');
  const safe = alsoDollar ? doubled.replaceAll('$', '\\$') : doubled;
  // eslint-disable-next-line no-control-regex -- whatever would break a line is written as its code
  return safe.replace(/[\x00-\x08\x0a-\x1f]/g, (found) => `\\x${found.charCodeAt(0).toString(16).toUpperCase().padStart(2, '0')}`);
};

const unescaped = (text: string): string =>
  text.replace(/\\(?:x([0-9A-F]{2})|([\s\S]))/g, (_all, code: string | undefined, other: string | undefined) =>
    code === undefined ? (other ?? '') : String.fromCharCode(parseInt(code, 16)),
  );

const writtenIndicator = (indicator: string): string => (indicator === ' ' ? '#' : indicator === '#' ? '\\x23' : escaped(indicator, true));

export function writeField(field: EditField): string {
  if (field.value !== null) return `${field.tag} ${escaped(field.value, false)}`;
  const subfields = field.subfields.map((subfield) => `$${escaped(subfield.code, true)}${escaped(subfield.value, true)}`);
  return `${field.tag} ${writtenIndicator(field.ind1)}${writtenIndicator(field.ind2)} ${subfields.join('')}`;
}

/** The canonical text form: one line a field. */
export const writeRecord = (fields: EditField[]): string => fields.map(writeField).join('\n');

export class TextProblem extends Error {
  readonly line: number;
  constructor(line: number, what: string) {
    super(what);
    this.line = line;
  }
}

const INDICATORS = /^(\\x[0-9A-F]{2}|\\[\\$]|[^\\])(\\x[0-9A-F]{2}|\\[\\$]|[^\\]) ?/;

function readSubfields(text: string, line: number): EditSubfield[] {
  if (text !== '' && !text.startsWith('$')) throw new TextProblem(line, 'subfield');
  return text
    .split(/(?<=(?:^|[^\\])(?:\\\\)*)\$/)
    .slice(1)
    .map((part) => {
      const value = unescaped(part);
      if (value === '') throw new TextProblem(line, 'code');
      const code = String.fromCodePoint(value.codePointAt(0) ?? 0);
      return { key: newKey(), code, value: value.slice(code.length) };
    });
}

export function readField(written: string, line: number): EditField {
  if (!/^[0-9A-Za-z]{3} /.test(written)) throw new TextProblem(line, 'tag');
  const tag = written.slice(0, 3);
  const rest = written.slice(4);
  if (isControl(tag)) return { key: newKey(), tag, ind1: ' ', ind2: ' ', value: unescaped(rest), subfields: [] };
  const found = INDICATORS.exec(rest);
  if (found === null) throw new TextProblem(line, 'indicators');
  const indicator = (index: number) => (found[index] === '#' ? ' ' : unescaped(found[index] ?? ' '));
  return {
    key: newKey(),
    tag,
    ind1: indicator(1),
    ind2: indicator(2),
    value: null,
    subfields: readSubfields(rest.slice(found[0].length), line),
  };
}

/** @throws TextProblem which names the line */
export function readRecord(text: string): EditField[] {
  const fields: EditField[] = [];
  text.split('\n').forEach((line, index) => {
    if (line.trim() !== '') fields.push(readField(line, index + 1));
  });
  if (fields[0]?.tag !== 'LDR') throw new TextProblem(1, 'leader');
  return fields;
}
