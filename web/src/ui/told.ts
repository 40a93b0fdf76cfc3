/** What was told with names of its own inside stands beside the rest; what is told of many things is only counted. */
export function opened(told: Record<string, unknown>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(told).flatMap(([name, value]) => {
      if (typeof value !== 'object' || value === null || Array.isArray(value)) return [[name, value]];
      const inside = Object.entries(value);
      return inside.every(([key]) => /^\d+$/.test(key)) ? [[name, inside.length]] : inside;
    }),
  );
}
