import type { Trouble } from "./health";

/** What the last whole check of the data found wrong, held outside the module for reloaded code. */
const held = globalThis as { rightSumTrouble?: Trouble };

/** Notes that the data was found wrong while in use: from now on nothing is written to it. */
export function noteTrouble(trouble: Trouble): void {
  held.rightSumTrouble = trouble;
  process.env.RIGHT_SUM_READ_ONLY = "1";
}

/** What was found wrong with the data while in use; none where it is sound. */
export const trouble = (): Trouble | undefined => held.rightSumTrouble;

/** The data was put right. */
export function forgetTrouble(): void {
  delete held.rightSumTrouble;
  delete process.env.RIGHT_SUM_READ_ONLY;
}
