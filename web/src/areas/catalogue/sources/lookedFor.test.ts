import { describe, expect, it } from 'vitest';
import { ASKED_BY, askedBy } from './lookedFor';

describe('what other catalogues are asked by', () => {
  it.each([
    ['9783000000010', 'isbn'],
    ['978-3-00-000001-0', 'isbn'],
    ['978\u20113\u201100\u2011000001\u20110', 'isbn'],
    ['3 00 000001 x', 'isbn'],
    ['3000000010', 'isbn'],
    ['Tides of Skellin', 'title'],
    ['1984', 'title'],
    ['97830000000', 'title'],
    ['9783000000010 Tides', 'title'],
  ])('says itself that %s is an %s', (typed, by) => {
    expect(askedBy('itself', typed)).toBe(by);
  });

  it.each(ASKED_BY)('is %s if somebody says so, whatever is typed', (by) => {
    expect([askedBy(by, '9783000000010'), askedBy(by, 'Tides of Skellin')]).toEqual([by, by]);
  });
});
