import { describe, expect, it } from 'vitest';
import { stepped } from './arrowKeys';

describe('arrow keys in a list', () => {
  it.each([
    ['ArrowDown', 0, 3, 1],
    ['ArrowDown', 2, 3, null],
    ['ArrowUp', 2, 3, 1],
    ['ArrowUp', 0, 3, null],
    ['Enter', 1, 3, null],
    ['ArrowDown', -1, 3, null],
    ['ArrowDown', -1, 0, null],
  ])('%s from stop %i of %i', (key, at, count, to) => {
    expect(stepped(key, at, count)).toBe(to);
  });
});
