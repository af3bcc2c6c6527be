/** Any value of the core as one text, the same for the same value: a fault can be shown by it, and two values compared. */
export const asText = (value: unknown): string =>
  JSON.stringify(value, (_, part: unknown) => (typeof part === "bigint" ? `${part}n` : part));
