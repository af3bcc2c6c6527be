import { roundingByPlace } from "../../../methods";
import {
  compareDecimals,
  countedIn,
  cutTo,
  type Decimal,
  digitAt,
  fromCount,
  highestPlace,
  isZero,
  lowestPlace,
  ONES,
  type Place,
  roundTo,
} from "../../../number";
import type { Answer, Problem } from "../../../problem";
import { overrideIn } from "../../contract/decisionOverride";
import type { ErrorPattern, PatternsOf } from "../../contract/errorPattern";

const byPlace = overrideIn(roundingByPlace);

/** A number to be rounded, and what stands in it: the digit of the wanted place and the one after. */
interface Rounding {
  readonly numeral: Decimal;
  readonly place: Place;
  readonly wanted: number;
  readonly next: number;
  /** Whether anything but zeros comes after the place. */
  readonly follows: boolean;
}

function roundingOf(problem: Problem): Rounding | undefined {
  if (problem.op !== "round") return undefined;
  const [numeral] = problem.operands;
  const { place } = problem.form;
  return {
    numeral,
    place,
    wanted: digitAt(numeral, place) ?? 0,
    next: digitAt(numeral, place - 1) ?? 0,
    follows: compareDecimals(cutTo(numeral, place, false), numeral) !== 0,
  };
}

/** What is written for a number that is to be rounded. */
const writes =
  (rule: (rounding: Rounding) => Decimal | undefined): NonNullable<ErrorPattern["writes"]> =>
  (_: Answer, problem) => {
    const rounding = roundingOf(problem);
    const written = rounding?.follows ? rule(rounding) : undefined;
    return written === undefined ? undefined : { ...written, point: written.fraction !== "" };
  };

/** A number with so many of a place more, its digits after that kept; none where nothing would be left. */
function moreBy(numeral: Decimal, place: Place, more: bigint): Decimal | undefined {
  const places = Math.max(numeral.fraction.length, -place, 0);
  const count = countedIn(numeral, places) + more * 10n ** BigInt(places + place);
  return count <= 0n ? undefined : fromCount(count, places);
}

/** A number cut off, with something else for the digit of its last place. */
function withDigit({ numeral, place }: Rounding, digit: string): Decimal {
  const cut = cutTo(numeral, place, false);
  if (place < ONES) {
    const kept = cut.fraction.padEnd(-place, "0");
    return { ...cut, fraction: kept.slice(0, -place - 1) + digit };
  }
  const at = cut.whole.length - 1 - place;
  return { ...cut, whole: cut.whole.slice(0, at) + digit + cut.whole.slice(at + 1) };
}

/** A nine that goes up, with something else for it. */
const nineBecomes = (digit: string): ReturnType<typeof writes> =>
  writes((rounding) =>
    rounding.wanted === 9 && rounding.next >= 5 ? withDigit(rounding, digit) : undefined,
  );

/** Rounded place after place from the end, up to the one before the place that is wanted. */
function cascaded(problem: Problem): Problem | undefined {
  if (problem.op !== "round") return undefined;
  const [numeral] = problem.operands;
  let here = numeral;
  for (let place = 1 - numeral.fraction.length; place < problem.form.place; place++)
    here = roundTo(here, place);
  return compareDecimals(here, numeral) === 0 ? undefined : { ...problem, operands: [here] };
}

/** The same number rounded to another place; none where it has no such place, or nothing would be left. */
const toPlace =
  (other: (place: Place) => Place | undefined) =>
  (problem: Problem): Problem | undefined => {
    if (problem.op !== "round") return undefined;
    const [numeral] = problem.operands;
    const place = other(problem.form.place);
    if (place === undefined || place > highestPlace(numeral) || place < lowestPlace(numeral))
      return undefined;
    return isZero(roundTo(numeral, place)) ? undefined : { ...problem, form: { kind: "toPlace", place } };
  };

/** Errors in rounding to a place. */
export const ROUNDING_PATTERNS: PatternsOf = [
  {
    id: "round-chops",
    example: ["round 4.78 to 1 place", "4.7"],
    frequency: 3,
    lookAlikes: ["round-five-down"],
    decides: byPlace({ goesUp: () => false }),
  },
  {
    id: "round-cascades",
    example: ["round 3.446 to 1 place", "3.5"],
    frequency: 1,
    lookAlikes: ["round-always-up"],
    reads: cascaded,
  },
  {
    id: "round-nine-to-zero",
    example: ["round 6.98 to tenths", "6.0"],
    frequency: 2,
    lookAlikes: [],
    writes: nineBecomes("0"),
    atOnce: true,
  },
  {
    id: "round-nine-as-ten",
    example: ["round 6.98 to tenths", "6.10"],
    frequency: 2,
    lookAlikes: [],
    writes: nineBecomes("10"),
    atOnce: true,
  },
  {
    id: "round-tail-kept",
    example: ["round 3482 to hundreds", "3582"],
    frequency: 2,
    lookAlikes: [],
    writes: writes(({ numeral, place, next }) => (next >= 5 ? moreBy(numeral, place, 1n) : undefined)),
    atOnce: true,
  },
  {
    id: "round-zeros-missing",
    example: ["round 3482 to hundreds", "35"],
    frequency: 2,
    lookAlikes: [],
    writes: writes(({ numeral, place }) =>
      place > ONES ? fromCount(countedIn(roundTo(numeral, place), 0) / 10n ** BigInt(place), 0) : undefined,
    ),
    atOnce: true,
  },
  {
    id: "round-place-too-coarse",
    example: ["round 742 to tens", "700"],
    frequency: 2,
    lookAlikes: ["round-place-name-mixed", "round-down-lowers"],
    reads: toPlace((place) => place + 1),
  },
  {
    id: "round-place-name-mixed",
    example: ["round 748.36 to tens", "748.4"],
    frequency: 2,
    lookAlikes: ["round-place-too-coarse"],
    reads: toPlace((place) => (place === ONES ? undefined : 0 - place)),
  },
  {
    id: "round-always-up",
    example: ["round 742 to tens", "750"],
    frequency: 2,
    lookAlikes: ["round-cascades"],
    writes: writes(({ numeral, place }) => cutTo(numeral, place, true)),
    atOnce: true,
  },
  {
    id: "round-five-down",
    example: ["round 4.5 to ones", "4"],
    frequency: 2,
    lookAlikes: ["round-chops"],
    decides: byPlace({ goesUp: (digit) => digit > 5 }),
  },
  {
    id: "round-down-lowers",
    example: ["round 742 to tens", "730"],
    frequency: 2,
    lookAlikes: ["round-place-too-coarse"],
    writes: writes(({ numeral, place, next }) =>
      next < 5 ? moreBy(cutTo(numeral, place, false), place, -1n) : undefined,
    ),
    atOnce: true,
  },
  {
    id: "round-place-too-fine",
    example: ["round 362 to hundreds", "360"],
    frequency: 2,
    lookAlikes: [],
    reads: toPlace((place) => place - 1),
  },
];
