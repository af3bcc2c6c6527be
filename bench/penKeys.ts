import type { Mark } from "../src/core/board";
import { PRESETS } from "../src/core/house";
import { learnerTaskOf } from "../src/core/learnerTask";
import { MORE_RIGHT } from "../src/core/testing/papers/cases/casesByKind";
import { RIGHT } from "../src/core/testing/papers/cases/rightCases";
import { drawn } from "../src/core/testing/papers/drawn";
import { writtenPapers } from "../src/core/testing/papers/index";
import { problemOf } from "../src/core/testing/problems";
import { type PaperState, startPaper } from "../src/ui/learnerTask/hand/hand";
import { isDigit } from "../src/ui/learnerTask/hand/handWay";
import { deskOf } from "../src/ui/learnerTask/state/paperRoom";
import { writeMeasured } from "./measured";
import { barsOf, isThere, nextFor, small } from "./pressing";

/**
 * How many keys a stroke of the pen costs on the learner's board: papers are written mark by mark
 * in the order of the pen, every one by the shortest way there is. Run with `npm run pen-keys`; what it found is in
 * docs/your-turn.md.
 */
const EACH = Number(process.argv[2] ?? 30);
const SEED = 77;

/**
 * The marks in the groups that a hand writes one after the other: a number with its sign, a fraction from the top, what
 * is struck and written small along with the answer under it. Within a group it writes as is nearest.
 */
function groupsOf(marks: readonly Mark[], bars: ReadonlySet<Mark>): readonly (readonly Mark[])[] {
  const groups: Mark[][] = [];
  const fractions = marks.filter((mark) => bars.has(mark));
  const inFraction = (mark: Mark) =>
    fractions.find(
      (bar) =>
        bar.kind === "rule" &&
        mark.kind === "glyph" &&
        isDigit(mark.text) &&
        mark.col >= bar.from - 0.5 &&
        mark.col < bar.to &&
        (mark.row === bar.row || mark.row === bar.row - 1),
    );
  const done = new Set<Mark>();
  const band = (mark: Mark): number => {
    const bar = fractions.find(
      (one) => one.kind === "rule" && "row" in mark && (mark.row === one.row || mark.row === one.row - 1),
    );
    return bar?.kind === "rule" ? bar.row - 1 : mark.row;
  };
  // Rows with fractions are written from the left, each fraction from the top.
  const ordered =
    fractions.length === 0 ? marks : [...marks].sort((a, b) => band(a) - band(b) || placeOf(a) - placeOf(b));
  for (const mark of ordered) {
    if (done.has(mark) || small(mark)) continue;
    const bar = bars.has(mark) ? mark : inFraction(mark);
    if (bar?.kind === "rule") {
      const parts = ordered.filter((one) => inFraction(one) === bar);
      const [over, under] = [
        parts.filter(({ row }) => row < bar.row),
        parts.filter(({ row }) => row === bar.row),
      ];
      groups.push(over, [bar], under);
      for (const one of [bar, ...parts]) done.add(one);
      continue;
    }
    const run = groups.at(-1);
    const before = run?.at(-1);
    const written = (one: Mark | undefined) =>
      one?.kind === "glyph" || one?.kind === "point" || one?.kind === "upright";
    if (run && before && written(mark) && written(before) && before.row === mark.row && !done.has(before))
      run.push(mark);
    else groups.push([mark]);
  }
  for (const group of groups) group.sort((a, b) => placeOf(a) - placeOf(b));
  const smalls = marks.filter(small);
  const rule = marks.find((mark) => mark.kind === "rule" && !bars.has(mark));
  const roof = marks.find(
    (mark) =>
      mark.kind === "rule" &&
      marks.some((wall) => wall.kind === "upright" && wall.row === mark.row && wall.line === mark.from),
  );
  // A quotient over its dividend comes digit by digit, each before the row it brings about.
  const quotient = groups.find((group) => roof && group[0]?.row === roof.row - 1);
  if (roof !== undefined && quotient !== undefined) {
    const rest = groups.filter((group) => group !== quotient && !group.includes(roof));
    const [dividend = [], ...chain] = rest;
    const digits = [...quotient].sort((x, y) => placeOf(x) - placeOf(y));
    const ordered: (readonly Mark[])[] = [[...dividend, roof].sort((x, y) => placeOf(x) - placeOf(y))];
    for (const [nth, group] of chain.entries()) {
      if (chain[nth + 1]?.[0]?.kind === "rule")
        ordered.push(digits.splice(0, digits[1]?.kind === "point" ? 2 : 1));
      ordered.push(group);
    }
    return [...ordered, digits, smalls].filter((group) => group.length > 0);
  }
  const answer = groups.find(
    (group) => rule && group.some((mark) => mark.kind !== "rule" && mark.row === rule.row),
  );
  if (answer) answer.push(...smalls);
  else if (smalls.length > 0) groups.push(smalls);
  return groups;
}

/** Where a mark comes in its row from the left. */
function placeOf(mark: Mark): number {
  switch (mark.kind) {
    case "glyph":
      return mark.col;
    case "point":
    case "upright":
      return mark.line - 0.5;
    case "rule":
      return mark.from - 0.2;
    default:
      return 0;
  }
}

/** The keys that a whole paper takes, and the strokes of the pen in it; none where a mark has no key of its own. */
function costOf(
  marks: readonly Mark[],
  problem: string,
): { readonly keys: number; readonly strokes: number } | undefined {
  const turn = learnerTaskOf(problemOf(problem), PRESETS.fillersTrueValue, undefined);
  const size = { cols: 26, rows: 26, margin: 0 };
  const desk = { ...deskOf(turn, PRESETS.fillersTrueValue, []), size };
  const bars = barsOf(marks, turn.asked.fractions);
  const groups = groupsOf(marks, bars);
  const first = groups[0]?.find((mark) => mark.kind === "glyph");
  let state = startPaper({ marks: [] }, first?.kind === "glyph" ? first : { col: 3, row: 2 });
  let [keys, strokes] = [0, 0];
  /** The group in one order; small marks whenever they are nearest. */
  const write = (group: readonly Mark[]): { readonly now: PaperState; readonly cost: number } | undefined => {
    let [now, cost] = [state, 0];
    let left = group.filter((mark) => !isThere(mark, now));
    while (left.length > 0) {
      const next = left.find((mark) => !small(mark));
      const found = nextFor(now, [...left.filter(small), ...(next ? [next] : [])], bars, desk);
      if (found === undefined) return undefined;
      now = found.state;
      cost += found.keys;
      left = left.filter((mark) => mark !== found.mark && !isThere(mark, now));
    }
    return { now, cost };
  };
  for (const group of groups) {
    strokes += group.reduce((sum, mark) => sum + (mark.kind === "small" ? mark.text.length : 1), 0);
    const best = [group, [...group].reverse()]
      .flatMap((one) => write(one) ?? [])
      .sort((x, y) => x.cost - y.cost)[0];
    if (best === undefined) return undefined;
    state = best.now;
    keys += best.cost;
  }
  return { keys, strokes };
}

interface Row {
  kind: string;
  papers: number;
  strokes: number;
  keys: number;
}
const rows = new Map<string, Row>();
const add = (kind: string, marks: readonly Mark[], problem: string): void => {
  const cost = costOf(marks, problem);
  if (cost === undefined) return;
  const row = rows.get(kind) ?? { kind, papers: 0, strokes: 0, keys: 0 };
  rows.set(kind, row);
  row.papers += 1;
  row.keys += cost.keys;
  row.strokes += cost.strokes;
};
for (const { kind, marks, problem, wrong } of writtenPapers(EACH * 2, SEED))
  if (wrong === undefined) add(kind, marks, problem);
for (const { paper, problem } of [...RIGHT, ...MORE_RIGHT]) add("drawn by hand", drawn(paper).marks, problem);
const table = [...rows.values()];
for (const { kind, papers, strokes, keys } of table)
  console.log(`${kind}: ${papers} papers, ${(keys / strokes).toFixed(2)} keys a stroke`);
export const [keys, strokes] = [
  table.reduce((sum, row) => sum + row.keys, 0),
  table.reduce((sum, row) => sum + row.strokes, 0),
];
console.log(`all: ${(keys / strokes).toFixed(2)} keys a stroke`);
writeMeasured("pen-keys", table);
