import type { Mark } from "../board";
import { type DigitMark, digitThere, type Fit, fitOf, fitScore, needed, type SoughtWay } from "./fit";
import type { Paper } from "./paper";
import type { Spot } from "./reading/glyphs";

/** What marking finds in a learner's work, the first wrong mark first. */
export interface WorkMarks {
  /** Which of the ways that were looked for fits best. */
  readonly way: number;
  /** The first mark that differs from it; none where none does. */
  readonly wrong:
    | {
        /** The step it belongs to. */
        readonly step: number;
        readonly at: Spot;
        readonly written: string;
        readonly ought: string;
      }
    | undefined;
  /** Whether all that is written stands as in it, which is only moved as a whole. */
  readonly fits: boolean;
  /** The digits that are written as they should be. */
  readonly agree: number;
  /** The next digit that is still to be written, and the step it belongs to. */
  readonly next: { readonly step: number; readonly mark: Mark; readonly at: Spot | undefined } | undefined;
  /** The carries that are still to be written, where they have to be. */
  readonly carries: number;
}

/** A way that is looked for on a paper. */
export interface MarkedWay extends SoughtWay {
  /** Whether its small numbers are carries, which a house may want to see. */
  readonly carries?: boolean;
}

/**
 * Marks a learner's paper against some sound ways: the one that fits best is taken for theirs. Carries count
 * only where they have to be written.
 */
export function markWork(paper: Paper, ways: readonly MarkedWay[], carriesCount: boolean): WorkMarks {
  const fits = ways.map((way) => fitOf(paper, way));
  const best = fits.reduce((at, fit, index) => {
    const before = fits[at];
    return before !== undefined && fitScore(fit) > fitScore(before) ? index : at;
  }, 0);
  const [way, fit] = [ways[best], fits[best]];
  if (way === undefined || fit === undefined) throw new Error("markWork: there is no way to mark by");
  let wrong: WorkMarks["wrong"];
  let next: WorkMarks["next"];
  let carries = 0;
  way.steps.forEach(({ marks }, step) => {
    for (const mark of marks) {
      if (mark.kind === "small" && carriesCount && way.carries !== false && !hasSmall(paper, fit, mark))
        carries += 1;
      if (!needed(mark)) continue;
      const there = digitThere(fit, mark);
      const place = fit.rows.get(mark.row);
      if (there === undefined) next ??= { step, mark, at: way.aligned ? spotFor(fit, mark) : undefined };
      else if (there.text !== mark.text && place)
        wrong ??= { step, at: { col: there.col, row: place.row }, written: there.text, ought: mark.text };
    }
  });
  return {
    way: best,
    wrong,
    fits: fit.whole === true,
    agree: fit.agree,
    next,
    carries,
  };
}

/** Where a mark belongs on the paper, seen from the row nearest to its own that was found; nothing on blank paper. */
function spotFor(fit: Fit, mark: DigitMark): Spot | undefined {
  const near = [...fit.rows].sort(([a], [b]) => Math.abs(a - mark.row) - Math.abs(b - mark.row))[0];
  if (near === undefined) return undefined;
  const [row, place] = near;
  return { col: mark.col + place.shift, row: place.row + mark.row - row };
}

/** Whether a small number is written anywhere near where it belongs: above, below or beside its column. */
function hasSmall(paper: Paper, fit: Fit, mark: Extract<Mark, { kind: "small" }>): boolean {
  const [any] = fit.rows.values();
  if (any === undefined) return false;
  return paper.marks.some(
    (one) => one.kind === "small" && one.text === mark.text && Math.abs(one.col - (mark.col + any.shift)) < 1,
  );
}
