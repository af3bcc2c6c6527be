import type { Mark } from "../src/core/board";
import type { Desk, HandStroke, PaperState } from "../src/ui/learnerTask/hand/hand";
import { isDigit } from "../src/ui/learnerTask/hand/handWay";
import { afterStroke } from "../src/ui/learnerTask/hand/strokes";

const ARROWS: readonly HandStroke[] = [
  { kind: "move", cols: 1, rows: 0 },
  { kind: "move", cols: -1, rows: 0 },
  { kind: "move", cols: 0, rows: 1 },
  { kind: "move", cols: 0, rows: -1 },
];
const MOVES: readonly HandStroke[] = [{ kind: "line" }, { kind: "quotient" }, ...ARROWS, { kind: "ahead" }];
/** What is pressed only where the hand stands, before any other move. */
const FIRST: readonly HandStroke[] = [{ kind: "bar" }, { kind: "turn" }];

export const isThere = (mark: Mark, { paper }: PaperState): boolean =>
  paper.marks.some((one) => {
    if (one.kind !== mark.kind) return false;
    switch (mark.kind) {
      case "rule":
        return one.kind === "rule" && one.row === mark.row && one.from < mark.to && one.to > mark.from;
      case "small":
        return (
          one.kind === "small" &&
          one.col === mark.col &&
          Math.abs(one.row - mark.row) <= 1 &&
          one.text === mark.text
        );
      case "strike":
        return one.kind === "strike" && one.col === mark.col && Math.abs(one.row - mark.row) <= 1;
      case "upright":
        return one.kind === "upright" && one.line === mark.line && one.row === mark.row;
      case "glyph":
        // A sign beside a fraction stands in either of its rows.
        return (
          one.kind === "glyph" &&
          one.col === mark.col &&
          one.text === mark.text &&
          (one.row === mark.row || (/[=+−×÷]/.test(mark.text) && one.row === mark.row - 1))
        );
      case "point":
        return one.kind === "point" && one.line === mark.line && one.row === mark.row;
      default:
        return false;
    }
  });

/** What is pressed to write a mark where the hand is, with how many keys. */
function pressesFor(mark: Mark, isBar: boolean): readonly (readonly HandStroke[])[] {
  switch (mark.kind) {
    case "glyph":
      return [[{ kind: "glyph", text: mark.text }]];
    case "point":
      return [[{ kind: "point" }]];
    case "rule":
      return isBar ? [[{ kind: "bar" }]] : [[{ kind: "rule" }], [{ kind: "wall" }]];
    case "upright":
      return [[{ kind: "wall" }]];
    case "strike":
      return [[{ kind: "strike" }]];
    case "small": {
      const digits: readonly HandStroke[] = [...mark.text].map((text) => ({ kind: "glyph", text }));
      const one: readonly HandStroke[] = [{ kind: "glyph", text: mark.text[0] ?? "" }];
      return [digits, [{ kind: "hand", hand: "small" }, ...digits], one];
    }
    default:
      return [];
  }
}

const keyOf = ({ at, hand, newLine, way }: PaperState): string =>
  `${at.col} ${at.row} ${hand} ${newLine} ${way}`;

/** The paper with any one of some marks written by the fewest and how many they were; none where no way was found. */
export function nextFor(
  start: PaperState,
  marks: readonly Mark[],
  bars: ReadonlySet<Mark>,
  desk: Desk,
): { readonly state: PaperState; readonly keys: number; readonly mark: Mark } | undefined {
  const seen = new Set([keyOf(start)]);
  let layer: readonly PaperState[] = [start];
  let best: { readonly state: PaperState; readonly keys: number; readonly mark: Mark } | undefined;
  for (let depth = 0; depth < 24 && layer.length > 0; depth++) {
    if (best !== undefined && best.keys <= depth) break;
    const next: PaperState[] = [];
    for (const state of layer) {
      for (const mark of marks)
        for (const presses of pressesFor(mark, bars.has(mark))) {
          const done = presses.reduce((now, press) => afterStroke(now, press, desk), state);
          const keys = depth + presses.length;
          if (isThere(mark, done) && done.paper.marks.length >= state.paper.marks.length)
            if (best === undefined || keys < best.keys) best = { state: done, keys, mark };
        }
      for (const move of depth === 0 ? [...FIRST, ...MOVES] : MOVES) {
        const moved = afterStroke(state, move, desk);
        if (moved.paper !== state.paper) continue;
        const key = keyOf(moved);
        if (seen.has(key)) continue;
        seen.add(key);
        next.push(moved);
      }
    }
    layer = next;
  }
  return best;
}

/** The bars of fractions among the rules: digits right over and under them, and room for few. */
export const barsOf = (marks: readonly Mark[], expected: boolean): ReadonlySet<Mark> =>
  new Set(
    marks.filter((rule) => {
      if (rule.kind !== "rule") return false;
      const beside = (row: number, inside: boolean) =>
        marks.some(
          (mark) =>
            mark.kind === "glyph" &&
            mark.row === row &&
            (inside
              ? mark.col >= rule.from && mark.col < rule.to && isDigit(mark.text)
              : /[=+−×÷]/.test(mark.text) && (mark.col === rule.to || mark.col === rule.from - 1)),
        );
      const signs = beside(rule.row - 1, false) || beside(rule.row, false);
      return (
        rule.to - rule.from <= 4 &&
        beside(rule.row - 1, true) &&
        beside(rule.row, true) &&
        (expected || signs)
      );
    }),
  );

/** Whether a mark is written small beside another, or strikes one. */
export const small = (mark: Mark): boolean => mark.kind === "small" || mark.kind === "strike";
