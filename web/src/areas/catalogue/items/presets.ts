import { queryOptions } from '@tanstack/react-query';
import { itemPresets } from '../../../api/queries';

const WEEK = 7 * 86_400_000;

export interface Beginning {
  /** Values of a new item, by field. */
  values: Record<string, string | number>;
  /** Code of the barcode range that goes with it, or nothing. */
  range: string;
}

/** What new items begin with by a preset; weeks at a place for a time become the day on which they end. */
export function beginningOf(content: Record<string, unknown>, now: number): Beginning {
  const values: Beginning['values'] = {};
  for (const [name, value] of Object.entries((content['values'] ?? {}) as Record<string, unknown>)) {
    if (name === 'temporaryWeeks' && typeof value === 'number')
      values['temporaryUntil'] = new Date(now + value * WEEK).toISOString().slice(0, 10);
    else if (typeof value === 'string' || typeof value === 'number') values[name] = value;
  }
  return { values, range: typeof content['range'] === 'string' ? content['range'] : '' };
}

/** The presets by code. */
export const presetChoices = queryOptions({
  ...itemPresets,
  select: (presets) => presets.map((one) => ({ value: one.code, label: one.name, content: one.content })),
});
