import type { Mark } from "../../board";
import type { Asks, MeasureProblem } from "../../problem";
import type { UnitId } from "../../quantity";
import { lastOf } from "../../tuples";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { type DecompositionMove, type Exchange, subtractInColumns } from "../procedures/decomposition";
import { newPad } from "../squares/pad";
import { rewriteMarks, timesBefore } from "../squares/smallMarks";
import type { UnitDecisions } from "./unitDecisions";
import { finishUnitRows, rule, setOutRows } from "./unitRows";
import {
  countMarks,
  countsBy,
  fromSmallest,
  type MeasureWhy,
  measureInUnit,
  measureOf,
  middleOf,
  ratesUp,
  type UnitSetting,
  unitSetting,
  unitsUsed,
} from "./unitSetting";

/** One measure taken from another: unit by unit, as in any columns, one of the next unit decomposed where there is too little. */
export function workDifference(
  problem: Asks<MeasureProblem, "subtract">,
  { house, decisions }: WorkRules<UnitDecisions>,
): MethodResult<MeasureWhy> {
  const units = unitsUsed(problem);
  const smallest = lastOf(units);
  const [first, second] = problem.operands;
  const [a, b] = [measureInUnit(first, smallest), measureInUnit(second, smallest)];
  const below = a.numerator * b.denominator < b.numerator * a.denominator;
  const [larger, smaller] = below ? [second, first] : [first, second];
  const given = [countsBy(larger, units), countsBy(smaller, units)];
  const [top = [], bottom = []] = given;
  const moves = subtractInColumns(
    fromSmallest(top.map(Number)),
    fromSmallest(bottom.map(Number)),
    units.length,
    ratesUp(units, decisions.rate),
    "inOneGo",
    decisions,
  );
  const counts = fromSmallest(
    moves.flatMap((move) => (move.kind === "difference" ? [BigInt(move.written)] : [])),
  );
  const pad = newPad<MeasureWhy>(4);
  pad.take(() => {
    const setting = unitSetting(units, [...given, counts]);
    return [
      ...(below
        ? [{ stage: "setOut", reason: { kind: "swapMeasures", larger, smaller }, focus: [] } as const]
        : []),
      ...setOutRows(setting, [larger, smaller], given),
      rule(setting, "−", 2, undefined),
      ...differenceSteps(moves, setting, top, decisions),
    ];
  });
  const answer = measureOf(units, counts, below);
  if (below) pad.mark("answer", { kind: "signMeasure", answer });
  return finishUnitRows(answer, { house, pad });
}

/** The steps of a difference: what changes in an exchange is struck and its new value written small above. */
function differenceSteps(
  moves: readonly DecompositionMove[],
  setting: UnitSetting,
  top: readonly bigint[],
  decisions: UnitDecisions,
): readonly StepToDraw<MeasureWhy>[] {
  const { units } = setting;
  const rateOf = ratesUp(units, decisions.rate);
  const indexOf = (column: number): number => units.length - 1 - column;
  const unitOf = (column: number): UnitId => {
    const unit = units[indexOf(column)];
    if (unit === undefined) throw new Error("differenceSteps: there is no such unit");
    return unit;
  };
  const times = timesBefore();
  const rewrite = ({ column, after, nth }: Exchange & { readonly nth: number }): readonly Mark[] => {
    const index = indexOf(column);
    const digits = String(top[index] ?? 0n).length;
    const right = setting.rights[index] ?? 0;
    const squares = Array.from({ length: digits }, (_, at) => right - 1 - at);
    return rewriteMarks({ middle: middleOf(setting, index, digits), digits: squares, row: 0 }, nth, after);
  };
  return moves.map((move): StepToDraw<MeasureWhy> => {
    if (move.kind === "difference") {
      const written = BigInt(move.written);
      return {
        stage: "work",
        reason: {
          kind: "unitDifference",
          unit: unitOf(move.column),
          top: BigInt(move.top),
          bottom: BigInt(move.bottom ?? 0),
          written,
        },
        draw: () => countMarks(setting, indexOf(move.column), written, 2),
        focus: [],
      };
    }
    const changes = [move.lender, ...move.crossed, move.receiver];
    const rewrites = changes
      .filter(({ before, after }) => before !== after)
      .map((change) => ({ ...change, nth: times(change.column) }));
    return {
      stage: "work",
      reason: {
        kind: "unitExchange",
        needy: unitOf(move.needy),
        top: BigInt(move.top),
        bottom: BigInt(move.bottom),
        changes: changes.map(({ column, before, after }) => ({
          unit: unitOf(column),
          before: BigInt(before),
          after: BigInt(after),
        })),
        rate: BigInt(rateOf(move.needy)),
      },
      draw: () => rewrites.flatMap(rewrite),
      focus: [],
    };
  });
}
