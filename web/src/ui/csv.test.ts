import { describe, expect, it } from 'vitest';
import { toCsv } from './csv';

describe('a list as CSV', () => {
  it.each([
    ['plain cells', ['Tides', '2019'], 'Tides,2019\r\n'],
    ['a comma', ['Venn, Mara'], '"Venn, Mara"\r\n'],
    ['a quotation mark', ['The "Tern"'], '"The ""Tern"""\r\n'],
    ['a line break', ['Quay Street\nSkellin'], '"Quay Street\nSkellin"\r\n'],
    ['an empty cell', ['', 'x'], ',x\r\n'],
    ['what a spreadsheet would compute', ['=1+1'], "'=1+1\r\n"],
    ['what a spreadsheet would run', ['@SUM(A1)'], "'@SUM(A1)\r\n"],
    ['a negative number', ['-3'], "'-3\r\n"],
  ])('%s', (_, row, csv) => {
    expect(toCsv([row])).toBe(csv);
  });
  it('one line a row', () => {
    expect(toCsv([['Title'], ['Tides'], ['Terns']])).toBe('Title\r\nTides\r\nTerns\r\n');
  });
});
