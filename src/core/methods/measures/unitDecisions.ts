/** The decisions in columns of units. Rates are how many of one unit make one of the next. */
export interface UnitDecisions {
  /** How many of a unit are taken to make one of the next, of as many as really do. */
  rate(per: bigint): bigint;

  /** What is kept of a total, and how many of the next unit it gives. */
  keeps(total: bigint, rate: bigint): bigint;
  gives(total: bigint, rate: bigint): bigint;
  /** Whether a unit has too little on top, what it has once one of the next was exchanged, and what is left. */
  fallsShort(top: bigint, bottom: bigint): boolean;
  receives(top: bigint, rate: bigint): bigint;
  leaves(top: bigint, bottom: bigint): bigint;
  /** What is left of a unit of which one was exchanged. */
  lends(count: bigint): bigint;
  /** How often the unit at an index, counted from the largest, is taken. */
  times(factor: bigint, index: number): bigint;
}

export const SOUND_UNITS: UnitDecisions = {
  rate: (per) => per,
  keeps: (total, per) => total % per,
  gives: (total, per) => total / per,
  fallsShort: (top, bottom) => top < bottom,
  receives: (top, per) => top + per,
  leaves: (top, bottom) => top - bottom,
  lends: (count) => count - 1n,
  times: (factor) => factor,
};
