import type { KeyboardEvent } from 'react';

/** Where an arrow key leads among so many stops; null where it leads nowhere, so that the key keeps its usual meaning. */
export function stepped(key: string, at: number, count: number): number | null {
  const step = key === 'ArrowDown' ? 1 : key === 'ArrowUp' ? -1 : 0;
  const to = at + step;
  return step === 0 || at < 0 || to < 0 || to >= count ? null : to;
}

/** Goes up and down among what can be pressed inside a list. */
export function withArrowKeys(event: KeyboardEvent<HTMLElement>): void {
  if (event.altKey || event.ctrlKey || event.metaKey) return;
  const stops = [...event.currentTarget.querySelectorAll<HTMLElement>('a[href], button:not(:disabled)')];
  const to = stepped(event.key, stops.indexOf(event.target as HTMLElement), stops.length);
  if (to === null) return;
  event.preventDefault();
  stops[to]?.focus();
}
