import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import type { Place } from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
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
import { type AnswerReason, answerDigit } from "../squares/answer";
import {
  colOf,
  pointStep,
  reachesPoint,
  type Setting,
  type SettingDecisions,
  type SettingOutReason,
  SOUND_SETTING,
} from "../squares/settingOut";
import { rewriteMarks, timesBefore } from "../squares/smallMarks";
import { differenceSetting, differenceWorking } from "./differenceSetting";

/** What stood in a place and what stands there after an exchange. */
interface PlaceChange {
  readonly place: Place;
  readonly before: number;
  readonly after: number;
}

type DecompositionReason =
  | {
      readonly kind: "exchange";
      readonly needy: Place;
      readonly top: number;
      readonly bottom: number;
      readonly lender: PlaceChange;
      readonly crossed: readonly PlaceChange[];
      readonly receiver: PlaceChange;
    }
  | {
      readonly kind: "difference";
      readonly place: Place;
      readonly top: number;
      readonly bottom: number | undefined;
      readonly written: number;
      /** A zero in front of the number, which is not written. */
      readonly blank: boolean;
    };

type Why = SettingOutReason | DecompositionReason | AnswerReason;

/** The decisions of a difference by decomposition: how the numbers line up, and what each column does. */
export interface DifferenceByDecompositionDecisions extends SettingDecisions, DecompositionDecisions {}

export const SOUND_DIFFERENCE_BY_DECOMPOSITION: DifferenceByDecompositionDecisions = {
  ...SOUND_SETTING,
  ...SOUND_DECOMPOSITION,
};

/** The subtrahend under the minuend; where a place has too little, one of the next larger is exchanged for ten. */
export const subtractionByDecomposition: Method<
  "subtraction-by-decomposition",
  Why,
  DecimalProblem,
  DifferenceByDecompositionDecisions
> = {
  id: "subtraction-by-decomposition",
  sample: "5 − 2.004",
  bench: { small: "<1.1> - <1.1>", usual: "<3.2> - <3.2>", largest: "<15.15> - <15.15>" },
  sound: SOUND_DIFFERENCE_BY_DECOMPOSITION,
  takes: (problem) =>
    problem.op === "subtract" ? taken(problem, workDecomposition) : otherOperation("subtract"),
};

/** Decomposition with any decisions in the columns; only sound ones are sure to reach the right answer. */
function workDecomposition(
  problem: Asks<DecimalProblem, "subtract">,
  { house, decisions }: WorkRules<DifferenceByDecompositionDecisions>,
): MethodResult<Why> {
  const set = differenceSetting(problem, false, { house, decisions });
  const { setting, minuend, subtrahend, placeOf } = set;
  const moves = subtractInColumns(
    minuend,
    subtrahend,
    setting.places.length,
    () => 10,
    house.borrowAcrossZeros,
    decisions,
  );
  const columns = moves.flatMap((move) =>
    move.kind === "difference" ? [{ place: placeOf(move.column), written: move.written }] : [],
  );
  return differenceWorking(problem, house, set, columns, (front) => {
    const written = minuend.map((count) => count !== undefined);
    return workSteps(moves, setting, house, placeOf, front, written);
  });
}

/** A count that changes, for the nth time. */
interface Rewrite extends Exchange {
  readonly nth: number;
}

/** The steps of the work. A count that changes is struck and its new value written small above it. */
function workSteps(
  moves: readonly DecompositionMove[],
  setting: Setting,
  house: HouseRules,
  placeOf: (column: number) => Place,
  front: Place,
  written: readonly boolean[],
): readonly StepToDraw<Why>[] {
  const times = timesBefore();
  const rewrite = ({ column, after, nth }: Rewrite): readonly Mark[] => {
    const col = colOf(placeOf(column));
    return rewriteMarks({ middle: col, digits: written[column] ? [col] : [], row: 0 }, nth, after);
  };
  const toPlace = ({ column, before, after }: Exchange): PlaceChange => ({
    place: placeOf(column),
    before,
    after,
  });

  return moves.flatMap((move): readonly StepToDraw<Why>[] => {
    if (move.kind === "exchange") {
      const changes = [move.lender, ...move.crossed, move.receiver];
      const rewrites = changes
        .filter(({ before, after }) => before !== after)
        .map((change): Rewrite => ({ ...change, nth: times(change.column) }));
      return [
        {
          stage: "work",
          reason: {
            kind: "exchange",
            needy: placeOf(move.needy),
            top: move.top,
            bottom: move.bottom,
            lender: toPlace(move.lender),
            crossed: move.crossed.map(toPlace),
            receiver: toPlace(move.receiver),
          },
          draw: () => rewrites.flatMap(rewrite),
          focus: changes.map(({ column }) => colOf(placeOf(column))),
        },
      ];
    }
    const place = placeOf(move.column);
    const blank = place > front;
    const step: StepToDraw<DecompositionReason> = {
      stage: "work",
      reason: { kind: "difference", place, top: move.top, bottom: move.bottom, written: move.written, blank },
      draw: () => answerDigit(setting, { place, written: move.written }, blank),
      focus: [colOf(place)],
    };
    return reachesPoint(setting, place, house) ? [step, pointStep(setting, "whenReached")] : [step];
  });
}
