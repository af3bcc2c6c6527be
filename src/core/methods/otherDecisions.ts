import type { HouseRules } from "../house";
import type { Problem } from "../problem";
import {
  type ColumnAdditionDecisions,
  SOUND_COLUMN_ADDITION,
  workColumnAddition,
} from "./addition/columnAddition";
import type { MethodId, Solve, WorkingBy } from "./contract/method";
import { type DivisionDecisions, SOUND_DIVISION, workLongDivision } from "./division/longDivision";
import { workChangingForm } from "./fractions/changingForm";
import { workCommonDenominator } from "./fractions/commonDenominator";
import { workLikeParts } from "./fractions/dividingLikeParts";
import { type FractionDecisions, SOUND_FRACTIONS } from "./fractions/fractionDecisions";
import { workAcross, workTurningOver } from "./fractions/multiplyingAcross";
import { type RoundingDecisions, SOUND_ROUNDING, workRounding } from "./judging/roundingByPlace";
import { workUnitColumns } from "./measures/unitColumns";
import { SOUND_UNITS, type UnitDecisions } from "./measures/unitDecisions";
import {
  type ColumnMultiplicationDecisions,
  SOUND_COLUMN_MULTIPLICATION,
  workColumnMultiplication,
} from "./multiplication/columnMultiplication";
import { type LatticeDecisions, SOUND_LATTICE, workLattice } from "./multiplication/lattice";
import type { Reason } from "./reason";
import { type SignDecisions, SOUND_SIGNS, workGathering, workSignRule } from "./signed/signRule";
import { type PaidDifferenceDecisions, SOUND_PAID_DIFFERENCE } from "./subtraction/differenceSetting";
import { workEqualAdditions } from "./subtraction/equalAdditions";
import { workMakingUp } from "./subtraction/makingUp";
import {
  type DifferenceByDecompositionDecisions,
  SOUND_DIFFERENCE_BY_DECOMPOSITION,
  workDecomposition,
} from "./subtraction/subtractionByDecomposition";
import { EVERY_METHOD } from "./workings";

/** The decisions of the methods that are known to be taken otherwise, by the part of the work they belong to. */
interface Decisions {
  readonly addition: ColumnAdditionDecisions;
  readonly decomposition: DifferenceByDecompositionDecisions;
  readonly payments: PaidDifferenceDecisions;
  readonly product: ColumnMultiplicationDecisions;
  readonly lattice: LatticeDecisions;
  readonly division: DivisionDecisions;
  readonly rounding: RoundingDecisions;
  readonly fractions: FractionDecisions;
  readonly signs: SignDecisions;
  readonly units: UnitDecisions;
}

/** Some of the decisions, to be taken otherwise than soundly. */
export type OtherDecisions = { readonly [Part in keyof Decisions]?: Partial<Decisions[Part]> };

/**
 * A working with some decisions put over the sound ones, by the first of the wanted methods that takes the
 * problem, else by the house's. Nobody verifies it. `solve` works what is left to other methods. Throws
 * `Stuck` where the decisions can't go on.
 */
export function workingWith<Inner>(
  problem: Problem,
  house: HouseRules,
  other: OtherDecisions,
  wanted: readonly MethodId[],
  solve: Solve<Inner>,
): WorkingBy<Reason | Inner> {
  const method = EVERY_METHOD.methodAmong(problem, house, wanted);
  return (
    withDecisions(method, problem, house, other, solve) ??
    EVERY_METHOD.unverified(problem, house, [method], solve)
  );
}

/** By one of the methods that have decisions to replace; none where the method has none, or sees the problem as one of another kind. */
function withDecisions<Inner>(
  method: MethodId,
  problem: Problem,
  house: HouseRules,
  other: OtherDecisions,
  solve: Solve<Inner>,
): WorkingBy<Reason | Inner> | undefined {
  switch (problem.kind) {
    case "decimals":
      switch (method) {
        case "column-addition":
          return workColumnAddition(problem, house, { ...SOUND_COLUMN_ADDITION, ...other.addition });
        case "subtraction-by-decomposition": {
          const decisions = { ...SOUND_DIFFERENCE_BY_DECOMPOSITION, ...other.decomposition };
          return workDecomposition(problem, house, decisions);
        }
        case "equal-additions":
          return workEqualAdditions(problem, house, { ...SOUND_PAID_DIFFERENCE, ...other.payments });
        case "making-up":
          return workMakingUp(problem, house, { ...SOUND_PAID_DIFFERENCE, ...other.payments });
        case "column-multiplication": {
          const decisions = { ...SOUND_COLUMN_MULTIPLICATION, ...other.product };
          return workColumnMultiplication(problem, house, decisions);
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
      const decisions = { ...SOUND_FRACTIONS, ...other.fractions };
      switch (method) {
        case "denominators-by-multiples":
          return workCommonDenominator("multiples", problem, house, decisions, solve);
        case "denominators-by-factors":
          return workCommonDenominator("factors", problem, house, decisions, solve);
        case "denominators-by-product":
          return workCommonDenominator("product", problem, house, decisions, solve);
        case "multiplying-across":
          return workAcross(problem, house, decisions, solve);
        case "turning-over":
          return workTurningOver(problem, house, decisions, solve);
        case "dividing-like-parts":
          return workLikeParts(problem, house, decisions, solve);
        case "changing-form":
          return workChangingForm(problem, house, decisions, solve);
        default:
          return undefined;
      }
    }
    case "signed": {
      const decisions = { ...SOUND_SIGNS, ...other.signs };
      switch (method) {
        case "sign-rule":
          return workSignRule(problem, house, decisions, solve);
        case "gathering":
          return workGathering(problem, house, decisions, solve);
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
