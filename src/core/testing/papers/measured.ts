import { judgePaper, judgingTarget } from "../../paper";
import { problemOf } from "../problems";
import { type WrittenPaper, writtenPapers } from "./index";

/** How papers of one kind were read. */
export interface KindRead {
  readonly kind: string;
  readonly right: number;
  /** Right papers that were told something is wrong, and those that were read as coming to something else. */
  readonly alarms: number;
  readonly misread: number;
  readonly wrong: number;
  /** Wrong papers whose error was found at its mark, was not found, or was found elsewhere. */
  readonly found: number;
  readonly missed: number;
  readonly elsewhere: number;
}

/** A number without the zeros that say nothing, a fraction without its spaces. */
export const bare = (text: string | undefined): string =>
  (text ?? "")
    .replace(/\s/g, "")
    .replace(/(\.\d*?)0+$/, "$1")
    .replace(/\.$/, "");

/** Reads so many papers of every kind, once the hand is lifted. */
export function measured(each: number, seed: number): readonly KindRead[] {
  const kinds = new Map<string, { -readonly [K in keyof KindRead]: KindRead[K] }>();
  for (const paper of writtenPapers(each, seed)) {
    const row = kinds.get(paper.kind) ?? {
      kind: paper.kind,
      right: 0,
      alarms: 0,
      misread: 0,
      wrong: 0,
      found: 0,
      missed: 0,
      elsewhere: 0,
    };
    kinds.set(paper.kind, row);
    const { fault, aside, answer } = judged(paper);
    if (paper.wrong === undefined) {
      row.right += 1;
      if (fault !== undefined || aside !== undefined) row.alarms += 1;
      else if (bare(answer?.text) !== bare(paper.answer)) row.misread += 1;
    } else {
      row.wrong += 1;
      if (fault === undefined) row.missed += 1;
      else if (paper.wrong.some(({ col, row: at }) => col === fault.at.col && at === fault.at.row))
        row.found += 1;
      else row.elsewhere += 1;
    }
  }
  return [...kinds.values()];
}

export const judged = ({ problem, marks, units = [] }: WrittenPaper) =>
  judgePaper({ marks }, judgingTarget(problemOf(problem)), { settled: true, units });
