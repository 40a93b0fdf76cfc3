import type { Schemas } from '../../../api/client';

type Item = Schemas['ItemView'];

/** What a person may say an item is; the rest is said by lending. */
export const SET_BY_HAND = ['available', 'in-process', 'in-repair', 'claimed-returned', 'lost', 'missing', 'withdrawn'] as const;

/** An item as it stands in a form: every field a text. */
export const valuesOf = (item: Item) => ({
  barcode: item.barcode,
  status: item.status as string,
  branch: item.branch,
  location: item.location,
  lendingClass: item.lendingClass,
  prefix: item.prefix,
  callNumber: item.callNumber,
  suffix: item.suffix,
  copy: item.copy,
  price: item.price ?? '',
  acquiredOn: item.acquiredOn ?? '',
  staffNote: item.staffNote,
  volume: item.volume,
  material: item.material,
  vendor: item.vendor,
  fund: item.fund,
  serialNumber: item.serialNumber,
  pieces: String(item.pieces),
  piecesNote: item.piecesNote,
  publicNote: item.publicNote,
  checkInMessage: item.checkInMessage,
  checkOutMessage: item.checkOutMessage,
  temporaryLocation: item.temporaryLocation,
  temporaryUntil: item.temporaryUntil ?? '',
});
export type ItemValues = ReturnType<typeof valuesOf>;

export const BLANK: ItemValues = {
  barcode: '',
  status: 'available',
  branch: '',
  location: '',
  lendingClass: '',
  prefix: '',
  callNumber: '',
  suffix: '',
  copy: '',
  price: '',
  acquiredOn: '',
  staffNote: '',
  volume: '',
  material: '',
  vendor: '',
  fund: '',
  serialNumber: '',
  pieces: '1',
  piecesNote: '',
  publicNote: '',
  checkInMessage: '',
  checkOutMessage: '',
  temporaryLocation: '',
  temporaryUntil: '',
};

/** What belongs to one piece alone, so that another does not begin with it. */
const ITS_OWN = { barcode: '', copy: '', status: 'available', staffNote: '', acquiredOn: '', serialNumber: '' };

/** A new item begins like another of the same title. */
export function beginningLike(other: Item | null): ItemValues {
  return other === null ? BLANK : { ...valuesOf(other), ...ITS_OWN };
}

/** The values with those that a preset gives. */
export function withPreset(values: ItemValues, given: Record<string, string | number>): ItemValues {
  const known = Object.entries(given).filter(([name]) => name in BLANK);
  return { ...values, ...Object.fromEntries(known.map(([name, value]) => [name, String(value)])) };
}

/** As the API takes them: what is not said is nothing, not an empty text. */
export function sentOf<V extends Pick<ItemValues, 'price' | 'acquiredOn' | 'pieces' | 'temporaryUntil'>>(values: V) {
  return {
    ...values,
    price: values.price || null,
    acquiredOn: values.acquiredOn || null,
    pieces: Number(values.pieces) || 0,
    temporaryUntil: values.temporaryUntil || null,
  };
}
