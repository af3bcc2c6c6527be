import fc from "fast-check";
import { expect, it } from "vitest";
import type { Mark } from "../board";
import { anyHouse, anyProblemFor } from "../testing/arbitrary";
import { METHOD_IDS, type Working, workingOf } from "./workings";

/**
 * Kinds of reasons whose marks have digits that follow from what they say and do not stand in it: counts along a line,
 * pieces that are counted, numbers worked in the head.
 */
const FOLLOWS: ReadonlySet<string> = new Set([
  "turnOver",
  "drawNumberLine",
  "changeHop",
  "scaleBoth",
  "differentSigns",
  "sameSigns",
  "simplifyPart",
  "handNotes",
  "nameAnswer",
  "resultSoFar",
]);

type Step = Working["steps"][number];
type Written = Extract<Mark, { readonly text: string }>;

/** The digits that stand anywhere in a reason, by nothing but its text. */
const digitsIn = (reason: Step["reason"]): ReadonlySet<string> =>
  new Set(
    JSON.stringify(reason, (_, part: unknown) => (typeof part === "bigint" ? String(part) : part)).match(
      /\d/g,
    ) ?? [],
  );

/** What is written of digits at a step; a nothing that only fills a place says nothing. */
const writtenAt = ({ marks }: Pick<Step, "marks">): readonly Written[] =>
  marks.filter(
    (mark): mark is Written =>
      "text" in mark && /^\d+$/.test(mark.text) && !("look" in mark && mark.look === "filler"),
  );

/** The digits at a step that its reason knows nothing of. */
const foreign = (step: Pick<Step, "reason" | "marks">): readonly string[] => {
  const known = digitsIn(step.reason);
  return writtenAt(step)
    .flatMap(({ text }) => [...text])
    .filter((digit) => digit !== "0" && !known.has(digit));
};

const steps: readonly Step[] = METHOD_IDS.flatMap((method) =>
  fc
    .sample(fc.tuple(anyProblemFor(method), anyHouse), { numRuns: 20, seed: 7 })
    .flatMap(([problem, house]) => workingOf(problem, house, method).steps),
);

it("every digit that is written stands in the reason of its step, but where it follows from that", () => {
  const wrong = steps
    .filter(({ reason }) => !FOLLOWS.has(reason.kind))
    .filter((step) => foreign(step).length > 0)
    .map((step) => [step.reason.kind, foreign(step)]);
  expect(wrong).toEqual([]);
});

it("marks that differ from their reason are seen, of every kind of reason that writes digits", () => {
  const writing = new Set<string>();
  const seen = new Set<string>();
  for (const step of steps) {
    if (FOLLOWS.has(step.reason.kind)) continue;
    for (const mark of writtenAt(step)) {
      writing.add(step.reason.kind);
      const other = String((Number(mark.text.at(-1)) % 9) + 1);
      const marks = step.marks.map((one) =>
        one === mark ? { ...mark, text: mark.text.slice(0, -1) + other } : one,
      );
      if (foreign({ reason: step.reason, marks }).length > 0) seen.add(step.reason.kind);
    }
  }
  expect(writing.size).toBeGreaterThan(100);
  expect([...writing].filter((kind) => !seen.has(kind))).toEqual([]);
});
