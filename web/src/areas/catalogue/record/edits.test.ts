import { describe, expect, it } from 'vitest';
import { dice, pick } from '../../../testing/dice';
import {
  addField,
  addSubfield,
  changeField,
  changeSubfield,
  moveField,
  moveSubfield,
  removeField,
  removeSubfield,
  repeatField,
  retag,
  setPosition,
  takeHeading,
  takePhrase,
} from './edits';
import { type EditField, readField, readRecord, writeRecord } from '../../../marc/marcText';

const TEXT = 'LDR 00000nam a2200000 i 4500\n100 1# $aVenn\n245 10 $aTides$bof Skellin\n650 #4 $aTides';
const record = (): EditField[] => readRecord(TEXT);
const lines = (fields: EditField[]): string[] => writeRecord(fields).split('\n').slice(1);
const key = (fields: EditField[], tag: string): number => fields.find((field) => field.tag === tag)?.key ?? 0;

describe('editing a record', () => {
  it('puts a new field where its tag belongs, or behind the one named', () => {
    const fields = record();
    expect(lines(addField(fields, '500', null)[0])).toEqual(['100 1# $aVenn', '245 10 $aTides$bof Skellin', '500 ## $a', '650 #4 $aTides']);
    expect(lines(addField(fields, '500', key(fields, '100'))[0])[1]).toBe('500 ## $a');
    expect(lines(addField(fields, '008', null)[0])[0]).toBe('008 ');
    expect(writeRecord(fields)).toBe(TEXT);
  });

  it('repeats, moves and removes fields, but never the leader', () => {
    const fields = record();
    expect(lines(repeatField(fields, key(fields, '650'))[0]).filter((line) => line.startsWith('650'))).toHaveLength(2);
    expect(lines(moveField(fields, key(fields, '245'), -1))[0]).toMatch(/^245/);
    expect(moveField(fields, key(fields, '100'), -1)).toBe(fields);
    expect(lines(removeField(fields, key(fields, '245')))).toHaveLength(2);
    expect(removeField(fields, key(fields, 'LDR'))).toHaveLength(4);
  });

  it('adds, changes, moves and removes subfields', () => {
    const fields = record();
    const title = key(fields, '245');
    const subfield = (index: number) => fields[2]?.subfields[index]?.key ?? 0;
    const changed = (change: (field: EditField) => EditField) => lines(changeField(fields, title, change))[1];
    expect(changed((field) => addSubfield(field, subfield(0), 'n')[0])).toBe('245 10 $aTides$n$bof Skellin');
    expect(changed((field) => changeSubfield(field, subfield(1), { value: 'of Farrow' }))).toBe('245 10 $aTides$bof Farrow');
    expect(changed((field) => moveSubfield(field, subfield(1), -1))).toBe('245 10 $bof Skellin$aTides');
    expect(changed((field) => moveSubfield(field, subfield(1), 1))).toBe('245 10 $aTides$bof Skellin');
    expect(changed((field) => removeSubfield(field, subfield(0)))).toBe('245 10 $bof Skellin');
  });

  it('keeps the text when a tag becomes another kind of field', () => {
    const fields = record();
    expect(lines(changeField(fields, key(fields, '245'), (field) => retag(field, '001')))[1]).toBe('001 Tides of Skellin');
    expect(lines(changeField(fields, key(fields, '245'), (field) => retag(field, '246')))[1]).toBe('246 10 $aTides$bof Skellin');
  });

  it('takes a heading over and keeps the role', () => {
    const [field] = readRecord('LDR 00000nam a2200000 i 4500\n100 1# $aVen$eauthor.').slice(1);
    const heading = readRecord('LDR 00000nam a2200000 i 4500\n100 1# $aVenn, Mara,$d1950-')[1]?.subfields ?? [];
    if (field === undefined) throw new Error('There is no field.');
    const taken = takeHeading(field, heading);
    expect(writeRecord([taken])).toBe('100 1# $aVenn, Mara,$d1950-$eauthor.');
    expect(taken.subfields[0]?.key).toBe(field.subfields[0]?.key);
  });

  it('sets coded positions and fills what was too short', () => {
    expect(setPosition('260303s2019', 7, 4, '2020')).toBe('260303s2020');
    expect(setPosition('ab', 4, 2, 'x')).toBe('ab  x ');
  });

  it('puts a phrase in the place of what is empty, and behind what is not', () => {
    const phrase = () => readField('500 ## $aWith a folded chart$5VIL', 1).subfields;
    const empty = takePhrase(readField('500 ## $a$b', 1), phrase());
    expect(empty.subfields.map(({ code, value }) => `${code}=${value}`)).toEqual(['a=With a folded chart', '5=VIL']);
    const filled = takePhrase(readField('500 ## $aSigned$b ', 1), phrase());
    expect(filled.subfields.map(({ code, value }) => `${code}=${value}`)).toEqual(['a=Signed', 'a=With a folded chart', '5=VIL']);
  });

  it('keeps the leader first, each key once and the text readable, whatever is done in whatever order', () => {
    const roll = dice(31);
    let fields = record();
    for (let round = 0; round < 3000; round += 1) {
      const before = writeRecord(fields);
      const given = fields;
      const field = pick(fields, roll);
      const subfield = field.subfields[roll(Math.max(1, field.subfields.length))]?.key ?? 0;
      const by = pick([-1, 1] as const, roll);
      const acts = [
        () => addField(fields, pick(['001', '245', '500', '999'], roll), roll(2) === 0 ? null : field.key)[0],
        () => repeatField(fields, field.key)[0],
        () => moveField(fields, field.key, by),
        () => (fields.length > 4 ? removeField(fields, field.key) : fields),
        () => (fields.length > 30 ? fields.slice(0, 5) : fields),
        () => changeField(fields, field.key, (one) => addSubfield(one, roll(2) === 0 ? null : subfield, 'x')[0]),
        () => changeField(fields, field.key, (one) => removeSubfield(one, subfield)),
        () => changeField(fields, field.key, (one) => moveSubfield(one, subfield, by)),
        () => changeField(fields, field.key, (one) => changeSubfield(one, subfield, { value: 'Tides of Skellin' })),
        () => (field.tag === 'LDR' ? fields : changeField(fields, field.key, (one) => retag(one, pick(['003', '100', '650'], roll)))),
      ];
      fields = pick(acts, roll)();
      expect(writeRecord(given)).toBe(before);
      expect(fields.findIndex((one) => one.tag === 'LDR')).toBe(0);
      const keys = fields.flatMap((one) => [one.key, ...one.subfields.map((part) => part.key)]);
      expect(new Set(keys).size).toBe(keys.length);
      expect(writeRecord(readRecord(writeRecord(fields)))).toBe(writeRecord(fields));
    }
  });

  it('goes back where it came from when a move is done the other way round', () => {
    const fields = record();
    for (const field of fields.slice(2)) {
      expect(writeRecord(moveField(moveField(fields, field.key, -1), field.key, 1))).toBe(TEXT);
    }
    const [title] = fields.filter((field) => field.tag === '245');
    const last = title?.subfields[1]?.key ?? 0;
    expect(title === undefined ? '' : writeRecord([moveSubfield(moveSubfield(title, last, -1), last, 1)])).toBe(
      '245 10 $aTides$bof Skellin',
    );
  });
});
