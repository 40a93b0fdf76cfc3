import { useQueryClient } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useSyncExternalStore } from 'react';
import { answered, api, inTime, type Schemas } from '../../api/client';
import { newActId } from '../../api/ids';
import { tape } from '../../api/queries';
import { play, type Sound } from '../../shell/sounds';
import { Desk, type DeskView } from './Desk';

let desk: Desk | null = null;
const listeners = new Set<() => void>();

/** The desk of this page. */
export const theDesk = (): Desk => (desk ??= new Desk());

export function soundOf(scan: Schemas['ScanView']): Sound {
  if (scan.outcome === 'refused' || scan.outcome === 'unknown') return 'no';
  const wantsALook =
    scan.outcome === 'already-theirs' || scan.reasons.length > 0 || (scan.checkIn !== null && scan.checkIn.nextStep !== 'shelve');
  return wantsALook ? 'look' : 'done';
}

export const DeskContext = createContext<DeskView | null>(null);

export function useDeskView(): DeskView {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => theDesk().current,
  );
}

export function useDesk(): DeskView {
  return useContext(DeskContext) ?? theDesk().current;
}

/** Listens to the desk for as long as somebody is signed in: writes the tape, plays the sounds, sees to the quiet minutes. */
export function useDeskAtWork(): void {
  const client = useQueryClient();
  useEffect(() => {
    theDesk().listen({
      changed: () => listeners.forEach((listener) => listener()),
      taken: (scan) => {
        play(soundOf(scan));
        const isFetching = client.isFetching({ queryKey: tape.queryKey }) > 0;
        client.setQueryData(tape.queryKey, (lines) =>
          // A tape that was not fetched yet will hold this line when it is.
          lines === undefined || lines.some((line) => line.scan.id === scan.id)
            ? lines
            : [{ scan, isTakenBack: false, waits: scan.waits }, ...lines],
        );
        // A tape that is on its way was written before this line; it has to be fetched again.
        if (isFetching)
          void client.cancelQueries({ queryKey: tape.queryKey }).then(() => client.refetchQueries({ queryKey: tape.queryKey }));
        void client.invalidateQueries({ queryKey: ['patron'] });
        void client.invalidateQueries({ queryKey: ['record'] });
      },
      refused: () => {
        play('no');
        // Perhaps the sign-in has ended: then the page for signing in comes up.
        void client.invalidateQueries({ queryKey: ['me'] });
      },
    });
    theDesk().wake();
    const ticking = setInterval(() => theDesk().tick(), 5000);
    return () => {
      clearInterval(ticking);
      theDesk().pause();
    };
  }, [client]);
}

/** Takes back an act of the tape. */
export function useTakeBack(): (entry: number) => Promise<void> {
  const client = useQueryClient();
  return async (entry) => {
    const body = { id: newActId() };
    await answered(api.POST('/api/journal-entries/{entry}/take-back', { params: { path: { entry } }, body, signal: inTime() }));
    play('done');
    client.setQueryData(tape.queryKey, (lines) =>
      lines?.map((line) => (line.scan.journalEntry === entry ? { ...line, isTakenBack: true, waits: false } : line)),
    );
    await client.invalidateQueries({ queryKey: ['patron'] });
    await client.invalidateQueries({ queryKey: ['record'] });
  };
}
