import type { Place } from '../../../marc/places';

/** What a worksheet itself says about its fields: how the house calls them, and the help beside them; empty where it says nothing. */
export interface WorksheetWords {
  label: (place: Place) => string;
  hint: (place: Place) => string;
}

export function wordsOf(content: Record<string, unknown>): WorksheetWords {
  const lookUp = (list: unknown) => (place: Place) => {
    const text: unknown = typeof list === 'object' && list !== null ? (list as Record<string, unknown>)[place] : undefined;
    return typeof text === 'string' ? text : '';
  };
  return { label: lookUp(content['labels']), hint: lookUp(content['hints']) };
}
