import { describe, expect, it } from 'vitest';
import { opened } from './told';

describe('what the journal was told', () => {
  it('stands as it is when it is plain', () => {
    expect(opened({ status: 'lost', price: null, items: ['1', '2'] })).toEqual({ status: 'lost', price: null, items: ['1', '2'] });
  });

  it('is opened where it has names of its own inside', () => {
    expect(opened({ kind: 'worksheet', content: { help: 'For books.', required: ['245$a'] } })).toEqual({
      kind: 'worksheet',
      help: 'For books.',
      required: ['245$a'],
    });
  });

  it('is only counted where it is of many things by their numbers', () => {
    expect(opened({ items: { '17': 3, '18': 3 }, other: 5 })).toEqual({ items: 2, other: 5 });
  });
});
