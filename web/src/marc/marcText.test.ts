import { describe, expect, it } from 'vitest';
import { dice, pick } from '../testing/dice';
import { type EditField, isControl, newKey, readRecord, TextProblem, writeRecord } from './marcText';

/** Without the keys, which are new each time. */
const bare = ({ tag, ind1, ind2, value, subfields }: EditField) => ({
  tag,
  ind1,
  ind2,
  value,
  subfields: subfields.map(({ code, value: text }) => [code, text]),
});
const LEADER = 'LDR 00000nam a2200000 i 4500';

describe('a record as text', () => {
  it.each([
    ['a plain one', `${LEADER}\n001 vi1\n245 10 $aTides of Skellin :$ba pilot's book`],
    ['a dollar sign and a backslash', `${LEADER}\n245 10 $aIt cost \\$5 \\\\ or more$c\\\\\\$`],
    ['a blank indicator and one that looks like it', `${LEADER}\n500 #\\x23 $ax`],
    ['an escape character', `${LEADER}\n500 ## $aa\\x1Bb`],
    ['an empty subfield', `${LEADER}\n500 ## $a$b`],
    ['a field without subfields', `${LEADER}\n500 ## `],
    ['a backslash before the next subfield', `${LEADER}\n856 40 $uC:\\\\$zon this machine`],
    ['other scripts', `${LEADER}\n245 00 $a潮の本 🏮`],
  ])('%s comes out as it went in', (_name, text) => {
    expect(writeRecord(readRecord(text))).toBe(text);
  });

  it('comes out as it went in, whatever it is made of', () => {
    const roll = dice(11);
    const texts = ['Tides', ' ', '', '$', '\\', '\\x', '#', 'Ω', '潮', '🏮', '\u001b', '\t', '\n', "pilot's", '\\$', '$$', 'e\u0301'];
    const text = () => Array.from({ length: roll(5) }, () => pick(texts, roll)).join('');
    for (let round = 0; round < 2000; round += 1) {
      const fields: EditField[] = [{ key: newKey(), tag: 'LDR', ind1: ' ', ind2: ' ', value: '00000nam a2200000 i 4500', subfields: [] }];
      for (let left = roll(6); left > 0; left -= 1) {
        const tag = pick(['001', '008', '245', '500', '9a1'], roll);
        const value = isControl(tag) ? text() : null;
        const subfields =
          value === null
            ? Array.from({ length: roll(4) }, () => ({
                key: newKey(),
                code: pick(['a', 'b', '9', '$', '\\', '#', 'é'], roll),
                value: text(),
              }))
            : [];
        const indicator = () => (value === null ? pick([' ', '0', '#', '$', '\\'], roll) : ' ');
        fields.push({ key: newKey(), tag, ind1: indicator(), ind2: indicator(), value, subfields });
      }
      expect(readRecord(writeRecord(fields)).map(bare)).toEqual(fields.map(bare));
    }
  });

  it('is read or refused with its line, whatever somebody types', () => {
    const roll = dice(12);
    const pieces = ['LDR ', '00000nam', '245', ' ', '10', '##', '$a', '$', '\\', '\\x', '\\x1B', '\n', 'Tides', '001 ', 'ü'];
    let refused = 0;
    for (let round = 0; round < 2000; round += 1) {
      const text = `${roll(3) === 0 ? '' : `${LEADER}\n`}${Array.from({ length: roll(9) }, () => pick(pieces, roll)).join('')}`;
      try {
        const read = readRecord(text);
        expect(readRecord(writeRecord(read)).map(bare)).toEqual(read.map(bare));
      } catch (thrown) {
        expect(thrown).toBeInstanceOf(TextProblem);
        expect((thrown as TextProblem).line).toBeGreaterThan(0);
        expect((thrown as TextProblem).line).toBeLessThanOrEqual(text.split('\n').length);
        refused += 1;
      }
    }
    expect(refused).toBeGreaterThan(200);
    expect(refused).toBeLessThan(1900);
  });

  it.each([
    ['no leader', '245 10 $aTides', 1],
    ['a tag of two characters', `${LEADER}\n24 10 $aTides`, 2],
    ['no subfield', `${LEADER}\n245 10 Tides`, 2],
    ['a dollar sign without a code', `${LEADER}\n\n245 10 $aTides$`, 3],
  ])('%s is said with its line', (_name, text, line) => {
    let problem: unknown;
    try {
      readRecord(text);
    } catch (thrown) {
      problem = thrown;
    }
    expect(problem).toBeInstanceOf(TextProblem);
    expect((problem as TextProblem).line).toBe(line);
  });
});
