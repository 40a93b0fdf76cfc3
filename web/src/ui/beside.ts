import type { Schemas } from '../api/client';

/** Two records in the text form, line beside line with the same tag. */
export function beside(left: string, right: string): Schemas['FieldPairView'][] {
  const byTag = (text: string): Map<string, string[]> => {
    const lines = new Map<string, string[]>();
    text.split('\n').forEach((line) => {
      const tag = line.slice(0, 3);
      if (line.trim() !== '') lines.set(tag, [...(lines.get(tag) ?? []), line]);
    });
    return lines;
  };
  const one = byTag(left);
  const two = byTag(right);
  const tags = [...new Set([...one.keys(), ...two.keys()])].sort((a, b) => (a === 'LDR' ? -1 : b === 'LDR' ? 1 : a.localeCompare(b)));
  return tags.flatMap((tag) => {
    const lefts = one.get(tag) ?? [];
    const rest = [...(two.get(tag) ?? [])];
    const pairs = lefts.map((line) => {
      const same = rest.indexOf(line);
      const partner = same >= 0 ? rest.splice(same, 1)[0] : rest.length > 0 && lefts.length === 1 ? rest.shift() : undefined;
      return { tag, left: line, right: partner ?? null, isSame: partner === line };
    });
    return [...pairs, ...rest.map((line) => ({ tag, left: null, right: line, isSame: false }))];
  });
}
