import type { HouseRules } from "../../house";
import type { MoneyProblem, Problem } from "../../problem";
import type { IdOf, ReasonOf } from "../contract/method";
import { methodSet } from "../contract/methodSet";
import { enoughByAdding, handingOver, sharingABill } from "./atTheTill";
import { changeByCountingUp } from "./changeByCountingUp";
import { moneyInColumns, repeatedAddition } from "./moneyColumns";

const METHODS = [
  moneyInColumns,
  repeatedAddition,
  changeByCountingUp,
  enoughByAdding,
  handingOver,
  sharingABill,
] as const;

/** Any of these methods. */
export type MoneyMethod = (typeof METHODS)[number];

type Id = IdOf<MoneyMethod>;
type Why = ReasonOf<MoneyMethod>;

function prefers({ op }: MoneyProblem, house: HouseRules): readonly Id[] {
  switch (op) {
    case "add":
      return ["money-in-columns"];
    case "subtract":
      return house.changeBy === "countedUp"
        ? ["change-by-counting-up", "money-in-columns"]
        : ["money-in-columns"];
    case "multiply":
      return house.severalOfSame === "added"
        ? ["repeated-addition", "money-in-columns"]
        : ["money-in-columns"];
    case "divide":
      return ["sharing-a-bill", "money-in-columns"];
    case "enough":
      return ["enough-by-adding"];
    case "pay":
      return ["handing-over"];
  }
}

const seen = (problem: Problem): MoneyProblem | undefined => (problem.kind === "money" ? problem : undefined);

export const moneyMethods = methodSet<Why, Id, MoneyProblem>(["money"], seen, METHODS, prefers);
