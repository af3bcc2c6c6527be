import type { HouseRules } from "../../house";
import type { MethodId, Refusal, Stage } from "../../methods";
import type { Operation, ProblemKind } from "../../problem";
import { METHOD_NAMES } from "./methodNames";

/** What an operation is called. */
const OPERATION_NAMES: Readonly<Record<Operation, string>> = {
  add: "adds",
  subtract: "subtracts",
  multiply: "multiplies",
  divide: "divides",
  round: "rounds",
  compare: "compares",
  order: "puts in order",
  rewrite: "changes the form of one quantity",
  terms: "adds and subtracts",
  enough: "says whether an amount is enough",
  pay: "pays a price",
  chain: "works several operations",
};

const KIND_NAMES: Readonly<Record<ProblemKind, string>> = {
  decimals: "whole numbers and decimals",
  fractions: "fractions and mixed numbers",
  signed: "numbers with signs",
  money: "amounts of money",
  measures: "measures with units",
  chain: "several operations",
};

/** One sentence on why a method does not take a problem. */
export function refusalWords(method: MethodId, refusal: Refusal): string {
  const name = METHOD_NAMES[method];
  switch (refusal.kind) {
    case "otherKind":
      return `${name} is for ${KIND_NAMES[refusal.worksOn]}.`;
    case "longList":
      return `${name} would take a list of more than ${refusal.most} multiples.`;
    case "largeNumber":
      return `${name} would come to numbers of more than ${refusal.most} digits.`;
    case "wholeBetween":
      return `${name} takes whole numbers that stay between −${refusal.most} and ${refusal.most}.`;
    case "severalTerms":
      return `${name} needs three terms or more, on both sides of zero.`;
    case "metricOnly":
      return `${name} is for metric measures in two units or more.`;
    case "fromLarger":
      return `${name} needs a larger amount to count up to, of 10,000 at most.`;
    case "shortTill":
      return `${name}: this amount can't be made with the coins and notes there are.`;
    case "measureByMeasure":
      return `${name} divides by a plain number only.`;
    case "wholeCounts":
      return `${name} needs whole counts of each unit.`;
    case "unitsInOrder":
      return `${name} needs every smaller unit to have fewer than make one of the next.`;
    case "otherOperation":
      return `${name} only ${refusal.worksOn.map((op) => OPERATION_NAMES[op]).join(" or ")}.`;
    case "twoFactors":
      return `${name} takes two factors at a time, and here are more.`;
    case "wholeMultiplier":
      return `${name} needs one factor that is a whole number.`;
    case "multipleOfTen":
      return `${name} needs a whole factor that ends in a zero, such as 60 or 300.`;
    case "powerOfTen":
      return `${name} needs a one with zeros, such as 10, 1000 or 0.1, to multiply or divide by.`;
    case "manyParts":
      return `${name} takes numbers with ${refusal.most} digits other than zero at most.`;
    case "manyPlaces":
      return `${name} takes numbers with at most ${refusal.most} digits in the whole part and ${refusal.most} decimals.`;
    case "largeDivisor":
      return `${name} is for divisors up to ${refusal.most}, once they are whole.`;
    case "otherForm":
      return `${name} gives no remainder: it only moves the digits.`;
  }
}

/** What a stage is called under the run. */
export function stageName(stage: Stage, house: HouseRules): string {
  switch (stage) {
    case "estimate":
      return "Estimate";
    case "setOut":
      return "Set out";
    case "work":
      return "Work";
    case "point":
      return house.decimalMark === "point" ? "Point" : "Comma";
    case "answer":
      return "Answer";
    case "check":
      return "Check";
  }
}
