import type { HouseRules } from "../../house";
import type { MeasureProblem, Problem } from "../../problem";
import type { Method, MethodId } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { changingUnits } from "./changingUnits";
import { paddedColumns } from "./paddedColumns";
import { smallestUnit } from "./smallestUnit";
import { unitColumns } from "./unitColumns";
import type { MeasureWhy } from "./unitSetting";

const METHODS: readonly Method<MeasureWhy, MeasureProblem>[] = [
  unitColumns,
  paddedColumns,
  smallestUnit,
  changingUnits,
];

function prefers({ op }: MeasureProblem, house: HouseRules): readonly MethodId[] {
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

export const measureMethods = methodSet("measures", seen, METHODS, prefers);
