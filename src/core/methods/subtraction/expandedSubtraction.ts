import type { Mark } from "../../board";
import { compareDecimals, type Place } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import {
  type DecompositionDecisions,
  type DecompositionMove,
  type Exchange,
  SOUND_DECOMPOSITION,
  subtractInColumns,
} from "../procedures/decomposition";
import { type AnswerReason, numeralOf } from "../squares/answer";
import {
  countsOf,
  type ExpandedReason,
  type ExpandedSetting,
  expandedSetting,
  expandedWorking,
  isTooWideToExpand,
  MOST_PLACES,
  placesOf,
} from "../squares/expandedSetting";
import type { SettingOutReason } from "../squares/settingOut";

export type ExpandedSubtractionReason =
  | {
      /** One part regrouped: 50 and 3 are 40 and 13. */
      readonly kind: "partExchange";
      readonly needy: Place;
      readonly top: number;
      readonly bottom: number;
      /** Largest place first: the one that gives, those that are crossed, the one that receives. */
      readonly changes: readonly { readonly place: Place; readonly before: number; readonly after: number }[];
    }
  | {
      readonly kind: "partDifference";
      readonly place: Place;
      readonly top: number;
      readonly bottom: number;
      readonly written: number;
    };

type Why = ExpandedReason | ExpandedSubtractionReason | SettingOutReason | AnswerReason;

/** Both numbers pulled apart into true values; a part that is too small is regrouped from the next larger one. */
export const expandedSubtraction: Method<
  "expanded-subtraction",
  Why,
  DecimalProblem,
  DecompositionDecisions,
  "manyPlaces"
> = {
  id: "expanded-subtraction",
  sample: "53.2 − 27.8",
  bench: { small: "<1.1> - <1.1>", usual: "<3.2> - <3.2>", largest: "<5.5> - <5.5>" },
  sound: SOUND_DECOMPOSITION,
  takes: (problem) => {
    if (problem.op !== "subtract") return otherOperation("subtract");
    return isTooWideToExpand(problem)
      ? refused("manyPlaces", MOST_PLACES)
      : taken(problem, workExpandedSubtraction);
  },
};

/** Expanded subtraction with any decisions; only sound ones are sure to reach the right answer. */
function workExpandedSubtraction(
  problem: Asks<DecimalProblem, "subtract">,
  { house, decisions }: WorkRules<DecompositionDecisions>,
): MethodResult<Why> {
  const [first, second] = problem.operands;
  const belowZero = compareDecimals(first, second) < 0;
  const [minuend, subtrahend] = belowZero ? [second, first] : [first, second];
  const places = placesOf([minuend, subtrahend]);
  const setting = expandedSetting(places, 1);
  const lowest = Math.min(...places);
  const moves = subtractInColumns(
    countsOf(places, minuend),
    countsOf(places, subtrahend),
    places.length,
    () => 10,
    house.borrowAcrossZeros,
    decisions,
  );
  const counts = moves.flatMap((move) =>
    move.kind === "difference" ? [{ place: lowest + move.column, written: move.written }] : [],
  );
  const full = numeralOf(counts, belowZero);
  const front = Math.max(lowest, ...counts.filter(({ written }) => written > 0).map(({ place }) => place));

  const { answer, onPaper } = expandedWorking<Why>(
    setting,
    { op: "subtract", numerals: [minuend, subtrahend], counts, full, answerRow: 3 },
    () => {
      const changed = new Map<Place, number>();
      return moves.map((move) =>
        move.kind === "exchange"
          ? exchangeStep(move, setting, lowest, changed)
          : differenceStep(move, setting, lowest, front),
      );
    },
    problem,
    house,
  );
  if (!belowZero) return { answer, onPaper };
  return {
    answer,
    onPaper: () => {
      const { layout, steps } = onPaper();
      const swap = { kind: "swapForBelowZero", larger: minuend, smaller: subtrahend } as const;
      return { layout, steps: [{ stage: "setOut", reason: swap, focus: [] }, ...steps] };
    },
  };
}

type MoveOf<Kind extends DecompositionMove["kind"]> = Extract<DecompositionMove, { kind: Kind }>;

/** A part regrouped. Its marks are made at once: a number is struck above what was rewritten before it, which `changed` counts. */
function exchangeStep(
  { lender, crossed, receiver, needy, top, bottom }: MoveOf<"exchange">,
  setting: ExpandedSetting,
  lowest: Place,
  changed: Map<Place, number>,
): StepToDraw<Why> {
  const changes = [lender, ...crossed, receiver].map(({ column, ...rest }) => ({
    place: lowest + column,
    ...rest,
  }));
  const marks = changes.flatMap((change) => changeMarks(setting, change, changed));
  return {
    stage: "work",
    reason: { kind: "partExchange", needy: lowest + needy, top, bottom, changes },
    draw: () => marks,
    focus: changes.flatMap(({ place }) => setting.colsOf(place)),
  };
}

/** A part taken from the one above it; a plus behind it where larger ones follow. */
function differenceStep(
  { column, top, bottom = 0, written }: MoveOf<"difference">,
  setting: ExpandedSetting,
  lowest: Place,
  front: Place,
): StepToDraw<Why> {
  const place = lowest + column;
  return {
    stage: "work",
    reason: { kind: "partDifference", place, top, bottom, written },
    draw: () =>
      written > 0
        ? [...setting.partMarks(written, place, 2), ...(place < front ? [setting.plus(place, 2)] : [])]
        : [],
    focus: setting.colsOf(place),
  };
}

/** A part struck out, and what it is now written in the row above; a part that was nothing is only written. */
function changeMarks(
  setting: ExpandedSetting,
  { place, before, after }: Omit<Exchange, "column"> & { readonly place: Place },
  changed: Map<Place, number>,
): readonly Mark[] {
  const times = changed.get(place) ?? 0;
  changed.set(place, times + 1);
  const row = 0 - times;
  const struck = before > 0 || times > 0 ? setting.squaresOf(before, place) : [];
  return [
    ...struck.map((col): Mark => ({ kind: "strike", col, row, target: "square" })),
    ...setting.partMarks(after, place, row - 1),
  ];
}
