import { type TraitId, traitCounts } from "../features";
import type { HouseRules } from "../house";
import type { ReadError } from "../problem";
import { randomFrom } from "../randomSource";
import type { Result } from "../result";
import { drawOnce, drawSheet, type Fits, type GeneratedProblem } from "./drawSheet";
import { filled } from "./ladder/filled";
import type { Climb, Strand } from "./ladder/strands/skill";
import { readTypedLine } from "./typedLine";

/** A rung that a tutor made: lines to fill in, and traits that every problem must have or must not. */
export interface OwnRung {
  readonly id: string;
  readonly name: string;
  readonly strand: Strand;
  readonly lines: readonly string[];
  readonly always: readonly TraitId[];
  readonly never: readonly TraitId[];
}

type Recipe = Pick<OwnRung, "lines" | "always" | "never">;

const fitsOf =
  ({ always, never }: Recipe): Fits =>
  (features) => {
    const met = traitCounts(features);
    return always.every((trait) => met[trait]) && never.every((trait) => !met[trait]);
  };

/** So many problems of a tutor's own rung; the same ones for the same seed. */
export function drawOwn(
  rung: Recipe,
  count: number,
  house: HouseRules,
  seed: number,
): Result<readonly GeneratedProblem[], "nothingDrawn"> {
  const notch = { lines: rung.lines, wishes: {} };
  const climb: Climb = [notch, notch, notch, notch];
  return drawSheet(climb, count, house, seed, fitsOf(rung));
}

/** How many of so many fillings of a rung's lines fit what it asks. */
export function fittingOf(rung: Recipe, house: HouseRules, tries: number): number {
  const chances = randomFrom(1);
  const notch = { lines: rung.lines, wishes: {} };
  const fits = fitsOf(rung);
  let found = 0;
  for (let nth = 0; nth < tries; nth++) if (drawOnce(notch, house, chances, fits) !== undefined) found += 1;
  return found;
}

/** How often a line is filled in to see whether it can be read at all. */
const FILLINGS = 12;

/** Why a line can't be read, however it is filled in; nothing where it can. */
export function lineError(line: string, house: HouseRules): ReadError | undefined {
  let error: ReadError | undefined;
  for (let seed = 0; seed < FILLINGS; seed++) {
    const read = readTypedLine(filled(line, randomFrom(seed)), house);
    if (read.ok) return undefined;
    error = read.error;
  }
  return error;
}
