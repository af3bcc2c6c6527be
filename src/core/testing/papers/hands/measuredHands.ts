import { judgePaper, judgingTarget } from "../../../paper";
import { problemOf } from "../../problems";
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
      else if (bare(checked.answer?.text ?? "") !== bare(answer)) row.misread += 1;
      continue;
    }
    row.wrong += 1;
    if (first === undefined) row.missed += 1;
    else if (wrong.some(({ col, row: at }) => col === first.at.col && at === first.at.row)) row.atMark += 1;
    else row.elsewhere += 1;
  }
  return [...kinds.values()];
}

/** A number without spaces, and without the zeros that say nothing. */
const bare = (text: string): string =>
  text
    .replace(/\s/g, "")
    .replace(/(\.\d*?)0+$/, "$1")
    .replace(/\.$/, "");
