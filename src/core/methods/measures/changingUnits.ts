import type { Asks, MeasureProblem } from "../../problem";
import { lastOf } from "../../tuples";
import { type Method, otherOperation, taken } from "../contract/method";
import type { WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import {
  backInUnits,
  finishBackAndForth,
  intoSmallest,
  type RateDecisions,
  SOUND_RATES,
  startMeasures,
  unitsOfAnswer,
} from "./backAndForth";
import { type MeasureWhy, unitsUsed } from "./unitSetting";

/** One measure written in other units. */
export const changingUnits: Method<"changing-units", MeasureWhy, MeasureProblem, RateDecisions> = {
  id: "changing-units",
  sample: "50 oz in lb and oz",
  bench: {
    small: "<17-96> oz in lb and oz",
    usual: "<17-96> oz in lb and oz",
    largest: "9999999 s in wk and d and h and min and s",
  },
  sound: SOUND_RATES,
  takes: (problem) =>
    problem.op === "rewrite" ? taken(problem, workChangingUnits) : otherOperation("rewrite"),
};

/** Another form of one measure, with any decisions about rates. */
function workChangingUnits<Inner>(
  problem: Asks<MeasureProblem, "rewrite">,
  { house, decisions, solve }: WorkContext<RateDecisions, Inner>,
): MethodResult<MeasureWhy | Inner> {
  const [measure] = problem.operands;
  const units = unitsUsed(problem);
  const smallest = lastOf(units);
  const pad = startMeasures<Inner>(problem, house);
  const count = intoSmallest(measure, units, { house, decisions, pad });
  const answer = backInUnits(count, unitsOfAnswer(problem, units), smallest, {
    house,
    decisions,
    pad,
    solve,
  });
  return finishBackAndForth(answer, { house, pad });
}
