import type { Mark } from "../../../board";
import { judgePaper, judgingTarget } from "../../../paper";
import { problemOf } from "../../problems";
import { bare } from "../measured";
import type { WrittenPaper } from "../sheet";
import { handPapers } from "./index";

/** How the papers of one kind were judged at every mark of the hand, and once they were checked. */
export interface HandRead {
  readonly kind: string;
  readonly right: number;
  /** Right papers that were told something is wrong at any moment, and those that were read as coming to something else. */
  readonly alarms: number;
  readonly misread: number;
  readonly wrong: number;
  /** Wrong papers whose error was told first at its mark, told first elsewhere, or not even once they were checked. */
  readonly atMark: number;
  readonly elsewhere: number;
  readonly missed: number;
}

/** What is told first of a paper as it is written, mark by mark, and what it comes to once it is checked. */
export function toldOf({ problem, marks, units = [] }: Omit<WrittenPaper, "kind" | "way" | "answer">) {
  const target = judgingTarget(problemOf(problem));
  const look = (shown: typeof marks, settled: boolean) =>
    judgePaper({ marks: shown }, target, { settled, units });
  const checked = look(marks, true);
  for (const [nth] of marks.entries()) {
    const { fault, aside } = look(marks.slice(0, nth + 1), false);
    const told = fault ?? aside;
    if (told !== undefined) return { first: told, after: nth + 1, checked };
  }
  return { first: checked.fault ?? checked.aside, after: marks.length, checked };
}

/** What is told of a paper that is checked after any of its lines that hold, before the next one is begun. */
export function toldAtLines(paper: Omit<WrittenPaper, "kind" | "way" | "answer">) {
  const target = judgingTarget(problemOf(paper.problem));
  return paper.marks.flatMap((mark, nth) => {
    const next = paper.marks[nth + 1];
    const marks = paper.marks.slice(0, nth + 1);
    const here = marks.flatMap((one) => (one.kind === "glyph" && one.row === rowOf(mark) ? [one.text] : []));
    const isDone =
      here.includes("=") && here.at(-1) !== "=" && next?.kind === "glyph" && next.row !== rowOf(mark);
    // What a quotient comes to is only seen once it is worked below, and what stands over a rule once it is added.
    if (!isDone || here.some((text) => /[:÷]/.test(text)) || marks.some(({ kind }) => kind === "rule"))
      return [];
    const { fault, aside } = judgePaper({ marks }, target, { settled: true, units: paper.units ?? [] });
    return fault ?? aside ?? [];
  });
}

const rowOf = (mark: Mark): number | undefined => ("row" in mark ? mark.row : undefined);

/** Judges so many papers of every hand in every state. */
export function measuredHands(each: number, seed: number): readonly HandRead[] {
  const kinds = new Map<string, { -readonly [K in keyof HandRead]: HandRead[K] }>();
  for (const paper of handPapers(each, seed)) {
    const { kind, wrong, answer } = paper;
    const zero = { right: 0, alarms: 0, misread: 0, wrong: 0, atMark: 0, elsewhere: 0, missed: 0 };
    const row = kinds.get(kind) ?? { kind, ...zero };
    kinds.set(kind, row);
    const { first, checked } = toldOf(paper);
    if (wrong === undefined) {
      row.right += 1;
      if (first !== undefined) row.alarms += 1;
      else if (bare(checked.answer?.text) !== bare(answer)) row.misread += 1;
      continue;
    }
    row.wrong += 1;
    if (first === undefined) row.missed += 1;
    else if (wrong.some(({ col, row: at }) => col === first.at.col && at === first.at.row)) row.atMark += 1;
    else row.elsewhere += 1;
  }
  return [...kinds.values()];
}
