/** How an entry of the rule book is entered: its fields, and what each holds. */
export type RuleField =
  | { name: string; as: 'text' | 'long' | 'number' | 'pairs' | 'steps' | 'places' | 'itemValues' }
  | { name: string; as: 'choice'; options: readonly (string | number)[] }
  /** Some of the options; in an order that counts, or not. */
  | { name: string; as: 'some'; options: readonly string[]; isOrdered: boolean }
  /** Another entry of the rule book. */
  | { name: string; as: 'entry'; of: string };

export const STEP_PARTS = ['tags', 'code', 'contains', 'lacks', 'text', 'with'] as const;
export const STEP_ACTS = ['remove', 'add', 'replace', 'move'] as const;
export type Step = Record<string, string>;

const text = (name: string): RuleField => ({ name, as: 'text' });
const number = (name: string): RuleField => ({ name, as: 'number' });

export const RULE_KINDS = {
  worksheet: [text('help'), { name: 'beginning', as: 'long' }, { name: 'places', as: 'places' }],
  'item-preset': [
    { name: 'values', as: 'itemValues' },
    { name: 'range', as: 'entry', of: 'barcode-range' },
  ],
  'barcode-range': [text('beginning'), number('digits'), { name: 'check', as: 'choice', options: ['none', 'luhn', 'ean'] }],
  'match-rule': [
    { name: 'keys', as: 'some', options: ['control', 'isbn', 'issn', 'title'], isOrdered: true },
    { name: 'agreement', as: 'some', options: ['title', 'volume', 'author', 'year', 'edition', 'format', 'number'], isOrdered: false },
  ],
  source: [
    text('url'),
    { name: 'version', as: 'choice', options: ['1.1', '1.2', '2.0'] },
    number('timeLimit'),
    { name: 'indexes', as: 'pairs' },
  ],
  'tidy-rules': [{ name: 'steps', as: 'steps' }],
  'label-sheet': [
    ...['pageWidth', 'pageHeight', 'columns', 'rows', 'left', 'top', 'width', 'height', 'stepX', 'stepY', 'textSize'].map(number),
  ],
  'label-printer': [
    text('address'),
    { name: 'sheet', as: 'entry', of: 'label-sheet' },
    { name: 'dotsPerMm', as: 'choice', options: [6, 8, 12, 24] },
  ],
} as const satisfies Record<string, readonly RuleField[]>;

export type RuleKind = keyof typeof RULE_KINDS;
export const KINDS = Object.keys(RULE_KINDS) as RuleKind[];

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
const plain = (value: unknown): string => (typeof value === 'string' || typeof value === 'number' ? String(value) : '');

/** What a worksheet says about one place of its records. */
export interface PlaceRow {
  place: string;
  need: 'none' | 'recommended' | 'required';
  label: string;
  hint: string;
}

const listed = (value: unknown): string[] => (Array.isArray(value) ? value.map(plain) : []);

function placesOf(content: Record<string, unknown>): PlaceRow[] {
  const [required, recommended] = [listed(content['required']), listed(content['recommended'])];
  const labels = isRecord(content['labels']) ? content['labels'] : {};
  const hints = isRecord(content['hints']) ? content['hints'] : {};
  return [...new Set([...required, ...recommended, ...Object.keys(labels), ...Object.keys(hints)])].map((place) => ({
    place,
    need: required.includes(place) ? 'required' : recommended.includes(place) ? 'recommended' : 'none',
    label: plain(labels[place]),
    hint: plain(hints[place]),
  }));
}

function writtenPlaces(rows: PlaceRow[], before: Record<string, unknown>): Record<string, unknown> {
  const needed = (need: PlaceRow['need']) => rows.filter((row) => row.need === need).map((row) => row.place);
  const texts = (name: 'label' | 'hint') => Object.fromEntries(rows.filter((row) => row[name] !== '').map((row) => [row.place, row[name]]));
  const said = (name: string, byPlace: Record<string, string>) =>
    Object.keys(byPlace).length > 0 || name in before ? { [name]: byPlace } : {};
  return {
    required: needed('required'),
    recommended: needed('recommended'),
    ...said('labels', texts('label')),
    ...said('hints', texts('hint')),
  };
}

/** An entry's content as it stands in the fields of a form. */
export function toFields(fields: readonly RuleField[], content: Record<string, unknown>): Record<string, string> {
  return Object.fromEntries(
    fields.map((field) => {
      const value = content[field.name];
      if (field.as === 'some') return [field.name, Array.isArray(value) ? value.map(plain).join('\n') : ''];
      if (field.as === 'places') return [field.name, JSON.stringify(placesOf(content))];
      if (field.as === 'itemValues') return [field.name, JSON.stringify(isRecord(value) ? value : {})];
      if (field.as === 'pairs')
        return [
          field.name,
          isRecord(value)
            ? Object.entries(value)
                .map(([name, one]) => `${name} = ${plain(one)}`)
                .join('\n')
            : '',
        ];
      if (field.as === 'steps') return [field.name, JSON.stringify(Array.isArray(value) ? value : [])];
      return [field.name, plain(value)];
    }),
  );
}

const linesOf = (value: string): string[] =>
  value
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** What is written after an equals sign: a number where it is one, as it was entered otherwise. */
const valueOf = (written: string): string | number => (/^-?\d{1,9}$/.test(written) && !/^0\d/.test(written) ? Number(written) : written);

/** The content of an entry from the fields of its form; what the form does not show stays. */
export function toContent(
  fields: readonly RuleField[],
  values: Record<string, string>,
  before: Record<string, unknown>,
): Record<string, unknown> {
  const content = { ...before };
  fields.forEach((field) => {
    const value = values[field.name] ?? '';
    if (field.as === 'some') content[field.name] = linesOf(value);
    else if (field.as === 'places') Object.assign(content, writtenPlaces(JSON.parse(value === '' ? '[]' : value) as PlaceRow[], before));
    else if (field.as === 'itemValues') content[field.name] = JSON.parse(value === '' ? '{}' : value);
    else if (field.as === 'pairs')
      content[field.name] = Object.fromEntries(
        linesOf(value).map((line) => {
          const at = line.indexOf('=');
          return at < 0 ? [line, ''] : [line.slice(0, at).trim(), valueOf(line.slice(at + 1).trim())];
        }),
      );
    else if (field.as === 'steps') content[field.name] = JSON.parse(value === '' ? '[]' : value);
    else if (field.as === 'number') content[field.name] = value.trim() === '' ? null : Number(value.replace(',', '.'));
    else if (field.as === 'choice') content[field.name] = field.options.find((option) => String(option) === value) ?? value;
    else if (value !== '' || field.name in before) content[field.name] = value;
  });
  return content;
}
