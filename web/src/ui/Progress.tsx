interface Props {
  done: number;
  /** Null while nobody knows. */
  total: number | null;
  words: string;
  hint: string;
}

/** How far long work has come, in words and as a bar. */
export function Progress({ done, total, words, hint }: Props) {
  return (
    <div className="progress" role="status">
      <progress aria-label={words} {...(total === null ? {} : { value: done, max: Math.max(1, total) })} />
      <span>{words}</span> <span className="quiet">{hint}</span>
    </div>
  );
}
