import type { Mark } from "../../board";
import {
  type BlockReason,
  carryMarks,
  digitCol,
  type InHouse,
  type ProductBlock,
  type StepToDraw,
  type WorkedBlock,
  withoutFrontZeros,
} from "../../methods";

/**
 * A product in which each lower digit multiplies only the digit above it, as in adding; tens are carried, and
 * where just one number has a digit it is copied, with what was carried.
 */
export function workStraightDown(block: ProductBlock, { house }: InHouse): WorkedBlock {
  const lowest = block.lowest + block.byLowest;
  const columns = Math.max(block.top.length, block.by.length);
  // Carries under the rule take a row of their own.
  const resultRow = block.ruleRow + (house.carryPlace === "below" ? 1 : 0);
  const digits: number[] = [];
  const steps: StepToDraw<BlockReason>[] = [];
  let carried = 0;
  for (let column = 0; column < columns; column++) {
    const [digit, by] = [block.top[column], block.by[column]];
    const last = column === columns - 1;
    const meets = digit !== undefined && by !== undefined;
    const alone = digit ?? by ?? 0;
    const total = (meets ? digit * by : alone) + carried;
    const written = last ? total : total % 10;
    const carriedOut = last ? 0 : Math.floor(total / 10);
    const said = { carriedIn: carried, total, written, carriedOut, blank: false };
    const place = lowest + column;
    digits.push(...[...String(written)].reverse().map(Number));
    steps.push({
      stage: "work",
      reason: meets
        ? {
            kind: "digitProduct",
            place,
            byPlace: place,
            digit,
            by,
            last,
            wholes: block.readAs !== undefined,
            ...said,
          }
        : { kind: "columnSum", place, parts: [alone], ...said },
      draw: () => [
        ...[...String(written)].reverse().map(
          (text, index): Mark => ({
            kind: "glyph",
            col: digitCol(block.line, place + index),
            row: resultRow,
            text,
            look: "written",
          }),
        ),
        ...carryMarks(
          { col: digitCol(block.line, place + 1), above: -1, rule: block.ruleRow },
          carriedOut,
          house,
        ),
      ],
      focus: [digitCol(block.line, place)],
    });
    carried = carriedOut;
  }
  return {
    steps: () => steps,
    product: withoutFrontZeros(digits, lowest),
    productLowest: lowest,
    resultRow,
  };
}
