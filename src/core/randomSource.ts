/** Even chances from a seed: the same row of them for the same seed, on every machine. */
export interface RandomSource {
  /** A whole number from 0 up to and without one. */
  below(count: number): number;
  pick<One>(from: readonly One[]): One | undefined;
}

/** Chances from a seed, by mixing a counter (splitmix, 32 bits): whole numbers only, so that no machine rounds differently. */
export function randomFrom(seed: number): RandomSource {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x9e3779b9) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 16), 0x21f0aaad);
    mixed = Math.imul(mixed ^ (mixed >>> 15), 0x735a2d97);
    return (mixed ^ (mixed >>> 15)) >>> 0;
  };
  const below = (count: number): number => next() % Math.max(1, count);
  return { below, pick: (from) => from[below(from.length)] };
}
