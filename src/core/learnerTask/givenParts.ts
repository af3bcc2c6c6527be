/** How much of the working stands on the paper when it is handed over. */
export const GIVEN_PARTS = ["blank", "setOut", "allButAnswer", "oneMissing"] as const;

export type GivenPart = (typeof GIVEN_PARTS)[number];
