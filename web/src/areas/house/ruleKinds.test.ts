import { describe, expect, it } from 'vitest';
import { RULE_KINDS, toContent, toFields } from './ruleKinds';

describe('an entry of the rule book', () => {
  const entries: [keyof typeof RULE_KINDS, Record<string, unknown>][] = [
    ['worksheet', { help: 'For books.', beginning: 'LDR 00000nam\n245 10 $a', required: ['245$a'], recommended: [] }],
    ['item-preset', { values: { lendingClass: 'NEW', pieces: 3, prefix: 'J' }, range: 'gear' }],
    [
      'worksheet',
      {
        help: 'For all.',
        beginning: '245 10 $a$c',
        required: ['245$a'],
        recommended: ['245$c'],
        labels: { '245$a': 'As on the title page', '500': 'Note' },
        hints: { '245$c': 'All names' },
      },
    ],
    ['match-rule', { keys: ['issn', 'isbn'], agreement: ['year'] }],
    ['barcode-range', { beginning: 'GEAR', digits: 4, check: 'none' }],
    ['source', { url: 'http://127.0.0.1/x', version: '1.2', timeLimit: 5, indexes: { isbn: 'bath.isbn' } }],
    [
      'tidy-rules',
      {
        steps: [
          { act: 'remove', tags: '9..' },
          { act: 'add', text: '040 ## $cVIL' },
        ],
      },
    ],
    ['label-printer', { address: 'tcp://printer:9100', sheet: 'roll-spine', dotsPerMm: 8 }],
  ];

  it.each(entries)('of the kind %s comes out of its form as it went in', (kind, content) => {
    expect(toContent(RULE_KINDS[kind], toFields(RULE_KINDS[kind], content), {})).toEqual(content);
  });

  it('keeps what its form does not show', () => {
    expect(toContent(RULE_KINDS['match-rule'], { keys: 'isbn', agreement: '' }, { note: 'ours' })).toEqual({
      keys: ['isbn'],
      agreement: [],
      note: 'ours',
    });
  });

  it('takes numbers with a comma, and leaves codes that begin with a nought', () => {
    expect(toContent(RULE_KINDS['label-sheet'], { pageWidth: '215,9' }, {})['pageWidth']).toBe(215.9);
    expect(toContent(RULE_KINDS['item-preset'], { values: '{"prefix":"007"}' }, {})['values']).toEqual({ prefix: '007' });
  });
});
