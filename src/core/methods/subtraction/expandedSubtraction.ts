import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { compareDecimals, type Place } from "../../number";
import { type Asks, type DecimalProblem, signOf } from "../../problem";
import {
  type Method,
  type MethodResult,
  type OnPaper,
  otherOperation,
  refused,
  taken,
} from "../contract/method";
import type { StepToDraw } from "../contract/step";
import {
  type DecompositionDecisions,
  type DecompositionMove,
  type Exchange,
  SOUND_DECOMPOSITION,
  subtractInColumns,
} from "../procedures/decomposition";
import { type AnswerReason, finishAnswer, numeralOf } from "../squares/answer";
import {
  countsOf,
  type ExpandedReason,
  type ExpandedSetting,
  expandedSetting,
  isTooWideToExpand,
  MOST_PLACES,
  placesOf,
  pullApart,
  pushTogether,
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
  house: HouseRules,
  decisions: DecompositionDecisions,
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

  const moveStep = (move: DecompositionMove, changed: Map<Place, number>): StepToDraw<Why> => {
    if (move.kind === "exchange") {
      const changes = [move.lender, ...move.crossed, move.receiver].map(({ column, ...rest }) => ({
        place: lowest + column,
        ...rest,
      }));
      // Drawn at once: a number is struck above what was rewritten before it.
      const marks = changes.flatMap((change) => changeMarks(setting, change, changed));
      const { top, bottom } = move;
      return {
        stage: "work",
        reason: { kind: "partExchange", needy: lowest + move.needy, top, bottom, changes },
        draw: () => marks,
        focus: changes.flatMap(({ place }) => setting.colsOf(place)),
      };
    }
    const place = lowest + move.column;
    const { top, bottom = 0, written } = move;
    return {
      stage: "work",
      reason: { kind: "partDifference", place, top, bottom, written },
      draw: () =>
        written > 0
          ? [...setting.partMarks(written, place, 2), ...(place < front ? [setting.plus(place, 2)] : [])]
          : [],
      focus: setting.colsOf(place),
    };
  };

  const workSteps = (): readonly StepToDraw<Why>[] => {
    const changed = new Map<Place, number>();
    return moves.map((move) => moveStep(move, changed));
  };
  const end = finishAnswer(
    full,
    {
      row: 3,
      line: 0,
      closes: (row) => ({
        kind: "rule",
        row,
        from: -full.whole.length - 1,
        to: Math.max(1, full.fraction.length),
        strokes: 2,
      }),
    },
    problem,
    house,
  );
  const onPaper = (): OnPaper<Why> => ({
    layout: setting.layout,
    steps: [
      ...(belowZero
        ? [
            {
              stage: "setOut",
              reason: { kind: "swapForBelowZero", larger: minuend, smaller: subtrahend },
              focus: [],
            } as const,
          ]
        : []),
      pullApart(setting, minuend, 0),
      pullApart(setting, subtrahend, 1),
      {
        stage: "setOut",
        reason: { kind: "expandedRule", op: "subtract" },
        draw: () => [
          {
            kind: "glyph",
            col: -Math.max(minuend.whole.length, subtrahend.whole.length) - 1,
            row: 1,
            text: signOf("subtract", house),
            look: "written",
          },
          { kind: "rule", row: 2, from: setting.edges.from, to: setting.edges.to, strokes: 1 },
        ],
        focus: [],
      },
      ...workSteps(),
      pushTogether(counts, { ...full, negative: false }, 3),
      ...end.steps(),
    ],
  });
  return { answer: end.answer, onPaper };
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
