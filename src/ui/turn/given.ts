/** How much of the working stands on the paper when it is handed over. */
export const GIVEN_PARTS = [
  { id: "blank", name: "Nothing" },
  { id: "setOut", name: "The numbers set out" },
  { id: "allButAnswer", name: "All but the answer" },
  { id: "oneMissing", name: "All but one step" },
] as const;

export type GivenPart = (typeof GIVEN_PARTS)[number]["id"];
