import type { Schemas } from '../../api/client';

type ScanRequest = Schemas['Scan'];

/** What waits to be done at this desk, in order: scans, and the person's own commands between them. */
export type Entry =
  | {
      kind: 'scan';
      id: string;
      code: string;
      asked: Partial<Pick<ScanRequest, 'override' | 'lane' | 'patron' | 'renew'>>;
      request: ScanRequest | null;
    }
  | { kind: 'end'; id: string };

/**
 * Scans in the order in which they came, kept in the browser until the server has answered them: a reload or a lost
 * connection loses none. From its first sending on, the request of a scan stays the same, so that it is done once however often it is sent.
 */
export class ScanQueue {
  private readonly store: Storage;
  private readonly key: string;
  private entries: Entry[];

  constructor(store: Storage, key: string) {
    this.store = store;
    this.key = key;
    this.entries = read(store, key);
  }

  get all(): readonly Entry[] {
    return this.entries;
  }

  get first(): Entry | undefined {
    return this.entries[0];
  }

  add(entry: Entry): void {
    this.keep([...this.entries, entry]);
  }

  /** Fixes what is sent for a scan. Answers what was fixed before, if it was. */
  fix(id: string, request: ScanRequest): ScanRequest {
    const entry = this.entries.find((one) => one.id === id);
    if (entry?.kind === 'scan' && entry.request !== null) return entry.request;
    this.keep(this.entries.map((one) => (one.id === id && one.kind === 'scan' ? { ...one, request } : one)));
    return request;
  }

  done(id: string): void {
    this.keep(this.entries.filter((entry) => entry.id !== id));
  }

  /** Takes over what another page left behind when it was closed. */
  adopt(key: string): void {
    const left = read(this.store, key).filter((entry) => !this.entries.some((own) => own.id === entry.id));
    this.keep([...left, ...this.entries]);
    this.store.removeItem(key);
  }

  private keep(entries: Entry[]): void {
    this.entries = entries;
    if (entries.length === 0) this.store.removeItem(this.key);
    else this.store.setItem(this.key, JSON.stringify(entries));
  }
}

function read(store: Storage, key: string): Entry[] {
  try {
    const kept: unknown = JSON.parse(store.getItem(key) ?? '[]');
    return Array.isArray(kept) ? (kept as Entry[]) : [];
  } catch {
    return [];
  }
}
