/** What a part of the attack came to: how much was tried, what fell short and how, and what took longer than it may. */
export interface Tally {
  readonly part: string;
  tried: number;
  readonly fellShort: string[];
  readonly slow: string[];
}

/** Longest that an answer may take that shows no progress, in milliseconds. */
const LONGEST = 1000;

export const tally = (part: string): Tally => ({ part, tried: 0, fellShort: [], slow: [] });

/** Counts one try, and what was wrong with it; none where nothing was. */
export function note(
  into: Tally,
  wrong: string | undefined,
  what: string,
  took = 0,
  mayTakeLong = false,
): void {
  into.tried++;
  if (wrong !== undefined) into.fellShort.push(`${what}: ${wrong}`);
  if (took > LONGEST && !mayTakeLong) into.slow.push(`${what}: ${Math.round(took)} ms`);
}

/** Whole numbers that repeat themselves, so that a case can be seen again: the next one below a limit. */
export function numbersFrom(seed: number): (below: number) => number {
  let now = seed;
  return (below) => {
    now = (now * 1103515245 + 12345) % 2147483648;
    return Math.floor((now / 2147483648) * below);
  };
}
