import { describe, expect, it } from 'vitest';
import { placesIn } from './places';

describe('the places of a record in text form', () => {
  it('are its fields and their subfields, each once, without the leader', () => {
    expect(placesIn('LDR 00000nam a22000003i 4500\n008 260101s\n245 10 $a$b\n650 #4 $aTides$aagain\n650 #4 $x')).toEqual([
      '008',
      '245',
      '245$a',
      '245$b',
      '650',
      '650$a',
      '650$x',
    ]);
  });

  it('are not where a dollar sign is meant, nor in lines that are no fields', () => {
    expect(placesIn('020 ## $c\\$5.00\nnonsense\n\n')).toEqual(['020', '020$c']);
  });
});
