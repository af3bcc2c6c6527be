import type { Mark } from "../../board";
import { type Decimal, digitsOf, fromCount, ONES, significantDigits } from "../../number";
import { type DecimalProblem, signOf } from "../../problem";
import type { Two } from "../../tuples";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import { digitsUp } from "../procedures/digitProducts";
import { type AnswerEnd, type AnswerReason, finishAnswer } from "../squares/answer";
import { numeralMarks } from "../squares/writtenNumber";
import { type BlockDecisions, workBlock } from "./productBlock";
import type { BlockReason } from "./productReason";

export type InLineReason =
  | { readonly kind: "writeMultiplicand"; readonly numeral: Decimal }
  | { readonly kind: "writeMultiplier"; readonly numeral: Decimal }
  /** The point of every row stays on the plumb line. */
  | { readonly kind: "pointInLine"; readonly rows: number };

/** The digits of a numeral from the ones, or further left, to its last place: `006` for 0.06, no other zeros in front. */
export const digitsFromOnes = ({ whole, fraction }: Decimal): string =>
  (significantDigits(whole) || "0") + fraction;

/** Of two factors, the multiplicand and a whole multiplier; the second one given where both are whole. */
export function wholeMultiplier([first, second]: Two<Decimal>):
  | { readonly multiplicand: Decimal; readonly multiplier: Decimal }
  | undefined {
  if (second.fraction === "") return { multiplicand: first, multiplier: second };
  return first.fraction === "" ? { multiplicand: second, multiplier: first } : undefined;
}

/**
 * A number on the plumb line multiplied by the whole number under it, the answer's point on the same
 * line. `row` is where the multiplicand stands, and is written already; its carries go above it.
 */
export function inLineSteps(
  multiplicand: Decimal,
  multiplier: Decimal,
  row: number,
  problem: Pick<DecimalProblem, "form">,
  { house, decisions }: WorkRules<BlockDecisions>,
): AnswerEnd<InLineReason | BlockReason | AnswerReason> {
  const top = digitsFromOnes(multiplicand);
  const by = digitsOf(multiplier);
  const places = multiplicand.fraction.length;
  const from =
    -Math.max(top.length - places + by.length, multiplicand.whole.length, multiplier.whole.length) - 1;
  const block = workBlock(
    {
      top: digitsUp(top),
      by: digitsUp(by),
      lowest: 0 - places,
      byLowest: ONES,
      ruleRow: row + 2,
      line: 0,
      carries:
        house.carryPlace === "unwritten"
          ? { kind: "unwritten" }
          : house.carryPlace === "above"
            ? { kind: "above", row: row - 1 }
            : { kind: "corner" },
      from,
    },
    { house, decisions },
  );
  const product = [...block.product].reverse().join("");
  const end = finishAnswer(
    fromCount(BigInt(product), places),
    {
      row: block.resultRow,
      line: 0,
      closes: (at) => ({ kind: "rule", row: at, from, to: places, strokes: 2 }),
    },
    problem,
    house,
  );
  const steps = (): readonly StepToDraw<InLineReason | BlockReason | AnswerReason>[] => {
    const worked = block.steps();
    const points = places === 0 ? [] : [pointStep(worked, block.resultRow)];
    const first = house.pointTime === "first";
    return [
      {
        stage: "setOut",
        reason: { kind: "writeMultiplier", numeral: multiplier },
        draw: () => [
          ...numeralMarks(multiplier, 0, row + 1),
          { kind: "glyph", col: from, row: row + 1, text: signOf("multiply", house), look: "written" },
          { kind: "rule", row: row + 2, from, to: places, strokes: 1 },
        ],
        focus: [],
      },
      ...(first ? points : []),
      ...worked,
      ...(first ? [] : points),
      ...end.steps(),
    ];
  };
  return { answer: end.answer, steps };
}

/** The step that puts the point on the plumb line, in every row of a block and in its result. */
function pointStep(block: readonly StepToDraw<BlockReason>[], resultRow: number): StepToDraw<InLineReason> {
  const partialRows = block.flatMap(({ reason, draw }) =>
    reason.kind === "digitProduct" || (reason.kind === "zeroRow" && reason.written)
      ? (draw?.() ?? []).flatMap((mark) => (mark.kind === "glyph" ? [mark.row] : []))
      : [],
  );
  const rows = [...new Set([...partialRows, resultRow])];
  return {
    stage: "point",
    reason: { kind: "pointInLine", rows: rows.length },
    draw: () => rows.map((row): Mark => ({ kind: "point", line: 0, row, look: "written" })),
    focus: [],
  };
}

/** The step that writes the number to be multiplied on the plumb line. */
export const writeMultiplicand = (numeral: Decimal, row: number): StepToDraw<InLineReason> => ({
  stage: "setOut",
  reason: { kind: "writeMultiplicand", numeral },
  draw: () => numeralMarks(numeral, 0, row),
  focus: [],
});
