import { useSyncExternalStore } from 'react';

/** What a person has set for this browser. Kept there, and told to every part that asks. */
const DEFAULTS = { theme: 'day', rows: 'dense', sounds: 'on', naming: 'both' };
type Name = keyof typeof DEFAULTS;

const listeners = new Set<() => void>();

function read(name: Name): string {
  return localStorage.getItem(`tl.${name}`) ?? DEFAULTS[name];
}

export function setPreference(name: Name, value: string): void {
  localStorage.setItem(`tl.${name}`, value);
  applyPreferences();
  listeners.forEach((listener) => listener());
}

export function usePreference(name: Name): string {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => read(name),
  );
}

export function preference(name: Name): string {
  return read(name);
}

/** Day or night and the height of rows are set on the root, where the tokens look. */
export function applyPreferences(): void {
  document.documentElement.dataset['theme'] = read('theme');
  document.documentElement.dataset['rows'] = read('rows');
}
