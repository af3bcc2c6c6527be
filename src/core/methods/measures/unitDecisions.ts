import { type AdditionDecisions, SOUND_ADDITION } from "../procedures/columnSums";
import { type DecompositionDecisions, SOUND_DECOMPOSITION } from "../procedures/decomposition";

/** The decisions in columns of units: those of any columns, how many make one of the next, and what a multiplier multiplies. */
export interface UnitDecisions extends AdditionDecisions, DecompositionDecisions {
  /** How many of a unit are taken to make one of the next, of as many as really do. */
  rate(per: number): number;
  /** How often the unit at an index, counted from the largest, is taken. */
  times(factor: number, index: number): number;
}

export const SOUND_UNITS: UnitDecisions = {
  ...SOUND_ADDITION,
  ...SOUND_DECOMPOSITION,
  rate: (per) => per,
  times: (factor) => factor,
};
