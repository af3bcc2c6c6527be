import type { Trouble } from "./health";

/** What the last whole check of the data found wrong, and who is to hear of it; held outside the module for reloaded code. */
const held = globalThis as {
  rightSumTrouble?: Trouble;
  rightSumHears?: (trouble: Trouble | undefined) => void;
};

/** Notes that the data was found wrong while in use, and from now on nothing is written to it; or that it was put right. */
export function noteTrouble(trouble: Trouble | undefined): void {
  if (trouble === undefined) {
    delete held.rightSumTrouble;
    delete process.env.RIGHT_SUM_READ_ONLY;
  } else {
    held.rightSumTrouble = trouble;
    process.env.RIGHT_SUM_READ_ONLY = "1";
  }
  held.rightSumHears?.(trouble);
}

/** What was found wrong with the data while in use; none where it is sound. */
export const trouble = (): Trouble | undefined => held.rightSumTrouble;

/** Who else of this server is told. */
export function onTrouble(hear: (trouble: Trouble | undefined) => void): void {
  held.rightSumHears = hear;
}
