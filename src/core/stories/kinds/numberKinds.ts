import type { RandomSource } from "../../sheets";
import { between, mass, thingsWith } from "../stock/drawing";
import type { Thing } from "../stock/stock";
import type { StoryDraft, StoryKind } from "./kind";

/** Stories of counted things, of parts of a number, and of what lies above and below nothing. */
export const NUMBER_KINDS = [
  {
    id: "wheels-that-can-be-spoked",
    structure: "equalGroups",
    steps: 1,
    wrong: { "word-for-operation": ["{t} × {n}"] },
    draw: (chances) => {
      const n = chances.pick([20, 24, 28, 32, 36]) ?? 32;
      const t = between(chances, 2 * n + 1, 9 * n);
      return t % n === 0
        ? undefined
        : { givens: { t: String(t), n: String(n) }, things: [], line: "{t} ÷ {n} with remainder" };
    },
  },
  {
    id: "boxes-that-are-needed",
    structure: "equalGroups",
    steps: 1,
    rounds: "up",
    wrong: { "word-for-operation": ["{t} × {n}"] },
    draw: (chances, things) => {
      const n = between(chances, 4, 12);
      const t = between(chances, 3 * n, 15 * n);
      const [x] =
        thingsWith(
          chances,
          things.filter(({ price: range }) => (range?.[1] ?? 0) < 2000),
          "mass",
          1,
        ) ?? [];
      return t % n === 0 || x === undefined
        ? undefined
        : { givens: { t: String(t), n: String(n) }, things: [x], line: "{t} ÷ {n} with remainder" };
    },
  },
  {
    id: "part-of-a-number",
    structure: "partsWhole",
    also: ["equalGroups"],
    steps: 1,
    wrong: { "first-step-as-answer": ["{n} ÷ {f.under}"], "other-question": ["{f.rest} of {n}"] },
    draw: (chances) => {
      const under = between(chances, 3, 8);
      const over = between(chances, 1, under - 1);
      const n = under * between(chances, 3, 12);
      return isLowest(over, under)
        ? { givens: { f: `${over}/${under}`, n: String(n) }, things: [], line: "{f} of {n}" }
        : undefined;
    },
  },
  {
    id: "whole-from-a-part",
    structure: "partsWhole",
    also: ["equalGroups"],
    steps: 1,
    wrong: { "word-for-operation": ["{p} ÷ {n}"] },
    draw: (chances) => ({
      givens: { p: String(between(chances, 3, 24)), n: String(between(chances, 3, 9)) },
      things: [],
      line: "{n} × {p}",
    }),
  },
  {
    id: "temperature-that-rises",
    structure: "change",
    steps: 1,
    draw: (chances, things) =>
      degrees(
        chances,
        things,
        (from, to) => between(chances, from, Math.min(-2, to)),
        between(chances, 2, 19),
        "+",
      ),
  },
  {
    id: "temperature-that-falls",
    structure: "change",
    steps: 1,
    draw: (chances, things) =>
      degrees(
        chances,
        things,
        (from, to) => between(chances, Math.max(-4, from), Math.min(9, to)),
        between(chances, 2, 17),
        "-",
      ),
  },
  {
    id: "height-above-and-below",
    isMetric: true,
    structure: "change",
    steps: 1,
    draw: (chances) => ({
      givens: { a: String(-between(chances, 2, 60)), b: String(between(chances, 8, 140)) },
      things: [],
      line: "{a} + {b}",
    }),
  },
  {
    id: "a-part-as-long",
    structure: "comparison",
    also: ["partsWhole"],
    steps: 1,
    wrong: { "first-step-as-answer": ["{n} ÷ {f.under}"], "other-question": ["{f.rest} of {n}"] },
    draw: (chances) => {
      const under = chances.pick([3, 4, 5, 8, 10]) ?? 4;
      const over = between(chances, 2, under - 1);
      return isLowest(over, under)
        ? {
            givens: { f: `${over}/${under}`, n: String(under * between(chances, 4, 18)) },
            things: [],
            line: "{f} of {n}",
          }
        : undefined;
    },
  },
  {
    id: "the-rest-of-a-number",
    structure: "partsWhole",
    also: ["change"],
    steps: 2,
    wrong: { "other-question": ["{f} of {n}"], "part-left-out": ["{n} ÷ {f.under}"] },
    draw: (chances) => {
      const under = between(chances, 3, 8);
      const over = between(chances, 2, under - 1);
      return isLowest(over, under)
        ? {
            givens: { n: String(under * between(chances, 4, 12)), f: `${over}/${under}` },
            things: [],
            line: "{n} - {f} × {n}",
          }
        : undefined;
    },
  },
  {
    id: "full-boxes",
    structure: "equalGroups",
    steps: 1,
    wrong: { "word-for-operation": ["{t} × {n}"] },
    rounds: "down",
    draw: (chances) => {
      const n = between(chances, 4, 12);
      const t = between(chances, 3 * n, 15 * n);
      return t % n === 0
        ? undefined
        : { givens: { t: String(t), n: String(n) }, things: [], line: "{t} ÷ {n} with remainder" };
    },
  },
  {
    id: "boxes-with-a-needless-number",
    structure: "equalGroups",
    steps: 1,
    rounds: "up",
    wrong: {
      "word-for-operation": ["{t} × {n}"],
      "all-numbers-used": ["{t} × {n} + {w.bare}", "{t} + {n} + {w.bare}"],
    },
    draw: (chances, things, units) => {
      const n = between(chances, 4, 12);
      const t = between(chances, 3 * n, 15 * n);
      const light = things.filter(({ mass: range }) => (range?.[1] ?? 0) < 300);
      const [x] = thingsWith(chances, light, "mass", 1) ?? [];
      return t % n === 0 || x === undefined
        ? undefined
        : {
            givens: { t: String(t), n: String(n), w: units.mass(mass(chances, x)) },
            things: [x],
            line: "{t} ÷ {n} with remainder",
            needless: ["w"],
          };
    },
  },
] as const satisfies readonly StoryKind[];

/** Whether a fraction can't be made simpler. */
function isLowest(over: number, under: number): boolean {
  for (let factor = 2; factor <= over; factor++)
    if (over % factor === 0 && under % factor === 0) return false;
  return true;
}

/** Where it is as warm or cold as it gets, if the list has no such place. */
const SHED: Thing = { one: "shed", many: "sheds", temperature: [-12, 19] };

/** Degrees that change in a place; none where a single degree would have to be called so. */
function degrees(
  chances: RandomSource,
  things: readonly Thing[],
  start: (from: number, to: number) => number,
  b: number,
  sign: "+" | "-",
): StoryDraft | undefined {
  const [place = SHED] = thingsWith(chances, things, "temperature", 1) ?? [];
  const [from, to] = place.temperature ?? [-12, 19];
  if (from > -2 || to < from) return undefined;
  const a = start(from, to);
  const then = sign === "+" ? a + b : a - b;
  return Math.abs(a) === 1 || Math.abs(then) === 1 || then > to || then < from - 6
    ? undefined
    : { givens: { a: String(a), b: String(b) }, things: [place], line: `{a} ${sign} {b}` };
}
