/** A small lantern, lit when something is in, with the words that say how much. */
export function Lamp({ isLit, words }: { isLit: boolean; words: string }) {
  return (
    <span className={isLit ? 'lamp is-lit' : 'lamp'}>
      <svg width="13" height="17" viewBox="0 0 13 17" aria-hidden="true">
        <path className="tin" d="M4 0h5l.7 3H3.3zM1 15h11v2H1z" />
        <path className="glass" d="M3 4h7l1.2 10H1.8z" strokeWidth="1.2" />
      </svg>
      {words}
    </span>
  );
}
