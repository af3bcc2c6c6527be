import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import { asFraction, isWhole, type Numeral, signedNumerator, wholeNumeral } from "../../number";
import type { Asks, SignedProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult, OnPaper } from "../contract/working";
import { nameStep } from "../squares/answer";
import { lettering, PLAIN_LAYOUT } from "../squares/pad";
import { type SignedWhy, signedNumbers } from "./signRule";
import { afterSignText, countText } from "./writtenCounts";

/** The furthest a number line on a page goes from zero, either way. */
const FURTHEST = 20;

/** The decision on a number line: which way a jump goes. */
export interface LineDecisions {
  jump(value: number, taken: boolean): number;
}

export const SOUND_LINE: LineDecisions = { jump: (value, taken) => (taken ? 0 - value : value) };

/** Jumps along a number line: right for what is added, left for what is taken away, turned round for a number below zero. */
export const numberLine: Method<
  "number-line",
  SignedWhy,
  SignedProblem,
  LineDecisions,
  "otherForm" | "wholeJumps" | "withinReach"
> = {
  id: "number-line",
  sample: "3 − 8 + 2",
  bench: {
    small: "(-<1-3>) - <1-3>",
    usual: "(-<1-3>) - <1-3>",
    largest: "(-<1-3>) - <1-3> - (-<1-3>) - <1-3> - (-<1-3>) - <1-3>",
  },
  sound: SOUND_LINE,
  takes: (problem) => {
    if (problem.op === "divide") return otherOperation("terms", "multiply");
    if (problem.form.kind !== "asItComes") return refused("otherForm");
    const found = jumpsOf(problem);
    if (found === undefined) return refused("wholeJumps");
    return stopsOf(found, SOUND_LINE).every((stop) => Math.abs(stop) <= FURTHEST)
      ? taken({ ...found, problem }, workNumberLine)
      : refused("withinReach", FURTHEST);
  },
};

/** A whole number as a plain one; none for others. */
export const wholeCount = (numeral: Numeral): number | undefined =>
  isWhole(numeral) ? Number(signedNumerator(asFraction(numeral))) : undefined;

interface Jump {
  readonly value: number;
  readonly taken: boolean;
}

interface Jumps {
  readonly start: number;
  readonly jumps: readonly Jump[];
}

/** Where a line begins and the jumps made on it; a product is made of as many jumps as its whole factor says. */
function jumpsOf(problem: Asks<SignedProblem, "terms" | "multiply">): Jumps | undefined {
  const numbers = signedNumbers(problem);
  const counts = numbers.flatMap(({ op, numeral }) => {
    const count = wholeCount(numeral);
    return count === undefined ? [] : [{ op, count }];
  });
  const [first, second, ...more] = counts;
  if (first === undefined || second === undefined || counts.length < numbers.length) return undefined;
  if (problem.op === "multiply") {
    const [times, each] = first.count > 0 ? [first.count, second.count] : [second.count, first.count];
    if (more.length > 0 || times < 1 || times > 8 || each === 0) return undefined;
    return { start: 0, jumps: Array.from({ length: times }, () => ({ value: each, taken: false })) };
  }
  const jumps = [second, ...more].map(({ op, count }) => ({ value: count, taken: op === "subtract" }));
  return { start: first.count, jumps };
}

function stopsOf({ start, jumps }: Jumps, decisions: LineDecisions): readonly number[] {
  const stops = [start];
  for (const { value, taken } of jumps) stops.push((stops.at(-1) ?? 0) + decisions.jump(value, taken));
  return stops;
}

/** A number line with any decision of jumping; only the sound one is sure to end where it should. */
function workNumberLine(
  { problem, ...found }: Jumps & { readonly problem: SignedProblem },
  { house, decisions }: WorkRules<LineDecisions>,
): MethodResult<SignedWhy> {
  const stops = stopsOf(found, decisions);
  const low = Math.min(0, ...stops) - 1;
  const high = Math.max(0, ...stops) + 1;
  const moving = found.jumps.filter(({ value }) => value !== 0).length;
  const axis = moving + 4;
  const last = stops.at(-1) ?? 0;
  const answer = wholeNumeral(BigInt(last));
  const jumpStep = ({ taken }: Jump, index: number): StepToDraw<SignedWhy> => {
    const from = stops[index] ?? 0;
    const to = stops[index + 1] ?? 0;
    return {
      stage: "work",
      reason: { kind: "jumpAlong", from, by: to - from, to, taken },
      draw: () => (from === to ? [] : jumpMarks(from, to, axis, index + 1)),
      focus: [],
    };
  };
  const ringed: Mark = { kind: "label", line: last, row: axis + 0.3, text: countText(last), ringed: true };
  const named = nameStep(answer, undefined);
  const onPaper = (): OnPaper<SignedWhy> => ({
    layout: PLAIN_LAYOUT,
    steps: [
      {
        stage: "setOut",
        reason: { kind: "writeSigned", problem },
        draw: () => lettering(lineOf(problem, house), low, 0),
        focus: [],
      },
      {
        stage: "setOut",
        reason: { kind: "drawNumberLine", from: low, to: high, start: found.start },
        draw: () => axisMarks(low, high, axis, last),
        focus: [],
      },
      ...found.jumps.map(jumpStep),
      { ...named, draw: () => [ringed] },
    ],
  });
  return { answer, onPaper };
}

/** The problem in one line. */
const lineOf = (problem: SignedProblem, house: HouseRules): string =>
  signedNumbers(problem)
    .map(({ op, numeral }, index) => {
      const count = wholeCount(numeral) ?? 0;
      return index === 0 ? countText(count) : afterSignText(op, count, house);
    })
    .join("");

/** The line with a stroke at every whole number; the number where it ends is written last, in a ring. */
const axisMarks = (low: number, high: number, row: number, last: number): readonly Mark[] => [
  { kind: "rule", row, from: low, to: high, strokes: 1 },
  ...Array.from({ length: high - low - 1 }, (_, index) => low + 1 + index).flatMap(
    (count): readonly Mark[] => [
      { kind: "upright", line: count, row: row - 0.15, to: row + 0.2, look: "straight" },
      ...(count === last
        ? []
        : [{ kind: "label", line: count, row: row + 0.3, text: countText(count), ringed: false } as const]),
    ],
  ),
];

function jumpMarks(from: number, to: number, axis: number, rise: number): readonly Mark[] {
  const by = to - from;
  const middle = (from + to) / 2;
  return [
    { kind: "jump", row: axis, from, to, rise },
    {
      kind: "label",
      line: middle,
      row: axis - rise - 0.95,
      text: by < 0 ? countText(by) : `+${by}`,
      ringed: false,
    },
  ];
}
