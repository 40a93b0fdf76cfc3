import { describe, expect, it } from 'vitest';
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
});
