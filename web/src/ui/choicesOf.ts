/** Entries of a list of the house as a field offers them: chosen by their code, called by their name. */
export const choicesOf = (entries: readonly { code: string; name: string }[] | undefined): { value: string; label: string }[] =>
  (entries ?? []).map((entry) => ({ value: entry.code, label: entry.name }));
