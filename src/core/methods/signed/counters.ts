import type { Mark } from "../../board";
import { wholeNumeral } from "../../number";
import type { SignedOperation, SignedProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { nameStep } from "../squares/answer";
import { newPad, padText } from "../squares/pad";
import { wholeCount } from "./numberLine";
import { type SignedWhy, signedNumbers } from "./signRule";
import { afterSignText, countText } from "./writtenCounts";

/** The most counters of one kind that are laid out. */
const MOST = 20;

/** The decision with counters: how many zero pairs are brought where there are too few to take away. */
export interface CounterDecisions {
  pairs(there: number, needed: number): number;
}

export const SOUND_COUNTERS: CounterDecisions = { pairs: (there, needed) => Math.max(0, needed - there) };

/** Counters of two kinds: one of each together is nothing. What is taken away must first be there. */
export const counters: Method<
  "counters",
  SignedWhy,
  SignedProblem,
  CounterDecisions,
  "otherForm" | "wholeCounters" | "fewCounters"
> = {
  id: "counters",
  sample: "−3 − (−5)",
  bench: { small: "<0-8> - (-<1-5>)", usual: "<0-8> - (-<1-5>)", largest: "<0-8> - (-<1-11>)" },
  sound: SOUND_COUNTERS,
  takes: (problem) => {
    if (problem.op === "divide") return otherOperation("terms", "multiply");
    if (problem.form.kind !== "asItComes") return refused("otherForm");
    const [one, other, more] = signedNumbers(problem);
    const [first, second] = [wholeCount(one.numeral), wholeCount(other.numeral)];
    if (first === undefined || second === undefined || more !== undefined) return refused("wholeCounters");
    const small = (count: number): boolean => Math.abs(count) <= MOST;
    const times = first > 0 ? first : second;
    const few =
      problem.op === "terms"
        ? small(first) && small(second)
        : times > 0 && times <= 6 && small(first * second);
    return few ? taken({ problem, op: other.op, first, second }, workCounters) : refused("fewCounters", MOST);
  },
};

/** Two whole numbers with a sign between them. */
interface TwoCounts {
  readonly problem: SignedProblem;
  readonly op: SignedOperation;
  readonly first: number;
  readonly second: number;
}

const TOP = 2;

/** Counters of one kind, side by side from a square on. */
const laid = (count: number, negative: boolean, from: number, row: number): readonly Mark[] =>
  Array.from({ length: count }, (_, index) => index).flatMap((index): readonly Mark[] => [
    { kind: "ring", col: from + index, row },
    { kind: "glyph", col: from + index, row, text: negative ? "−" : "+", look: "written" },
  ]);

const rowOf = (negative: boolean): number => (negative ? TOP + 1 : TOP);

/** Counters with any decision about zero pairs; only the sound one is sure to reach the right answer. */
function workCounters(
  { problem, op, first, second }: TwoCounts,
  { house, decisions }: WorkRules<CounterDecisions>,
): MethodResult<SignedWhy> {
  const pad = newPad<SignedWhy>();
  pad.line("setOut", { kind: "writeSigned", problem }, () => [
    padText(countText(first) + afterSignText(op, second, house)),
  ]);
  const { steps, total } =
    op === "multiply"
      ? groups(first, second)
      : op === "subtract"
        ? takenAway(first, second, decisions)
        : broughtTogether(first, second);
  const answer = wholeNumeral(BigInt(total));
  pad.take(() => [...steps, nameStep(answer, undefined)]);
  return { answer, onPaper: pad.onPaper };
}

interface Laid {
  readonly steps: readonly StepToDraw<SignedWhy>[];
  readonly total: number;
}

const lay = (value: number, from: number, first: boolean): StepToDraw<SignedWhy> => ({
  stage: first ? "setOut" : "work",
  reason: { kind: "layCounters", value, first },
  draw: () => laid(Math.abs(value), value < 0, from, rowOf(value < 0)),
  focus: [],
});

/** Both numbers laid out; one counter of each kind together is nothing, and is framed. */
function broughtTogether(first: number, second: number): Laid {
  const same = first < 0 === second < 0;
  const steps = [lay(first, 0, true), lay(second, same ? Math.abs(first) : 0, false)];
  if (same || first === 0 || second === 0) return { steps, total: first + second };
  const pairs = Math.min(Math.abs(first), Math.abs(second));
  return {
    steps: [...steps, pairStep(pairs, Math.max(first, second), -Math.min(first, second))],
    total: first + second,
  };
}

const pairStep = (pairs: number, positives: number, negatives: number): StepToDraw<SignedWhy> => ({
  stage: "work",
  reason: { kind: "cancelPairs", pairs, positives, negatives },
  draw: () =>
    Array.from({ length: pairs }, (_, col) => ({ kind: "frame", col, row: TOP, width: 1, height: 2 })),
  focus: [],
});

/** Counters struck out; where too few of that kind are there, zero pairs are brought first. */
function takenAway(first: number, second: number, decisions: CounterDecisions): Laid {
  const negative = second < 0;
  const needed = Math.abs(second);
  const there = first < 0 === negative ? Math.abs(first) : 0;
  const pairs = decisions.pairs(there, needed);
  const from = Math.abs(first);
  const steps: StepToDraw<SignedWhy>[] = [lay(first, 0, true)];
  if (pairs > 0) {
    steps.push({
      stage: "work",
      reason: { kind: "bringZeroPairs", pairs, there, needed, negative },
      draw: () => [...laid(pairs, false, from, TOP), ...laid(pairs, true, from, TOP + 1)],
      focus: [],
    });
  }
  const start = there > 0 ? from + pairs - needed : from;
  steps.push({
    stage: "work",
    reason: { kind: "takeCounters", count: needed, negative, left: first - second },
    draw: () =>
      Array.from({ length: needed }, (_, index) => ({
        kind: "strike",
        col: Math.max(0, start) + index,
        row: rowOf(negative),
        target: "square",
      })),
    focus: [],
  });
  return { steps, total: first - second };
}

/** As many groups as the whole factor says, each of the other. */
function groups(first: number, second: number): Laid {
  const [times, each] = first > 0 ? [first, second] : [second, first];
  return {
    steps: [
      {
        stage: "work",
        reason: { kind: "layGroups", groups: times, each, total: times * each },
        draw: () =>
          Array.from({ length: times }, (_, group) => laid(Math.abs(each), each < 0, 0, TOP + group)).flat(),
        focus: [],
      },
    ],
    total: times * each,
  };
}
