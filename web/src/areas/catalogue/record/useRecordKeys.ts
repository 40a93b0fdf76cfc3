import { useEffect, useRef } from 'react';

interface Acts {
  onSave: () => void;
  onSwitch: () => void;
  onJump: () => void;
}

/** The keys of the whole record desk, wherever the focus is. */
export function useRecordKeys(acts: Acts): void {
  const newest = useRef(acts);
  useEffect(() => {
    newest.current = acts;
  });
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      const isSave = (event.ctrlKey || event.metaKey) && (key === 'enter' || key === 's');
      const act = isSave ? 'onSave' : event.altKey && key === 't' ? 'onSwitch' : event.altKey && key === 'j' ? 'onJump' : null;
      if (act === null) return;
      event.preventDefault();
      newest.current[act]();
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, []);
}
