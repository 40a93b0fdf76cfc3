import type { Schemas } from '../../api/client';

export type LaneName = Schemas['ScanView']['lane'];
export type Patron = Schemas['PatronView'];

/** Which lane is lit, and in Lend for whom. Return is the lane at rest. */
export interface LaneState {
  lane: LaneName;
  patron: Patron | null;
  /** Another due day than the rules', for what this person takes now. Gone with the person. */
  due: string | null;
  /** When this person's card was scanned, by the clock of the house. */
  since: string;
  /** When something last happened, in milliseconds. */
  at: number;
  /** Whose panel went out by itself, until something else happens. */
  wentOut: string | null;
}

/** After so long without a scan the panel of a person goes out (house rule). */
export const IDLE_AFTER = 2 * 60_000;

export const atRest = (at: number): LaneState => ({ lane: 'return', patron: null, due: null, since: '', at, wentOut: null });

export type LaneEvent =
  | { kind: 'taken'; scan: Schemas['ScanView']; at: number }
  | { kind: 'end'; at: number }
  | { kind: 'choose'; lane: LaneName; at: number }
  | { kind: 'due'; due: string | null; at: number }
  | { kind: 'tick'; at: number };

export function next(state: LaneState, event: LaneEvent): LaneState {
  switch (event.kind) {
    case 'taken': {
      const patron = event.scan.takenFor === 'patron' ? event.scan.patron : null;
      if (patron === null) return { ...state, at: event.at, wentOut: null };
      const isSameCardAgain = state.lane === 'lend' && state.patron?.id === patron.id;
      return isSameCardAgain ? atRest(event.at) : { lane: 'lend', patron, due: null, since: event.scan.at, at: event.at, wentOut: null };
    }
    case 'end':
      return atRest(event.at);
    case 'choose':
      return event.lane === state.lane ? state : { ...atRest(event.at), lane: event.lane };
    case 'due':
      return { ...state, due: event.due, at: event.at };
    case 'tick':
      return state.lane !== 'return' && event.at - state.at >= IDLE_AFTER
        ? { ...atRest(event.at), wentOut: state.patron?.name ?? null }
        : state;
  }
}
