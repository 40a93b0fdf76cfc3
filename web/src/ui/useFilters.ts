import { useSearchParams } from 'react-router';

interface Filters {
  get: (name: string) => string;
  /** Those of these names that are set. */
  only: (names: readonly string[]) => Record<string, string>;
  set: (changes: Record<string, string>) => void;
  text: string;
}

/** What a list is narrowed to, kept in the address: it can be shared, and the back button works. */
export function useFilters(): Filters {
  const [params, setParams] = useSearchParams();
  return {
    get: (name) => params.get(name) ?? '',
    only: (names) => {
      const chosen: Record<string, string> = {};
      for (const name of names) {
        const value = params.get(name);
        if (value !== null && value !== '') chosen[name] = value;
      }
      return chosen;
    },
    set: (changes) => {
      const next = new URLSearchParams(params);
      Object.entries(changes).forEach(([name, value]) => (value === '' ? next.delete(name) : next.set(name, value)));
      setParams(next, { replace: false });
    },
    text: params.toString(),
  };
}
