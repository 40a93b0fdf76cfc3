import { answered, api, ApiProblem, inTime, NoAnswer, type Schemas } from '../../api/client';
import { newActId } from '../../api/ids';
import { holdKey, orphanedKeys, ownKey } from './deskKeys';
import { atRest, type LaneEvent, type LaneName, type LaneState, next } from './lane';
import { type Entry, ScanQueue } from './scanQueue';

export interface Undone {
  id: string;
  code: string;
  sentence: string;
  at: string;
}

/** All that the screen shows of a desk. */
export interface DeskView {
  lane: LaneState;
  waiting: readonly Entry[];
  isCutOff: boolean;
  undone: Undone[];
}

interface Listener {
  changed: () => void;
  taken: (scan: Schemas['ScanView']) => void;
  refused: () => void;
}

const PAUSES = [400, 1000, 2000, 4000];
const TRIES_AFTER_FAILURE = 2;
const LANE_KEY = 'tl.lane';

function keptLane(): LaneState {
  try {
    const kept = JSON.parse(sessionStorage.getItem(LANE_KEY) ?? '') as LaneState;
    return next(kept, { kind: 'tick', at: Date.now() });
  } catch {
    return atRest(Date.now());
  }
}

/**
 * One desk in one page: takes scans and commands, sends them one after the other, each exactly once as far as the server is
 * concerned, and knows which lane is lit. No part of the screen; the screen listens.
 */
export class Desk {
  private view: DeskView;
  private readonly queue: ScanQueue;
  private isSending = false;
  private isPaused = false;
  private failures = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private listener: Listener = { changed: () => undefined, taken: () => undefined, refused: () => undefined };

  constructor() {
    const key = ownKey();
    this.queue = new ScanQueue(localStorage, key);
    this.view = { lane: keptLane(), waiting: this.queue.all, isCutOff: false, undone: [] };
    holdKey(key);
    void orphanedKeys(key).then((keys) => {
      keys.forEach((orphaned) => this.queue.adopt(orphaned));
      this.show({});
      this.wake();
    });
    window.addEventListener('online', () => this.wake());
  }

  listen(listener: Listener): void {
    this.listener = listener;
  }

  get current(): DeskView {
    return this.view;
  }

  scan(code: string, asked: Extract<Entry, { kind: 'scan' }>['asked'] = {}): void {
    this.add({ kind: 'scan', id: newActId(), code, asked, request: null });
  }

  end(): void {
    if (this.queue.first === undefined) this.light({ kind: 'end', at: Date.now() });
    else this.add({ kind: 'end', id: newActId() });
  }

  choose(lane: LaneName): void {
    this.light({ kind: 'choose', lane, at: Date.now() });
  }

  setDue(due: string | null): void {
    this.light({ kind: 'due', due, at: Date.now() });
  }

  tick(): void {
    if (this.queue.first === undefined) this.light({ kind: 'tick', at: Date.now() });
  }

  lendTo(patron: Schemas['PatronView']): void {
    this.scan(patron.cardNumber);
  }

  drop(id: string): void {
    this.show({ undone: this.view.undone.filter((line) => line.id !== id) });
  }

  /** Sends what waits, now. */
  wake(): void {
    this.isPaused = false;
    clearTimeout(this.timer);
    void this.send();
  }

  /** Nobody is signed in: what was scanned is kept until somebody is. */
  pause(): void {
    this.isPaused = true;
  }

  private add(entry: Entry): void {
    this.queue.add(entry);
    this.show({});
    void this.send();
  }

  private light(event: LaneEvent): void {
    const lane = next(this.view.lane, event);
    if (lane === this.view.lane) return;
    sessionStorage.setItem(LANE_KEY, JSON.stringify(lane));
    this.show({ lane });
  }

  private show(change: Partial<DeskView>): void {
    this.view = { ...this.view, ...change, waiting: this.queue.all };
    this.listener.changed();
  }

  private async send(): Promise<void> {
    if (this.isSending) return;
    this.isSending = true;
    try {
      for (let entry = this.queue.first; entry !== undefined && !this.isPaused; entry = this.queue.first) {
        if (!(await this.sendOne(entry))) break;
      }
    } finally {
      this.isSending = false;
    }
  }

  /** True when the entry is dealt with. */
  private async sendOne(entry: Entry): Promise<boolean> {
    if (entry.kind === 'end') {
      this.queue.done(entry.id);
      this.light({ kind: 'end', at: Date.now() });
      this.show({});
      return true;
    }
    const { lane, patron, due } = this.view.lane;
    const asked = {
      id: entry.id,
      code: entry.code,
      lane,
      patron: lane === 'lend' ? (patron?.id ?? null) : null,
      due: lane === 'lend' ? due : null,
    };
    const request = this.queue.fix(entry.id, { ...asked, ...entry.asked });
    try {
      const scan = await answered(api.POST('/api/scans', { body: request, signal: inTime() }));
      this.settle(entry.id);
      this.light({ kind: 'taken', scan, at: Date.now() });
      this.listener.taken(scan);
      return true;
    } catch (error) {
      return this.failed(entry, error);
    }
  }

  private failed(entry: Extract<Entry, { kind: 'scan' }>, error: unknown): boolean {
    if (error instanceof ApiProblem && error.status === 401) {
      this.isPaused = true;
      this.show({});
      this.listener.refused();
      return false;
    }
    const mayPass =
      error instanceof NoAnswer || (error instanceof ApiProblem && error.status >= 500 && this.failures < TRIES_AFTER_FAILURE);
    if (mayPass) {
      const pause = PAUSES[Math.min(this.failures, PAUSES.length - 1)] ?? 4000;
      this.failures += 1;
      this.show({ isCutOff: true });
      clearTimeout(this.timer);
      this.timer = setTimeout(() => void this.send(), pause);
      return false;
    }
    this.settle(entry.id);
    const sentence = error instanceof ApiProblem ? error.message : String(error);
    this.show({ undone: [{ id: entry.id, code: entry.code, sentence, at: new Date().toISOString() }, ...this.view.undone] });
    this.listener.refused();
    return true;
  }

  private settle(id: string): void {
    this.failures = 0;
    this.queue.done(id);
    this.show({ isCutOff: false });
  }
}
