import { unitOf } from "../../quantity";
import type { RandomSource } from "../../sheets";
import { between, centimetres, grams, inches, metres, millilitres, ounces } from "./drawing";
import type { UnitSystem } from "./stock";

/** How the figures of a stock list are written with their units, and figures of what is not on it. */
export interface StoryUnits {
  readonly mass: (count: number) => string;
  readonly volume: (count: number) => string;
  readonly length: (count: number) => string;
  /** What an empty box weighs. */
  readonly box: (chances: RandomSource) => number;
  /** A cable, short or long, in the small unit; and how it is written. */
  readonly cable: (chances: RandomSource, long?: boolean) => number;
  readonly cableLength: (count: number) => string;
}

export const STORY_UNITS: Readonly<Record<UnitSystem, StoryUnits>> = {
  metric: {
    mass: grams,
    volume: millilitres,
    length: centimetres,
    box: (chances) => 10 * between(chances, 8, 45),
    cable: (chances, long = false) => (long ? between(chances, 900, 4900) : between(chances, 105, 890)),
    cableLength: metres,
  },
  imperial: {
    mass: ounces,
    volume: (count) => `${count} ${unitOf("floz").symbol}`,
    length: (count) => `${count} in`,
    box: (chances) => between(chances, 4, 19),
    cable: (chances, long = false) => (long ? between(chances, 380, 1900) : between(chances, 40, 370)),
    cableLength: inches,
  },
};
