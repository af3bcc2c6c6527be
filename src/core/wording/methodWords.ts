import type { HouseRules } from "../house";
import type { MethodId, Refusal, Stage } from "../methods";
import type { Operation } from "../problem";

/** What a method is called, and in a line what it does. */
export const METHOD_WORDS: Readonly<Record<MethodId, { readonly name: string; readonly about: string }>> = {
  "column-addition": {
    name: "Column addition",
    about: "Place under place, added from the smallest place, ten of one carried into the next.",
  },
  "subtraction-by-decomposition": {
    name: "Subtraction by decomposition",
    about: "Where a place has too little, one of a larger place is exchanged for ten of it.",
  },
  "equal-additions": {
    name: "Equal additions",
    about: "Where a place has too little, ten go to the top and one to the next place below.",
  },
  "making-up": {
    name: "Making up",
    about: "What goes with the lower digit to make the upper one, with a carry to the lower number.",
  },
};

const OPERATION_WORDS: Readonly<Record<Operation, string>> = { add: "adds", subtract: "subtracts" };

/** One sentence on why a method does not take a problem. */
export const refusalWords = (method: MethodId, refusal: Refusal): string =>
  `${METHOD_WORDS[method].name} only ${OPERATION_WORDS[refusal.worksOn]}.`;

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
