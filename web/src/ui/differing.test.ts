import { describe, expect, it } from 'vitest';
import { differing } from './differing';

describe('what is different in a text', () => {
  it.each([
    ['212 pages', '212 pages', ['212 pages', '', '']],
    ['212 pages', '213 pages', ['21', '2', ' pages']],
    ['Tides', 'Tides of Skellin', ['Tides', '', '']],
    ['aa', 'a', ['a', 'a', '']],
    ['🏮 lamp', '🏮 lantern', ['🏮 la', 'mp', '']],
  ])('%s beside %s', (text, other, parts) => {
    expect(differing(text, other)).toEqual(parts);
  });
});
