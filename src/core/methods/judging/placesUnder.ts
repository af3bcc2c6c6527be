import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { type Decimal, digitAt, highestPlace, lowestPlace, ONES, type Place, placesFrom } from "../../number";
import type { StepToDraw } from "../contract/step";
import { digitCol, numeralMarks } from "../squares/writtenNumber";

export type PlacesUnderReason =
  | { readonly kind: "writeToCompare"; readonly numeral: Decimal; readonly nth: number }
  | { readonly kind: "comparingFillers"; readonly places: number };

/** All places that some numbers have, and the ones. */
export const placesOfAll = (numerals: readonly Decimal[]): readonly Place[] =>
  placesFrom(Math.min(ONES, ...numerals.map(lowestPlace)), Math.max(ONES, ...numerals.map(highestPlace)));

/** The steps that write numbers under one another, place under place, empty places kept open where the house does. */
export const writtenUnder = (
  numerals: readonly Decimal[],
  house: HouseRules,
): readonly StepToDraw<PlacesUnderReason>[] => [
  ...numerals.map(
    (numeral, nth): StepToDraw<PlacesUnderReason> => ({
      stage: "setOut",
      reason: { kind: "writeToCompare", numeral, nth },
      draw: () => numeralMarks(numeral, 0, nth),
      focus: [],
    }),
  ),
  ...(house.emptyPlaces === "fillers" ? fillerStep(numerals, placesOfAll(numerals)) : []),
];

/** The step that keeps empty places open with zeros, where there are any. */
function fillerStep(
  numerals: readonly Decimal[],
  places: readonly Place[],
): readonly StepToDraw<PlacesUnderReason>[] {
  const fillers = numerals.flatMap((numeral, row): readonly Mark[] =>
    places
      .filter((place) => place <= ONES && digitAt(numeral, place) === undefined)
      .map((place) => ({ kind: "glyph", col: digitCol(0, place), row, text: "0", look: "filler" })),
  );
  if (fillers.length === 0) return [];
  const reason = { kind: "comparingFillers", places: -Math.min(...places) } as const;
  return [{ stage: "setOut", reason, draw: () => fillers, focus: [] }];
}
