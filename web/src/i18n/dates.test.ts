import { describe, expect, it } from 'vitest';
import { clockTime, dayParts, exactTime, shortDay } from './dates';

describe('dates at a desk', () => {
  it('a day of this year has no year', () => expect(shortDay('2026-03-17', 2026)).toBe('Tue 17 Mar'));
  it('a day of another year has one', () => expect(shortDay('2027-01-01', 2026)).toBe('Fri 1 Jan 2027'));
  it('an instant is read by the clock of the house that wrote it', () => {
    expect(shortDay('2026-03-17T23:30:00-05:00', 2026)).toBe('Tue 17 Mar');
    expect(clockTime('2026-03-17T23:30:00-05:00')).toBe('23:30');
  });
  it('the exact time has everything', () => expect(exactTime('2026-03-17T18:00:00+00:00')).toBe('Tue 17 Mar 2026, 18:00'));
  it('a leap day is a day', () => expect(dayParts('2028-02-29')).toEqual({ weekday: 'Tue', day: 29, month: 'Feb', year: 2028 }));
});
