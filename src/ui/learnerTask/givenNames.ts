import type { GivenPart } from "@/core/learnerTask";

/** What is given on the paper, as the tutor chooses it. */
export const GIVEN_NAMES: Readonly<Record<GivenPart, string>> = {
  blank: "Nothing",
  setOut: "The numbers set out",
  allButAnswer: "All but the answer",
  oneMissing: "All but one step",
};
