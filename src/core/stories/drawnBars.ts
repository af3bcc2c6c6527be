import type { Structure } from "./kinds/kind";

/** Bars as a learner draws them: in each of two rows the lengths of its parts, in steps of the paper. */
export type DrawnBars = readonly [upper: readonly number[], lower: readonly number[]];

/** How many steps a row is long. */
export const BAR_STEPS = 24;

/** How far two lengths may lie apart and still be meant to be the same, in steps. */
const ABOUT = 1;

const sum = (parts: readonly number[]): number => parts.reduce((all, one) => all + one, 0);
const alike = (one: number, other: number): boolean => Math.abs(one - other) <= ABOUT;
const areAlike = (parts: readonly number[]): boolean => parts.every((one) => alike(one, parts[0] ?? one));

/**
 * The structures that some drawn bars show, the likeliest first: equal parts are equal groups, parts as long as a whole
 * are parts and whole, two bars are compared, or are before and after. None where they show nothing yet.
 */
export function structuresDrawn([upper, lower]: DrawnBars): readonly Structure[] {
  const [parts, other] = upper.length >= lower.length ? [upper, lower] : [lower, upper];
  if (parts.length >= 2) {
    const fits = other.length === 0 || alike(sum(parts), sum(other));
    if (!fits || other.length > 1) return other.length > 1 ? [] : ["comparison"];
    if (parts.length >= 3 && areAlike(parts)) return ["equalGroups", "partsWhole"];
    return areAlike(parts)
      ? ["partsWhole", "equalGroups", "change", "comparison"]
      : ["partsWhole", "change", "comparison"];
  }
  const [one] = parts;
  const [two] = other;
  if (one === undefined || two === undefined) return [];
  return alike(one, two) ? ["change"] : ["comparison", "change"];
}

/** Bars with another one at the end of a row, as long as there is room for; the same bars where there is none. */
export function barAdded(bars: DrawnBars, row: 0 | 1, steps: number): DrawnBars {
  const room = BAR_STEPS - sum(bars[row]);
  return room < 1 ? bars : inRow(bars, row, [...bars[row], Math.max(1, Math.min(steps, room))]);
}

/** Bars with one of them so long; it stays at least a step, and inside the row. */
export function barSized(bars: DrawnBars, row: 0 | 1, nth: number, steps: number): DrawnBars {
  const room = BAR_STEPS - sum(bars[row]) + (bars[row][nth] ?? 0);
  const size = Math.max(1, Math.min(steps, room));
  return inRow(
    bars,
    row,
    bars[row].map((one, at) => (at === nth ? size : one)),
  );
}

/** Bars without the last one of a row. */
export const barTaken = (bars: DrawnBars, row: 0 | 1): DrawnBars => inRow(bars, row, bars[row].slice(0, -1));

const inRow = ([upper, lower]: DrawnBars, row: 0 | 1, parts: readonly number[]): DrawnBars =>
  row === 0 ? [parts, lower] : [upper, parts];
