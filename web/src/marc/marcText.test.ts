import { describe, expect, it } from 'vitest';
import { readRecord, TextProblem, writeRecord } from './marcText';

const LEADER = 'LDR 00000nam a2200000 i 4500';

describe('a record as text', () => {
  it.each([
    ['a plain one', `${LEADER}\n001 vi1\n245 10 $aTides of Skellin :$ba pilot's book`],
    ['a dollar sign and a backslash', `${LEADER}\n245 10 $aIt cost \\$5 \\\\ or more$c\\\\\\$`],
    ['a blank indicator and one that looks like it', `${LEADER}\n500 #\\x23 $ax`],
    ['an escape character', `${LEADER}\n500 ## $aa\\x1Bb`],
    ['an empty subfield', `${LEADER}\n500 ## $a$b`],
    ['a field without subfields', `${LEADER}\n500 ## `],
    ['other scripts', `${LEADER}\n245 00 $a潮の本 🏮`],
  ])('%s comes out as it went in', (_name, text) => {
    expect(writeRecord(readRecord(text))).toBe(text);
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
