import type { HouseRules } from "../../house";
import { type Place, placesFrom } from "../../number";
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
  type AdditionDecisions,
  addInColumns,
  type ColumnSum,
  SOUND_ADDITION,
} from "../procedures/columnSums";
import { type AnswerReason, finishAnswer, numeralOf } from "../squares/answer";
import {
  countsOf,
  type ExpandedReason,
  expandedSetting,
  isTooWideToExpand,
  MOST_PLACES,
  placesOf,
  pullApart,
  pushTogether,
} from "../squares/expandedSetting";

export type ExpandedAdditionReason = {
  /** The parts of one place joined, and ten of them regrouped into the next. */
  readonly kind: "partSum";
  readonly place: Place;
  readonly parts: readonly number[];
  readonly carriedIn: number;
  readonly total: number;
  readonly written: number;
  readonly carriedOut: number;
};

type Why = ExpandedReason | ExpandedAdditionReason | AnswerReason;

/** Every number pulled apart into the true values of its digits; like parts joined, ten of one regrouped into the next. */
export const expandedAddition: Method<
  "expanded-addition",
  Why,
  DecimalProblem,
  AdditionDecisions,
  "manyPlaces"
> = {
  id: "expanded-addition",
  sample: "47.6 + 8.7",
  bench: { small: "<1.1> + <1.1>", usual: "<3.2> + <3.2>", largest: "<5.5> + <5.5>" },
  sound: SOUND_ADDITION,
  takes: (problem) => {
    if (problem.op !== "add") return otherOperation("add");
    return isTooWideToExpand(problem)
      ? refused("manyPlaces", MOST_PLACES)
      : taken(problem, workExpandedAddition);
  },
};

/** Expanded addition with any decisions; only sound ones are sure to reach the right answer. */
function workExpandedAddition(
  problem: Asks<DecimalProblem, "add">,
  house: HouseRules,
  decisions: AdditionDecisions,
): MethodResult<Why> {
  const addends = problem.operands;
  const given = placesOf(addends);
  const lowest = Math.min(...given);
  const sums = addInColumns(
    addends.map((numeral) => countsOf(given, numeral)),
    given.length,
    () => 10,
    decisions,
  );
  const setting = expandedSetting(placesFrom(lowest, lowest + sums.length - 1), 0);
  const regroups = sums.some(({ carriedOut }) => carriedOut > 0) && house.carryPlace !== "unwritten";
  const ruleRow = addends.length;
  const partRow = ruleRow + (regroups && house.carryPlace === "below" ? 1 : 0);
  const carryRow = house.carryPlace === "below" ? ruleRow : -1;
  const counts = sums.map(({ column, written }) => ({ place: lowest + column, written }));
  const full = numeralOf(counts, false);
  const shown = counts.filter(({ written }) => written > 0);
  const front = Math.max(...shown.map(({ place }) => place), lowest);

  const partStep = ({ column, ...sum }: ColumnSum): StepToDraw<Why> => {
    const place = lowest + column;
    return {
      stage: "work",
      reason: { kind: "partSum", place, ...sum },
      draw: () => [
        ...(sum.written > 0 ? setting.partMarks(sum.written, place, partRow) : []),
        ...(sum.written > 0 && place < front ? [setting.plus(place, partRow)] : []),
        ...(sum.carriedOut > 0 && regroups ? setting.partMarks(sum.carriedOut, place + 1, carryRow) : []),
      ],
      focus: setting.colsOf(place),
    };
  };
  const answerRow = partRow + 1;
  const right = Math.max(1, full.fraction.length);
  const end = finishAnswer(
    full,
    {
      row: answerRow,
      line: 0,
      closes: (row) => ({ kind: "rule", row, from: -full.whole.length - 1, to: right, strokes: 2 }),
    },
    problem,
    house,
  );
  const onPaper = (): OnPaper<Why> => ({
    layout: setting.layout,
    steps: [
      ...addends.map((numeral, row) => pullApart(setting, numeral, row)),
      {
        stage: "setOut",
        reason: { kind: "expandedRule", op: "add" },
        draw: () => [
          {
            kind: "glyph",
            col: -Math.max(...addends.map(({ whole }) => whole.length)) - 1,
            row: ruleRow - 1,
            text: signOf("add", house),
            look: "written",
          },
          { kind: "rule", row: ruleRow, from: setting.edges.from, to: setting.edges.to, strokes: 1 },
        ],
        focus: [],
      },
      ...sums.map(partStep),
      pushTogether(counts, full, answerRow),
      ...end.steps(),
    ],
  });
  return { answer: end.answer, onPaper };
}
