import type { Mark, PaperLayout } from "../../board";
import {
  compareDecimals,
  countedIn,
  type Decimal,
  digitAt,
  fromCount,
  highestPlace,
  lowestPlace,
  ONES,
  type Place,
  placesFrom,
  zerosAtEnd,
} from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import type { ColumnAdditionReason } from "../addition/columnSum";
import { addPile } from "../addition/sumOnPlumb";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { type AdditionDecisions, SOUND_ADDITION } from "../procedures/columnSums";
import { type AnswerReason, finishAnswer } from "../squares/answer";
import { partOf } from "../squares/placeParts";
import type { SettingOutReason } from "../squares/settingOut";
import { digitCol, numeralMarks } from "../squares/writtenNumber";

export type CountingUpReason =
  | { readonly kind: "startCounting"; readonly from: Decimal; readonly to: Decimal }
  /** A hop to the next whole one of a larger place, or by as many of a place as are still missing. */
  | {
      readonly kind: "hopUp";
      readonly from: Decimal;
      readonly hop: Decimal;
      readonly to: Decimal;
      readonly place: Place;
      readonly fills: boolean;
    }
  | { readonly kind: "addHops"; readonly hops: readonly Decimal[] };

type Why = CountingUpReason | SettingOutReason | ColumnAdditionReason | AnswerReason;

/** The decisions of counting up: how far a place is from being full, and how the hops are added. */
export interface CountingUpDecisions {
  missing(digit: number): number;
  readonly sums: AdditionDecisions;
}

export const SOUND_COUNTING_UP: CountingUpDecisions = {
  missing: (digit) => 10 - digit,
  sums: SOUND_ADDITION,
};

/** From the subtrahend up to the minuend in hops to rounder and rounder numbers; the hops together are the difference. */
export const countingUp: Method<"counting-up", Why, DecimalProblem, CountingUpDecisions> = {
  id: "counting-up",
  sample: "5 − 2.04",
  bench: { small: "<1.1> - <1.1>", usual: "<3.2> - <3.2>", largest: "<15.15> - <15.15>" },
  sound: SOUND_COUNTING_UP,
  takes: (problem) =>
    problem.op === "subtract" ? taken(problem, workCountingUp) : otherOperation("subtract"),
};

interface Hop {
  readonly from: Decimal;
  readonly hop: Decimal;
  readonly to: Decimal;
  readonly place: Place;
  readonly fills: boolean;
}

/** Counting up with any decisions; only sound ones are sure to reach the right answer. */
function workCountingUp(
  problem: Asks<DecimalProblem, "subtract">,
  { house, decisions }: WorkRules<CountingUpDecisions>,
): MethodResult<Why> {
  const [first, second] = problem.operands;
  const belowZero = compareDecimals(first, second) < 0;
  const [goal, start] = belowZero ? [second, first] : [first, second];
  const hops = hopsBetween(start, goal, decisions);
  const stops = [start, ...hops.map(({ to }) => to)];
  // The hops stand in columns of their own, right of the numbers they lead to.
  const right = Math.max(0, ...stops.map(({ fraction }) => fraction.length));
  const hopWidth = Math.max(1, ...hops.map(({ hop }) => hop.whole.length));
  const line = right + 4 + hopWidth;
  const numerals = hops.length > 0 ? hops.map(({ hop }) => hop) : [partOf(0, ONES)];
  const pile = { numerals, line, aboveRow: 0, ruleRow: numerals.length + 1 };
  const sum = addPile(pile, { house, decisions: decisions.sums });
  const full = { ...sum.full, negative: belowZero };
  const end = finishAnswer(full, { row: sum.row, line, closes: (row) => sum.rule(row, 2) }, problem, house);
  const points: readonly Mark[] = full.point ? [{ kind: "point", line, row: sum.row, look: "written" }] : [];
  const steps = (): readonly StepToDraw<Why>[] => [
    ...(belowZero
      ? [
          {
            stage: "setOut",
            reason: { kind: "swapForBelowZero", larger: goal, smaller: start },
            focus: [],
          } as const,
        ]
      : []),
    {
      stage: "setOut",
      reason: { kind: "startCounting", from: start, to: goal },
      draw: () => numeralMarks(start, 0, 0),
      focus: [],
    },
    ...hops.map(
      (hop, index): StepToDraw<Why> => ({
        stage: "work",
        reason: { kind: "hopUp", ...hop },
        draw: () => [
          { kind: "leap", line: right, row: index, to: index + 1 },
          ...numeralMarks(hop.to, 0, index + 1),
          { kind: "glyph", col: line - hopWidth - 1, row: index + 1, text: "+", look: "written" },
          ...numeralMarks(hop.hop, line, index + 1),
        ],
        focus: [],
      }),
    ),
    {
      stage: "work",
      reason: { kind: "addHops", hops: hops.map(({ hop }) => hop) },
      draw: () => [sum.rule(pile.ruleRow, 1), ...points],
      focus: [],
    },
    ...sum.steps(),
    ...end.steps(),
  ];
  const layout = (): PaperLayout => {
    const lowest = Math.min(ONES, ...stops.map(lowestPlace));
    const columns = placesFrom(lowest, Math.max(ONES, ...stops.map(highestPlace)));
    return {
      columns: columns.map((place) => ({ place, col: digitCol(0, place) })),
      plumbs: [0, line].map((at) => ({ line: at, from: "top" })),
    };
  };
  return { answer: end.answer, onPaper: () => ({ layout: layout(), steps: steps() }) };
}

/** The hops, smallest place first while a place can be filled up, then largest place first for what is left. */
function hopsBetween(start: Decimal, goal: Decimal, decisions: CountingUpDecisions): readonly Hop[] {
  const places = Math.max(start.fraction.length, goal.fraction.length);
  const highest = Math.max(highestPlace(start), highestPlace(goal), ONES);
  const hops: Hop[] = [];
  let here = start;
  const at = (count: bigint, place: Place): Decimal =>
    count === countedIn(goal, places) ? goal : shortTo(fromCount(count, places), place);
  const hop = (size: Decimal, to: Decimal, place: Place, fills: boolean): void => {
    hops.push({ from: here, hop: size, to, place, fills });
    here = to;
  };
  for (const place of placesFrom(-places, highest)) {
    const digit = digitAt(here, place) ?? 0;
    if (digit === 0) continue;
    // Filling a place up always leads to the next round number, however far that was said to be.
    const next = countedIn(here, places) + countedIn(partOf(10 - digit, place), places);
    if (next > countedIn(goal, places)) break;
    hop(partOf(decisions.missing(digit), place), at(next, place + 1), place, true);
  }
  for (const place of [...placesFrom(-places, highest)].reverse()) {
    const left = countedIn(goal, places) - countedIn(here, places);
    const count = left / countedIn(partOf(1, place), places);
    if (count === 0n || count > 9n) continue;
    const size = partOf(Number(count), place);
    hop(size, at(countedIn(here, places) + countedIn(size, places), place), place, false);
  }
  return hops;
}

/** A numeral without the zeros beyond a place. */
function shortTo(numeral: Decimal, place: Place): Decimal {
  const keep = Math.max(0, -place);
  const zeros = zerosAtEnd(numeral.fraction);
  const fraction = numeral.fraction.slice(0, Math.max(keep, numeral.fraction.length - zeros));
  return { ...numeral, fraction, point: fraction !== "" };
}
