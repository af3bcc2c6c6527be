/** How a row of problems is gone through: one done by the tutor, one together, one by the learner; examples that climb to the trap; or a sheet, problem by problem on the learner’s paper. */
export type RowKind = "three" | "show" | "sheet";

/** Problems that are gone through one after the other on the Board and on a learner's paper. */
export interface LessonSequence {
  readonly kind: RowKind;
  /** As the house writes them. */
  readonly problems: readonly string[];
  /** How long the learner is waited for before the answer is walked through, in seconds. */
  readonly wait: number;
  /** Those that were handed in. */
  readonly done: readonly string[];
  /** When waiting began, in milliseconds; none where it did not. */
  readonly begun: number | undefined;
}

const KEPT = "right-sum-row";

/** The row of this window; none where there is none. */
export function rowKept(): LessonSequence | undefined {
  try {
    const value: unknown = JSON.parse(sessionStorage.getItem(KEPT) ?? "null");
    return isRow(value) ? value : undefined;
  } catch {
    return undefined;
  }
}

function isRow(value: unknown): value is LessonSequence {
  return (
    typeof value === "object" &&
    value !== null &&
    "problems" in value &&
    Array.isArray(value.problems) &&
    "kind" in value &&
    "done" in value &&
    Array.isArray(value.done) &&
    (value.kind === "three" || value.kind === "show" || value.kind === "sheet")
  );
}

/** Keeps the row of this window, also while it goes from the Board to a learner's paper; or ends it. */
export function keepSequence(row: LessonSequence | undefined): void {
  try {
    if (row === undefined) sessionStorage.removeItem(KEPT);
    else sessionStorage.setItem(KEPT, JSON.stringify(row));
  } catch {
    // A browser that keeps nothing shows the problem without its row.
  }
}

/** A row that is begun. */
export const newSequence = (kind: RowKind, problems: readonly string[]): LessonSequence => ({
  kind,
  problems,
  wait: USUAL_WAIT,
  done: [],
  begun: undefined,
});

/** How many seconds are waited where nobody chose. */
const USUAL_WAIT = 120;

/** What each place of a row of three is. */
const THREE = ["I do", "We do", "You do"] as const;

/** The name of a place of a row. */
export function sequencePlaceName({ kind, problems }: LessonSequence, nth: number): string {
  switch (kind) {
    case "three":
      return THREE[nth] ?? "";
    case "show":
      return nth === problems.length - 1 ? "The trap" : `Example ${nth + 1}`;
    case "sheet":
      return String(nth + 1);
  }
}
