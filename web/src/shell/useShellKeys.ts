import { useQueryClient } from '@tanstack/react-query';
import { type RefObject, useEffect } from 'react';
import { useNavigate } from 'react-router';
import { tape } from '../api/queries';
import type { LaneName } from '../areas/desk/lane';
import { theDesk, useTakeBack } from '../areas/desk/useDesk';
import { AREAS } from './areas';

const LANE_KEYS: Record<string, LaneName> = { KeyR: 'return', KeyL: 'lend', KeyO: 'look-up' };

function isTyping(): boolean {
  const element = document.activeElement;
  return element instanceof HTMLInputElement || element instanceof HTMLTextAreaElement || element?.getAttribute('role') === 'combobox';
}

/** The keys that hold on every screen. */
export function useShellKeys(bar: RefObject<HTMLInputElement | null>, permissions: string[], onHelp: () => void): void {
  const navigate = useNavigate();
  const client = useQueryClient();
  const takeBack = useTakeBack();
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const area = AREAS.find((one) => event.code === `Digit${one.digit}`);
      const lane = LANE_KEYS[event.code];
      if (event.altKey && !event.ctrlKey && area !== undefined && permissions.includes(area.permission)) {
        event.preventDefault();
        void navigate(area.path);
      } else if (event.altKey && !event.ctrlKey && lane !== undefined) {
        event.preventDefault();
        theDesk().choose(lane);
      } else if (
        event.altKey ||
        event.ctrlKey ||
        event.metaKey ||
        isTyping() ||
        document.querySelector('[role="dialog"],[role="menu"]') !== null
      ) {
        return;
      } else if (event.key === '/') {
        event.preventDefault();
        bar.current?.focus();
      } else if (event.key === '?') {
        onHelp();
      } else if (event.key === 'Escape') {
        theDesk().end();
      } else if (event.key === 'z') {
        const last = client.getQueryData(tape.queryKey)?.find((line) => line.scan.journalEntry !== null && !line.isTakenBack);
        if (last?.scan.journalEntry) void takeBack(last.scan.journalEntry).catch(() => void client.invalidateQueries(tape));
      }
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [bar, client, navigate, onHelp, permissions, takeBack]);
}
