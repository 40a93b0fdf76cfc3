import { describe, expect, it } from 'vitest';
import { beginningOf } from './presets';

const NOW = Date.parse('2026-03-03T10:00:00Z');

describe('what an item begins with', () => {
  it('is what its preset says, weeks turned into the day on which they end', () => {
    const content = { values: { lendingClass: 'NEW', pieces: 3, temporaryLocation: 'NEWS', temporaryWeeks: 6 }, range: 'gear' };
    expect(beginningOf(content, NOW)).toEqual({
      values: { lendingClass: 'NEW', pieces: 3, temporaryLocation: 'NEWS', temporaryUntil: '2026-04-14' },
      range: 'gear',
    });
  });

  it('is nothing without a preset', () => {
    expect(beginningOf({}, NOW)).toEqual({ values: {}, range: '' });
  });
});
