import type { MethodId, MethodRefusal, MethodSet, RefusesAs } from "../../methods";
import type { Operation, ProblemKind } from "../../problem";

/** Why a method does not take a problem, after its name; the limit that is passed stands in it where there is one. */
type RefusalSentence = string | ((most: number) => string);

/** What is said of a method: its name, what it does in a line, in two lines who prefers it and why, and why it refuses. */
interface Words<Because extends string> {
  readonly name: string;
  readonly about: string;
  readonly preferredBy: string;
  readonly refusals: Readonly<Record<Because, RefusalSentence>>;
}

/** The words of one method, with a sentence for every reason it has for refusing. */
export type MethodWords<Id extends MethodId> = Words<RefusesAs<Id>>;

/** The words of any method. */
export type AnyMethodWords = Words<string>;

/** The words of every method of a set. */
export type WordsOf<Set> =
  Set extends MethodSet<infer _Why, infer Id extends string> ? Readonly<Record<Id, AnyMethodWords>> : never;

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
  quantities: "quantities to be compared",
  chain: "several operations",
};

/** One sentence on why a method does not take a problem. */
export function refusalSentence({ name, refusals }: AnyMethodWords, refusal: MethodRefusal): string {
  switch (refusal.kind) {
    case "otherKind":
      return `${name} is for ${KIND_NAMES[refusal.worksOn]}.`;
    case "otherOperation":
      return `${name} only ${refusal.worksOn.map((op) => OPERATION_NAMES[op]).join(" or ")}.`;
    case "own": {
      const sentence = refusals[refusal.because];
      if (sentence === undefined) throw new Error(`refusalSentence: no words for ${refusal.because}`);
      return `${name} ${typeof sentence === "string" ? sentence : sentence(refusal.most)}.`;
    }
  }
}
