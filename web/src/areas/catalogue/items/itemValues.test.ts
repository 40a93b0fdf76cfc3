import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../../api/client';
import { beginningLike, BLANK, sentOf, valuesOf, withPreset } from './itemValues';

const CONCERTINA = {
  ...BLANK,
  id: 7,
  version: 3,
  barcode: 'GEAR0007',
  status: 'on-loan',
  branch: 'LAN',
  location: 'GEAR',
  callNumber: 'GEAR 7',
  copy: '7',
  price: '120.00',
  acquiredOn: '2026-03-01',
  serialNumber: 'VI-2209',
  pieces: 2,
  piecesNote: 'instrument and case',
  checkInMessage: 'Is the case closed?',
  staffNote: 'a scratch',
  temporaryUntil: null,
} as unknown as Schemas['ItemView'];

describe('the values of an item form', () => {
  it('are texts, also where the item has none', () => {
    expect(Object.values(valuesOf(CONCERTINA)).every((value) => typeof value === 'string')).toBe(true);
    expect(valuesOf(CONCERTINA)).toMatchObject({ pieces: '2', temporaryUntil: '', price: '120.00' });
  });

  it('begin like another piece, without what is its own', () => {
    expect(beginningLike(CONCERTINA)).toMatchObject({
      pieces: '2',
      piecesNote: 'instrument and case',
      checkInMessage: 'Is the case closed?',
      branch: 'LAN',
    });
    expect(beginningLike(CONCERTINA)).toMatchObject({
      barcode: '',
      copy: '',
      status: 'available',
      serialNumber: '',
      staffNote: '',
      acquiredOn: '',
    });
    expect(beginningLike(null)).toEqual(BLANK);
  });

  it('take what a preset gives and leave the rest', () => {
    const values = withPreset(
      { ...BLANK, branch: 'LAN', callNumber: '551.5' },
      { status: 'in-process', pieces: 3, range: 'gear', temporaryUntil: '2026-04-14' },
    );
    expect(values).toEqual({
      ...BLANK,
      branch: 'LAN',
      callNumber: '551.5',
      status: 'in-process',
      pieces: '3',
      temporaryUntil: '2026-04-14',
    });
  });

  it('are sent as nothing where nothing is said', () => {
    expect(sentOf(BLANK)).toMatchObject({ price: null, acquiredOn: null, temporaryUntil: null, pieces: 1, vendor: '' });
    expect(sentOf({ ...BLANK, pieces: 'many' }).pieces).toBe(0);
  });
});
