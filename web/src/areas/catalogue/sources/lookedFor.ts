/** What other catalogues can be asked by. */
export const ASKED_BY = ['isbn', 'title', 'author', 'number'] as const;
export type AskedBy = (typeof ASKED_BY)[number];

/** Beside those, what is typed can say itself which it is. */
export const BY = ['itself', ...ASKED_BY] as const;
export type By = (typeof BY)[number];

/** By what is asked: a number of ten or thirteen digits is an ISBN, in whatever way it is parted; everything else are words of the title. */
export function askedBy(by: By, typed: string): AskedBy {
  if (by !== 'itself') return by;
  return /^(\d{9}[\dX]|\d{13})$/i.test(typed.replace(/[\s\p{Pd}]/gu, '')) ? 'isbn' : 'title';
}
