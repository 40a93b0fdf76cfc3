import { describe, expect, it } from 'vitest';
import { withScan } from './scanTarget';

describe('a field that takes scans', () => {
  it.each([
    ['one', '', '300000001', '300000001'],
    ['one', 'typed before', '300000001', '300000001'],
    ['send', '978', '9795000000426', '9795000000426'],
    ['lines', '', '300000001', '300000001\n'],
    ['lines', '300000001\n', '300000002', '300000001\n300000002\n'],
    ['lines', '300000001', '300000002', '300000001\n300000002\n'],
  ] as const)('as %s, holding %j, scanned %s', (takes, held, code, after) => {
    expect(withScan(held, code, takes)).toBe(after);
  });
});
