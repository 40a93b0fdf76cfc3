import { useEffect, useRef } from 'react';
import { answered, api, inTime } from '../../../api/client';

interface Draft {
  text: string;
  worksheet: string;
  begunFrom: number;
}

const PAUSE = 1200;
const nameOf = (recordId: number): string => `tl.record-draft.${recordId}`;

/** A draft that this browser keeps, should the server not have it yet. */
export function localDraft(recordId: number): Draft | null {
  const kept: unknown = JSON.parse(localStorage.getItem(nameOf(recordId)) ?? 'null');
  if (typeof kept !== 'object' || kept === null) return null;
  const draft = kept as Partial<Draft>;
  return typeof draft.text === 'string' ? { text: draft.text, worksheet: draft.worksheet ?? '', begunFrom: draft.begunFrom ?? 0 } : null;
}

export async function forgetDraft(recordId: number): Promise<void> {
  localStorage.removeItem(nameOf(recordId));
  await answered(api.DELETE('/api/record-drafts/{recordId}', { params: { path: { recordId } }, signal: inTime() })).catch(() => undefined);
}

/** Keeps what is entered: in this browser at once, on the server when the typing pauses. */
export function useDraft(recordId: number, draft: Draft, isChanged: boolean): void {
  const { text, worksheet, begunFrom } = draft;
  const saved = useRef(text);
  useEffect(() => {
    if (!isChanged || text === saved.current) return undefined;
    localStorage.setItem(nameOf(recordId), JSON.stringify({ text, worksheet, begunFrom }));
    const timer = setTimeout(() => {
      saved.current = text;
      const body = { text, worksheet, begunFrom };
      void answered(api.PUT('/api/record-drafts/{recordId}', { params: { path: { recordId } }, body, signal: inTime() })).catch(() => {
        saved.current = '';
      });
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [recordId, text, worksheet, begunFrom, isChanged]);
}
