/** An id for an act: the same act sent twice is done once. */
export const newActId = (): string => crypto.randomUUID();
