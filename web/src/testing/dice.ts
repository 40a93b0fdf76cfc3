/** Numbers that look thrown and are the same each time (mulberry32). */
export function dice(seed: number): (below: number) => number {
  let state = seed;
  return (below) => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) % below;
  };
}

export const pick = <T>(from: readonly T[], roll: (below: number) => number): T => from[roll(from.length)] as T;
