import type { HouseRules } from "../../house";
import type { StepStage } from "../../methods";

/** What a stage is called under the run. */
export function stageName(stage: StepStage, house: HouseRules): string {
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
