import type { HouseRules } from "../../house";
import type { MeasureProblem } from "../../problem";
import type { Method, Solve, WorkingBy } from "../contract/method";
import {
  backInUnits,
  ended,
  intoSmallest,
  type RateDecisions,
  SOUND_RATES,
  startMeasures,
  unitsWanted,
} from "./backAndForth";
import { type MeasureWhy, unitsUsed } from "./unitSetting";

/** One measure written in other units. */
export const changingUnits: Method<MeasureWhy, MeasureProblem> = {
  id: "changing-units",
  refuses: ({ op }) => (op === "rewrite" ? undefined : { kind: "otherOperation", worksOn: ["rewrite"] }),
  work: (problem, house, solve) => workChangingUnits(problem, house, SOUND_RATES, solve),
};

/** Another form of one measure, with any decisions about rates. */
export function workChangingUnits<Inner>(
  problem: MeasureProblem,
  house: HouseRules,
  decisions: RateDecisions,
  solve: Solve<Inner>,
): WorkingBy<MeasureWhy | Inner> {
  const [measure] = problem.operands;
  if (measure?.kind !== "measure") throw new Error("workChangingUnits: a measure is needed");
  const units = unitsUsed(problem);
  const smallest = units.at(-1) ?? "m";
  const pad = startMeasures<Inner>(problem, house);
  const count = intoSmallest(pad, measure, units, house, decisions);
  const answer = backInUnits(pad, count, unitsWanted(problem, units), smallest, house, decisions, solve);
  return ended(problem, "changing-units", house, pad, answer);
}
