import { describe, expect, it } from 'vitest';
import { ScanRhythm } from './scanRhythm';

/** Feeds a text at one pace and answers what the last stroke gave. */
function strokes(rhythm: ScanRhythm, keys: string[], pace: number, from = 1000): string | null {
  let code: string | null = null;
  keys.forEach((key, index) => {
    code = rhythm.feed(key, from + index * pace);
  });
  return code;
}

describe('a scan is known by its rhythm', () => {
  it.each([
    ['a scanner', 8, '300000007'],
    ['a slow scanner', 34, '300000007'],
  ])('%s is taken', (_, pace, code) => {
    expect(strokes(new ScanRhythm(), [...Array.from(code), 'Enter'], pace)).toBe(code);
  });
  it('fingers are not', () => {
    expect(strokes(new ScanRhythm(), [...Array.from('300000007'), 'Enter'], 60)).toBeNull();
  });
  it('three characters are too few', () => {
    expect(strokes(new ScanRhythm(), [...Array.from('123'), 'Enter'], 5)).toBeNull();
  });
  it('Tab ends a scan too', () => {
    expect(strokes(new ScanRhythm(), [...Array.from('P0000001'), 'Tab'], 5)).toBe('P0000001');
  });
  it('what was typed before does not belong to it', () => {
    const rhythm = new ScanRhythm();
    strokes(rhythm, Array.from('Mar'), 200, 0);
    expect(strokes(rhythm, [...Array.from('300000007'), 'Enter'], 5, 5000)).toBe('300000007');
  });
  it('capital letters come with Shift', () => {
    expect(strokes(new ScanRhythm(), ['Shift', 'P', '0', '0', '1', 'Enter'], 5)).toBe('P001');
  });
  it('Enter after a pause is Enter', () => {
    const rhythm = new ScanRhythm();
    strokes(rhythm, Array.from('300000007'), 5, 0);
    expect(rhythm.feed('Enter', 900)).toBeNull();
  });
  it('two scans, one behind the other, are two', () => {
    const rhythm = new ScanRhythm();
    expect(strokes(rhythm, [...Array.from('11112222'), 'Enter'], 5, 0)).toBe('11112222');
    expect(strokes(rhythm, [...Array.from('33334444'), 'Enter'], 5, 50)).toBe('33334444');
  });
});
