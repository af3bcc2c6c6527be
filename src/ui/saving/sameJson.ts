/** A value as JSON with the names of every object in one order: two values that are kept alike are the same text. */
const canonical = (value: unknown): string =>
  JSON.stringify(value, (_, part: unknown) =>
    typeof part === "object" && part !== null && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([one], [other]) => (one < other ? -1 : 1)))
      : part,
  ) ?? "";

/** Whether two values are kept as the same, in whatever order their parts were made. */
export const sameJson = (one: unknown, other: unknown): boolean =>
  one === other || canonical(one) === canonical(other);
