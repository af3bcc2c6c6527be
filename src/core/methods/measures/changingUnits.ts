import type { HouseRules } from "../../house";
import type { MeasureProblem } from "../../problem";
import type { Method, Solve, Worked } from "../contract/method";
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
export const changingUnits: Method<"changing-units", MeasureWhy, MeasureProblem, RateDecisions> = {
  id: "changing-units",
  sample: "50 oz in lb and oz",
  bench: {
    small: "<17-96> oz in lb and oz",
    usual: "<17-96> oz in lb and oz",
    largest: "9999999 s in wk and d and h and min and s",
  },
  sound: SOUND_RATES,
  refuses: ({ op }) => (op === "rewrite" ? undefined : { kind: "otherOperation", worksOn: ["rewrite"] }),
  work: workChangingUnits,
};

/** Another form of one measure, with any decisions about rates. */
export function workChangingUnits<Inner>(
  problem: MeasureProblem,
  house: HouseRules,
  decisions: RateDecisions,
  solve: Solve<Inner>,
): Worked<MeasureWhy | Inner> {
  const [measure] = problem.operands;
  if (measure?.kind !== "measure") throw new Error("workChangingUnits: a measure is needed");
  const units = unitsUsed(problem);
  const smallest = units.at(-1) ?? "m";
  const pad = startMeasures<Inner>(problem, house);
  const count = intoSmallest(pad, measure, units, house, decisions);
  const answer = backInUnits(pad, count, unitsWanted(problem, units), smallest, house, decisions, solve);
  return ended(house, pad, answer);
}
