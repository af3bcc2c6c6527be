import type { DecimalProblem, MoneyProblem, Problem } from "../../problem";
import type { IdOf, ReasonOf } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { compensation } from "./compensation";

const METHODS = [compensation] as const;

/** Any of these methods. */
export type MentalMethod = (typeof METHODS)[number];

const seen = (problem: Problem): DecimalProblem | MoneyProblem | undefined =>
  problem.kind === "decimals" || problem.kind === "money" ? problem : undefined;

/** What is worked in the head, in numbers or in money: no house takes it first. */
export const mentalMethods = methodSet<
  ReasonOf<MentalMethod>,
  IdOf<MentalMethod>,
  DecimalProblem | MoneyProblem
>(["decimals", "money"], seen, METHODS, () => []);
