/** How an entry of the rule book is entered: its fields, and what each holds. */
export type RuleField =
  | { name: string; as: 'text' | 'long' | 'number' | 'list' | 'pairs' | 'steps' }
  | { name: string; as: 'choice'; options: readonly (string | number)[] };

export const STEP_PARTS = ['tags', 'code', 'contains', 'lacks', 'text', 'with'] as const;
export const STEP_ACTS = ['remove', 'add', 'replace', 'move'] as const;
export type Step = Record<string, string>;

const text = (name: string): RuleField => ({ name, as: 'text' });
const number = (name: string): RuleField => ({ name, as: 'number' });
const list = (name: string): RuleField => ({ name, as: 'list' });

export const RULE_KINDS = {
  worksheet: [text('help'), { name: 'beginning', as: 'long' }, list('required'), list('recommended')],
  'item-preset': [{ name: 'values', as: 'pairs' }, text('range')],
  'barcode-range': [text('beginning'), number('digits'), { name: 'check', as: 'choice', options: ['none', 'luhn', 'ean'] }],
  'match-rule': [list('keys'), list('agreement')],
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
  'label-printer': [text('address'), text('sheet'), { name: 'dotsPerMm', as: 'choice', options: [6, 8, 12, 24] }],
} as const satisfies Record<string, readonly RuleField[]>;

export type RuleKind = keyof typeof RULE_KINDS;
export const KINDS = Object.keys(RULE_KINDS) as RuleKind[];

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
const plain = (value: unknown): string => (typeof value === 'string' || typeof value === 'number' ? String(value) : '');

/** An entry's content as it stands in the fields of a form. */
export function toFields(fields: readonly RuleField[], content: Record<string, unknown>): Record<string, string> {
  return Object.fromEntries(
    fields.map((field) => {
      const value = content[field.name];
      if (field.as === 'list') return [field.name, Array.isArray(value) ? value.map(plain).join('\n') : ''];
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
    if (field.as === 'list') content[field.name] = linesOf(value);
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
