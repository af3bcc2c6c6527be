import type { HouseRules } from "../house";
import type { Problem } from "../problem";
import { type ColumnAdditionHabits, SOUND_COLUMN_ADDITION, workColumnAddition } from "./columnAddition";
import {
  type ColumnMultiplicationHabits,
  SOUND_COLUMN_MULTIPLICATION,
  workColumnMultiplication,
} from "./columnMultiplication";
import { type PaidDifferenceHabits, SOUND_PAID_DIFFERENCE } from "./differenceSetting";
import { workEqualAdditions } from "./equalAdditions";
import { workChangingForm } from "./fractions/changingForm";
import { workCommonDenominator } from "./fractions/commonDenominator";
import { workLikeParts } from "./fractions/dividingLikeParts";
import { type FractionHabits, SOUND_FRACTIONS } from "./fractions/fractionHabits";
import { workAcross, workTurningOver } from "./fractions/multiplyingAcross";
import { type LatticeHabits, SOUND_LATTICE, workLattice } from "./lattice";
import { type DivisionHabits, SOUND_DIVISION, workLongDivision } from "./longDivision";
import { workMakingUp } from "./makingUp";
import { workUnitColumns } from "./measures/unitColumns";
import { SOUND_UNITS, type UnitHabits } from "./measures/unitHabits";
import type { MethodId, WorkingBy, WorkPart } from "./method";
import type { Reason } from "./reason";
import { type RoundingHabits, SOUND_ROUNDING, workRounding } from "./roundingByPlace";
import { type SignHabits, SOUND_SIGNS, workGathering, workSignRule } from "./signed/signRule";
import {
  type DifferenceByDecompositionHabits,
  SOUND_DIFFERENCE_BY_DECOMPOSITION,
  workDecomposition,
} from "./subtractionByDecomposition";
import { EVERY_METHOD } from "./workings";

/** The decisions of the methods that faulty habits are known for, by the part of the work they belong to. */
interface Habits {
  readonly addition: ColumnAdditionHabits;
  readonly decomposition: DifferenceByDecompositionHabits;
  readonly payments: PaidDifferenceHabits;
  readonly product: ColumnMultiplicationHabits;
  readonly lattice: LatticeHabits;
  readonly division: DivisionHabits;
  readonly rounding: RoundingHabits;
  readonly fractions: FractionHabits;
  readonly signs: SignHabits;
  readonly units: UnitHabits;
}

/** Some of the decisions, to be taken otherwise than soundly. */
export type OtherHabits = { readonly [Part in keyof Habits]?: Partial<Habits[Part]> };

/**
 * A working with some habits put over the sound ones, by the first of the wanted methods that takes the
 * problem, else by the house's. Nobody verifies it. `part` works what is left to other methods. Throws
 * `Stuck` where the habits can't go on.
 */
export function workingWith<Inner>(
  problem: Problem,
  house: HouseRules,
  other: OtherHabits,
  wanted: readonly MethodId[],
  part: WorkPart<Inner>,
): WorkingBy<Reason | Inner> {
  const method = EVERY_METHOD.methodAmong(problem, house, wanted);
  return (
    withHabits(method, problem, house, other, part) ?? EVERY_METHOD.unverified(problem, house, [method], part)
  );
}

/** By one of the methods that have habits to replace; nothing where the method has none, or sees the problem as one of another kind. */
function withHabits<Inner>(
  method: MethodId,
  problem: Problem,
  house: HouseRules,
  other: OtherHabits,
  part: WorkPart<Inner>,
): WorkingBy<Reason | Inner> | undefined {
  switch (problem.kind) {
    case "decimals":
      switch (method) {
        case "column-addition":
          return workColumnAddition(problem, house, { ...SOUND_COLUMN_ADDITION, ...other.addition });
        case "subtraction-by-decomposition": {
          const habits = { ...SOUND_DIFFERENCE_BY_DECOMPOSITION, ...other.decomposition };
          return workDecomposition(problem, house, habits);
        }
        case "equal-additions":
          return workEqualAdditions(problem, house, { ...SOUND_PAID_DIFFERENCE, ...other.payments });
        case "making-up":
          return workMakingUp(problem, house, { ...SOUND_PAID_DIFFERENCE, ...other.payments });
        case "column-multiplication": {
          const habits = { ...SOUND_COLUMN_MULTIPLICATION, ...other.product };
          return workColumnMultiplication(problem, house, habits);
        }
        case "lattice":
          return workLattice(problem, house, { ...SOUND_LATTICE, ...other.lattice });
        case "long-division":
          return workLongDivision(problem, house, { ...SOUND_DIVISION, ...other.division });
        case "rounding-by-place":
          return workRounding(problem, house, { ...SOUND_ROUNDING, ...other.rounding });
        default:
          return undefined;
      }
    case "fractions": {
      const habits = { ...SOUND_FRACTIONS, ...other.fractions };
      switch (method) {
        case "denominators-by-multiples":
          return workCommonDenominator("multiples", problem, house, habits, part);
        case "denominators-by-factors":
          return workCommonDenominator("factors", problem, house, habits, part);
        case "denominators-by-product":
          return workCommonDenominator("product", problem, house, habits, part);
        case "multiplying-across":
          return workAcross(problem, house, habits, part);
        case "turning-over":
          return workTurningOver(problem, house, habits, part);
        case "dividing-like-parts":
          return workLikeParts(problem, house, habits, part);
        case "changing-form":
          return workChangingForm(problem, house, habits, part);
        default:
          return undefined;
      }
    }
    case "signed": {
      const habits = { ...SOUND_SIGNS, ...other.signs };
      switch (method) {
        case "sign-rule":
          return workSignRule(problem, house, habits, part);
        case "gathering":
          return workGathering(problem, house, habits, part);
        default:
          return undefined;
      }
    }
    case "measures":
      return method === "unit-columns"
        ? workUnitColumns(problem, house, { ...SOUND_UNITS, ...other.units })
        : undefined;
    case "money":
    case "chain":
      return undefined;
  }
}
