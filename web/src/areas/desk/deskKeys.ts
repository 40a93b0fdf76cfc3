const PREFIX = 'tl.scans.';

/** The name under which this page keeps its scans: it lives as long as the tab does. */
export function ownKey(): string {
  const kept = sessionStorage.getItem('tl.page') ?? crypto.randomUUID();
  sessionStorage.setItem('tl.page', kept);
  return PREFIX + kept;
}

/** Tells other pages that this one lives, until it is closed. */
export function holdKey(key: string): void {
  void navigator.locks.request(key, () => new Promise<void>(() => undefined));
}

/** Names of pages that were closed with scans still unsent. */
export async function orphanedKeys(own: string): Promise<string[]> {
  const { held = [] } = await navigator.locks.query();
  const living = new Set(held.map((lock) => lock.name));
  return Object.keys(localStorage).filter((key) => key.startsWith(PREFIX) && key !== own && !living.has(key));
}
