/**
 * How a text field takes what is scanned while the cursor stands in it: as its one text, as one line more, or as its text that is sent at once.
 * Fields that say nothing of it take no scans; those go to the lit lane.
 */
export type TakesScans = 'one' | 'lines' | 'send';

/** What a field that takes scans holds after one. */
export function withScan(held: string, code: string, takes: TakesScans): string {
  if (takes !== 'lines') return code;
  return `${held}${held === '' || held.endsWith('\n') ? '' : '\n'}${code}\n`;
}

/** The attribute by which a field says that it takes scans. */
export function takesScans(takes: TakesScans | undefined): { 'data-scans'?: TakesScans } {
  return takes === undefined ? {} : { 'data-scans': takes };
}

export function scansTakenBy(element: HTMLElement): TakesScans | null {
  const takes = element.dataset['scans'];
  return takes === 'one' || takes === 'lines' || takes === 'send' ? takes : null;
}
