import { useEffect, useState } from 'react';

interface Props {
  label: string;
  value: string;
  onSearch: (typed: string) => void;
}

const PAUSE = 250;

/** A search field over a list; it searches when the typing pauses, or at once with Enter. */
export function SearchBox({ label, value, onSearch }: Props) {
  const [typed, setTyped] = useState(value);
  const [known, setKnown] = useState(value);
  if (known !== value) {
    setKnown(value);
    setTyped(value);
  }
  useEffect(() => {
    if (typed === value) return undefined;
    const timer = setTimeout(() => onSearch(typed), PAUSE);
    return () => clearTimeout(timer);
  }, [typed, value, onSearch]);
  return (
    <form
      role="search"
      aria-label={label}
      className="search-box"
      onSubmit={(event) => {
        event.preventDefault();
        onSearch(typed);
      }}
    >
      <input
        type="search"
        aria-label={label}
        placeholder={label}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        autoComplete="off"
      />
    </form>
  );
}
