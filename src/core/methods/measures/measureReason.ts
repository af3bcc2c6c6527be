import type { Decimal } from "../../number";
import type { MeasureProblem, Problem } from "../../problem";
import type { Measure, UnitId } from "../../quantity";

/** What stood under a unit and what stands there after an exchange. */
interface UnitChange {
  readonly unit: UnitId;
  readonly before: bigint;
  readonly after: bigint;
}

/** What the steps of working with measures do and why. */
export type MeasureReason =
  | { readonly kind: "writeMeasures"; readonly problem: MeasureProblem }
  | { readonly kind: "unitHeads"; readonly units: readonly UnitId[] }
  | { readonly kind: "writeUnitRow"; readonly measure: Measure; readonly first: boolean }
  | { readonly kind: "unitRule"; readonly sign: string; readonly times: bigint | undefined }
  | { readonly kind: "swapMeasures"; readonly larger: Measure; readonly smaller: Measure }
  | {
      readonly kind: "unitTotal";
      readonly unit: UnitId;
      readonly parts: readonly bigint[];
      readonly carriedIn: bigint;
      readonly total: bigint;
      readonly written: bigint;
      readonly carriedOut: bigint;
      /** The next larger unit, and how many of this one make it; none for the largest. */
      readonly larger: UnitId | undefined;
      readonly rate: bigint;
    }
  | {
      readonly kind: "unitProduct";
      readonly unit: UnitId;
      readonly count: bigint;
      readonly times: bigint;
      readonly carriedIn: bigint;
      readonly total: bigint;
      readonly written: bigint;
      readonly carriedOut: bigint;
      readonly larger: UnitId | undefined;
      readonly rate: bigint;
    }
  | {
      readonly kind: "regroupUnit";
      readonly unit: UnitId;
      readonly count: bigint;
      readonly larger: UnitId;
      readonly rate: bigint;
      readonly whole: bigint;
      readonly rest: bigint;
      /** What there was of the larger unit already, and what it comes to. */
      readonly had: bigint;
      readonly makes: bigint;
    }
  | {
      readonly kind: "unitExchange";
      readonly needy: UnitId;
      readonly top: bigint;
      readonly bottom: bigint;
      readonly changes: readonly UnitChange[];
      readonly rate: bigint;
    }
  | {
      readonly kind: "unitDifference";
      readonly unit: UnitId;
      readonly top: bigint;
      readonly bottom: bigint;
      readonly written: bigint;
    }
  | {
      readonly kind: "unitShare";
      readonly unit: UnitId;
      readonly count: bigint;
      readonly divisor: bigint;
      readonly each: bigint;
      readonly rest: bigint;
    }
  | {
      readonly kind: "restToSmaller";
      readonly unit: UnitId;
      readonly rest: bigint;
      readonly smaller: UnitId;
      readonly rate: bigint;
      readonly makes: bigint;
      readonly had: bigint;
      readonly total: bigint;
    }
  | {
      readonly kind: "intoSmaller";
      readonly unit: UnitId;
      readonly count: Decimal;
      readonly smaller: UnitId;
      readonly rate: bigint;
      readonly makes: Decimal;
      readonly had: Decimal;
      readonly total: Decimal;
    }
  | {
      readonly kind: "intoLarger";
      readonly unit: UnitId;
      readonly count: Decimal;
      readonly larger: UnitId;
      readonly rate: bigint;
      readonly whole: bigint;
      readonly rest: Decimal;
    }
  | {
      readonly kind: "oneUnitProblem";
      readonly unit: UnitId;
      readonly problem: Problem;
      readonly numberOnly: boolean;
    }
  | {
      readonly kind: "padUnit";
      readonly measure: Measure;
      readonly unit: UnitId;
      readonly digits: number;
      readonly decimal: Decimal;
    }
  | {
      readonly kind: "unpadUnit";
      readonly decimal: Decimal;
      readonly unit: UnitId;
      readonly measure: Measure;
    }
  | {
      readonly kind: "decimalOfUnit";
      readonly measure: Measure;
      readonly unit: UnitId;
      readonly problem: Problem;
    }
  | { readonly kind: "signMeasure"; readonly answer: Measure };
