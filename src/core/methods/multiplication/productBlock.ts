import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import type { Place } from "../../number";
import { columnSumStep } from "../addition/columnSum";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import {
  type AdditionDecisions,
  addInColumns,
  type ColumnRow,
  type ColumnSum,
  SOUND_ADDITION,
} from "../procedures/columnSums";
import {
  type DigitProduct,
  multiplyByDigit,
  type ProductDecisions,
  SOUND_PRODUCTS,
  withoutFrontZeros,
  writtenRow,
} from "../procedures/digitProducts";
import { digitCol } from "../squares/writtenNumber";
import type { BlockReason, ProductReason } from "./productReason";

/** The decisions inside a block: each digit product, each column of the sum, and how many zeros open a row. */
export interface BlockDecisions {
  readonly products: ProductDecisions;
  readonly sums: AdditionDecisions;
  opens(row: number): number;
}

export const SOUND_BLOCK: BlockDecisions = {
  products: SOUND_PRODUCTS,
  sums: SOUND_ADDITION,
  opens: (row) => row,
};

/** Two rows of digits to be multiplied, and where their product goes. */
export interface ProductBlock {
  /** Digits, smallest first. */
  readonly top: readonly number[];
  readonly by: readonly number[];
  /** The place of the smallest digit of each: below the ones where the points are kept in line. */
  readonly lowest: Place;
  readonly byLowest: Place;
  /** The row the first line under the factors begins in. */
  readonly ruleRow: number;
  /** The grid line on which ones end: the place of a digit in the product is its column from there. */
  readonly line: number;
  /** Where carries go while a row is made. */
  readonly carries:
    | { readonly kind: "above"; readonly row: number }
    | { readonly kind: "corner" }
    | { readonly kind: "unwritten" };
  readonly from: number;
  /** The multiplier as a whole number where the factors have points that are left out; none where they stand as they are. */
  readonly readAs?: string;
}

/** A block worked: its steps, the digits of the product, and the rows it took. */
export interface WorkedBlock {
  steps(): readonly StepToDraw<BlockReason>[];
  /** The product's digits, smallest first, and the place of the smallest. */
  readonly product: readonly number[];
  readonly productLowest: Place;
  readonly resultRow: number;
}

interface PartialRow {
  readonly shift: number;
  readonly by: number;
  readonly products: readonly DigitProduct[];
  readonly digits: readonly number[];
}

/** What the steps of a block are drawn with. */
interface Drawing {
  readonly block: ProductBlock;
  readonly house: HouseRules;
  readonly decisions: BlockDecisions;
  /** The rows that are written, in order; those of a zero only where the house writes them. */
  readonly rows: readonly PartialRow[];
  readonly firstRow: number;
  /** Whether opening zeros are written: always where the only row is the product itself. */
  readonly filled: boolean;
}

/** Multiplies row by row, smallest digit of the multiplier first, and adds the rows where there are several. */
export function workBlock(block: ProductBlock, { house, decisions }: WorkRules<BlockDecisions>): WorkedBlock {
  const made = block.by.map((digit, shift): PartialRow => {
    const nothing = digit === 0 && decisions.products.makes(1, digit, 0) === 0;
    const products = nothing ? [] : multiplyByDigit(block.top, digit, decisions.products);
    const lowest = block.lowest + block.byLowest + decisions.opens(shift);
    const whole = nothing ? block.top.map(() => 0) : writtenRow(products);
    const digits = withoutFrontZeros(whole, lowest);
    return { shift, by: digit, products, digits };
  });
  const kept = made.filter(({ products }) => products.length > 0 || house.zeroRows === "written");
  const rows = kept.length > 0 ? kept : made.slice(0, 1);
  const several = rows.length > 1;
  const carriesAbove = several && house.carryPlace === "above";
  const drawing: Drawing = {
    block,
    house,
    decisions,
    rows,
    firstRow: block.ruleRow + (carriesAbove ? 1 : 0),
    filled: house.openingZeros === "written" || !several,
  };
  const steps = (): readonly StepToDraw<BlockReason>[] => {
    const worked = made.filter(({ products }) => products.length > 0);
    return made.flatMap((row) => rowSteps(drawing, row, worked.indexOf(row)));
  };
  if (several) return addedUp(drawing, steps);

  const [only] = rows;
  if (only === undefined) throw new Error("workBlock: a multiplier without digits");
  const opening = Array.from({ length: decisions.opens(only.shift) }, () => 0);
  const product = only.products.length === 0 ? only.digits : [...opening, ...only.digits];
  return { steps, product, productLowest: block.lowest + block.byLowest, resultRow: drawing.firstRow };
}

/** The square of a column of the product, counted from its smallest. */
const productCol = ({ block }: Drawing, column: number): number =>
  digitCol(block.line, block.lowest + block.byLowest + column);

/** The steps of one digit of the multiplier; `nth` counts the digits that are not zero. */
function rowSteps(drawing: Drawing, row: PartialRow, nth: number): readonly StepToDraw<BlockReason>[] {
  const { block, decisions, rows, filled } = drawing;
  const at = drawing.firstRow + rows.indexOf(row);
  const byPlace = block.byLowest + row.shift;
  const opens = decisions.opens(row.shift);
  const opening = (): readonly Mark[] => (filled ? zeros(drawing, 0, opens, at, "filler") : []);
  if (row.products.length === 0) {
    const written = rows.includes(row);
    const only = rows.length === 1;
    const count = only ? row.digits.length : block.top.length;
    const across = (): readonly Mark[] => zeros(drawing, only ? 0 : opens, count, at, "written");
    return [
      {
        stage: "work",
        reason: { kind: "zeroRow", byPlace, written },
        draw: () => (written ? [...(only ? [] : opening()), ...across()] : []),
        focus: [],
      },
    ];
  }
  const open: StepToDraw<BlockReason> = {
    stage: "work",
    reason: { kind: "openRow", by: row.by, byPlace, zeros: opens, written: filled, of: block.readAs },
    draw: opening,
    focus: [],
  };
  const products = row.products.map((product) => productStep(drawing, product, row, at, nth));
  return opens > 0 ? [open, ...products] : products;
}

/** So many zeros along a row, from a column of the product leftwards. */
const zeros = (
  drawing: Drawing,
  from: number,
  count: number,
  row: number,
  look: "written" | "filler",
): readonly Mark[] =>
  Array.from({ length: count }, (_, index) => ({
    kind: "glyph",
    col: productCol(drawing, from + index),
    row,
    text: "0",
    look,
  }));

function productStep(
  drawing: Drawing,
  product: DigitProduct,
  row: PartialRow,
  at: number,
  nth: number,
): StepToDraw<ProductReason> {
  const { block, decisions } = drawing;
  const { column, ...made } = product;
  const text = String(product.written);
  const start = decisions.opens(row.shift) + column;
  const col = digitCol(block.line, block.lowest + column);
  const blank = column >= row.digits.length;
  return {
    stage: "work",
    reason: {
      kind: "digitProduct",
      place: block.lowest + column,
      byPlace: block.byLowest + row.shift,
      ...made,
      wholes: block.readAs !== undefined,
      blank,
    },
    draw: () => [
      ...[...(blank ? "" : text)].map(
        (character, index): Mark => ({
          kind: "glyph",
          col: productCol(drawing, start + text.length - 1 - index),
          row: at,
          text: character,
          look: "written",
        }),
      ),
      ...(product.carriedOut > 0
        ? carryOnward(drawing, col - 1, start + 1, at, nth, product.carriedOut)
        : []),
    ],
    focus: [col],
  };
}

/** A carry on its way to the next product: above the digit it will meet, or in the corner of the square to be written next. */
function carryOnward(
  drawing: Drawing,
  aboveCol: number,
  nextColumn: number,
  at: number,
  nth: number,
  carried: number,
): readonly Mark[] {
  const { carries } = drawing.block;
  const text = String(carried);
  switch (carries.kind) {
    case "unwritten":
      return [];
    case "above": {
      const position = nth % 2 === 0 ? "low" : "high";
      return [{ kind: "small", col: aboveCol, row: carries.row - Math.floor(nth / 2), position, text }];
    }
    case "corner":
      return [{ kind: "small", col: productCol(drawing, nextColumn), row: at, position: "corner", text }];
  }
}

/** The rows added column by column under a rule of their own. */
function addedUp(drawing: Drawing, made: () => readonly StepToDraw<BlockReason>[]): WorkedBlock {
  const { block, house, decisions, rows, firstRow, filled } = drawing;
  const productLowest = block.lowest + block.byLowest;
  const ruleRow = firstRow + rows.length;
  const resultRow = ruleRow + (house.carryPlace === "below" ? 1 : 0);
  const counts = rows.map((row): ColumnRow => {
    const open = Array.from({ length: decisions.opens(row.shift) }, () => (filled ? 0 : undefined));
    return [...open, ...row.digits];
  });
  const columns = Math.max(...counts.map((row) => row.length));
  const sums = addInColumns(counts, columns, () => 10, decisions.sums);
  const product = withoutFrontZeros(
    sums.map(({ written }) => written),
    productLowest,
  );

  const begin: StepToDraw<BlockReason> = {
    stage: "work",
    reason: { kind: "addRows", rows: rows.length },
    draw: () => [
      { kind: "rule", row: ruleRow, from: block.from, to: productCol(drawing, 0) + 1, strokes: 1 },
    ],
    focus: [],
  };
  const sumStep = (sum: ColumnSum): StepToDraw<BlockReason> => {
    const col = productCol(drawing, sum.column);
    const blank = sum.column >= product.length;
    const carry = { col: col - 1, above: block.ruleRow, rule: ruleRow };
    return columnSumStep(
      sum,
      { place: productLowest + sum.column, col, row: resultRow, carry },
      blank,
      house,
    );
  };
  return { steps: () => [...made(), begin, ...sums.map(sumStep)], product, productLowest, resultRow };
}
