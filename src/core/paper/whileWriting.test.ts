import { describe, expect, it } from "vitest";
import { writtenPapers } from "../testing/papers";
import { MORE_RIGHT } from "../testing/papers/cases/casesByKind";
import { BLOCKS } from "../testing/papers/cases/rightBlocksByHand";
import { LINES_AND_DIVISIONS } from "../testing/papers/cases/rightByHand";
import { RIGHT } from "../testing/papers/cases/rightCases";
import { ERRORS } from "../testing/papers/cases/wrongByHand";
import { drawn } from "../testing/papers/drawn";
import { handPapers } from "../testing/papers/hands";
import { Hand } from "../testing/papers/hands/hand";
import { measuredHands, toldAtLines, toldOf } from "../testing/papers/hands/measuredHands";

describe("a right paper, at every mark of the hand", () => {
  it.each([...LINES_AND_DIVISIONS, ...BLOCKS])(
    "can still become right: $problem, $way",
    ({ problem, write, answer, units }) => {
      const hand = new Hand();
      write(hand);
      const { first, after, checked } = toldOf({ problem, marks: hand.marks, units });
      expect({ first, after: first && hand.marks[after - 1] }).toEqual({
        first: undefined,
        after: undefined,
      });
      expect(checked.answer?.text.replace(/\s/g, "")).toBe(answer.replace(/\s/g, ""));
    },
  );
});

describe("a right paper that is checked after one of its lines", () => {
  it.each([...RIGHT, ...MORE_RIGHT])("is told nothing: $problem $paper", ({ problem, paper, units = [] }) => {
    expect(toldAtLines({ problem, marks: drawn(paper).marks, units })).toEqual([]);
  });

  it("is told nothing, whoever wrote it", () => {
    const papers = [...handPapers(20, 31), ...writtenPapers(20, 31)].filter(
      ({ wrong }) => wrong === undefined,
    );
    expect(papers.flatMap((paper) => toldAtLines(paper).map((fault) => [paper.problem, fault]))).toEqual([]);
  });
});

describe("a paper with one error", () => {
  it.each(ERRORS)("is told of it first at its mark: $problem, $way", ({ problem, write, units }) => {
    const hand = new Hand();
    const wrong = [write(hand)].flat();
    const { first, checked } = toldOf({ problem, marks: hand.marks, units });
    for (const fault of [first, checked.fault]) expect(wrong).toContainEqual(placeOf(fault));
  });
});

const placeOf = (fault: { readonly at: { readonly col: number; readonly row: number } } | undefined) =>
  fault && { col: fault.at.col, row: fault.at.row };

describe("papers of other people's hands", () => {
  // The bars are those of the whole measure, `npm run papers`; a tenth of it is judged here.
  const kinds = measuredHands(20, 77);
  const sum = (key: Exclude<keyof (typeof kinds)[number], "kind">): number =>
    kinds.reduce((total, row) => total + row[key], 0);

  it("are told nothing while they are right, whatever the order of their marks, and are read as what they come to", () => {
    expect(kinds.length).toBe(12);
    expect(sum("alarms")).toBeLessThanOrEqual(sum("right") * 0.005);
    expect(sum("misread")).toBeLessThanOrEqual(sum("right") * 0.005);
  });

  it("are told of an error first at its mark, and miss none once they are checked", () => {
    expect(sum("atMark")).toBeGreaterThanOrEqual(sum("wrong") * 0.95);
    expect(sum("missed")).toBeLessThanOrEqual(sum("wrong") * 0.01);
  });
});
