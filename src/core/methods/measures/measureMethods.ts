import type { HouseRules } from "../../house";
import type { MeasureProblem, Problem } from "../../problem";
import type { IdOf, ReasonOf } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { changingUnits } from "./changingUnits";
import { paddedColumns } from "./paddedColumns";
import { smallestUnit } from "./smallestUnit";
import { unitColumns } from "./unitColumns";

const METHODS = [unitColumns, paddedColumns, smallestUnit, changingUnits] as const;

/** Any of these methods. */
export type MeasureMethod = (typeof METHODS)[number];

type Id = IdOf<MeasureMethod>;
type Why = ReasonOf<MeasureMethod>;

function prefers({ op }: MeasureProblem, house: HouseRules): readonly Id[] {
  if (op === "rewrite") return ["changing-units"];
  return [
    ...(house.unitWork === "smallestUnit" ? (["smallest-unit"] as const) : []),
    ...(house.metricColumns === "padded" ? (["padded-columns"] as const) : []),
    "unit-columns",
    "smallest-unit",
  ];
}

const seen = (problem: Problem): MeasureProblem | undefined =>
  problem.kind === "measures" ? problem : undefined;

export const measureMethods = methodSet<Why, Id, MeasureProblem>(["measures"], seen, METHODS, prefers);
