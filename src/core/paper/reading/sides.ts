import Exact from "fraction.js";
import type { SignedOperation } from "../../problem";
import { unitOf, unitTyped } from "../../quantity";
import type { JudgingTarget } from "./judgingTarget";
import type { LineItem } from "./lines";
import { OPERATIONS } from "./operations";
import { exactly, type WrittenNumeral, type WrittenPiece } from "./pieces";

/** A number of a statement with its value and where it stands; a fraction with the numerals that make it. */
export interface Quantum {
  readonly value: Exact;
  /** As it is written bare: "53.2", "5/6", "2 1/3". */
  readonly text: string;
  readonly whole: WrittenNumeral | undefined;
  readonly numerator: WrittenNumeral | undefined;
  readonly denominator: WrittenNumeral | undefined;
}

/** One side of a statement: what it comes to, the numbers in it, and the operations between them. */
export interface Side {
  readonly value: Exact | undefined;
  readonly numbers: readonly Quantum[];
  readonly ops: readonly SignedOperation[];
  /** What is left over, where it is written after an r. */
  readonly rest: Exact | undefined;
  readonly items: readonly LineItem[];
}

/** The sides of a line, divided by its signs of equality. */
export function sidesOf(items: readonly LineItem[], asked: JudgingTarget): readonly Side[] {
  const sides: LineItem[][] = [[]];
  for (const item of items) {
    if (item.kind === "word" && item.text === "=") sides.push([]);
    else sides.at(-1)?.push(item);
  }
  return sides.map((side) => sideOf(side, asked));
}

/** Reads one side by the usual order of operations; no value where it makes no sense. */
export function sideOf(items: readonly LineItem[], asked: JudgingTarget, struck: Struck = "became"): Side {
  const reader: SideReader = { items, asked, struck, at: 0, numbers: [], ops: [] };
  const value = readSum(reader);
  let rest: Exact | undefined;
  if (value !== undefined && /^r$/i.test(wordAt(reader) ?? "")) {
    reader.at += 1;
    rest = readQuantity(reader);
  }
  const complete = reader.at === items.length && items.length > 0;
  const { numbers, ops } = reader;
  return { value: complete ? value : undefined, numbers, ops, rest, items };
}

/** The signs of operation of a side, where they stand. */
export function signsIn({
  items,
}: Pick<Side, "items">): readonly { readonly nth: number; readonly op: SignedOperation }[] {
  return items.flatMap((item, nth) => {
    const before = items[nth - 1];
    const op = item.kind === "word" ? OPERATIONS[item.text] : undefined;
    // A sign of a number is none: nothing but a bracket or another sign stands before it.
    const isBetween = before !== undefined && (before.kind !== "word" || /[)%\p{L}]/u.test(before.text));
    return op !== undefined && isBetween ? [{ nth, op }] : [];
  });
}

/** A term of a side: what it adds, its sign where one stands before it, and what it is written as. */
export interface SideTerm {
  readonly value: Exact;
  readonly sign: LineItem | undefined;
  readonly side: Side;
}

/** The terms of a sum or difference outside brackets; none where one of them can't be read. */
export function sideTerms(side: Side, asked: JudgingTarget): readonly SideTerm[] {
  let depth = 0;
  const cuts = signsIn(side).filter(({ nth, op }) => {
    depth = side.items
      .slice(0, nth)
      .reduce(
        (deep, item) =>
          item.kind !== "word" ? deep : item.text === "(" ? deep + 1 : item.text === ")" ? deep - 1 : deep,
        0,
      );
    return depth === 0 && (op === "add" || op === "subtract");
  });
  const terms = [{ nth: -1, op: "add" as const }, ...cuts].flatMap(
    ({ nth, op }, at, all): readonly SideTerm[] => {
      const part = sideOf(side.items.slice(nth + 1, all[at + 1]?.nth), asked);
      if (part.value === undefined) return [];
      return [
        { value: op === "subtract" ? part.value.neg() : part.value, sign: side.items[nth], side: part },
      ];
    },
  );
  return terms.length === cuts.length + 1 ? terms : [];
}

/** Whether a numeral that was struck counts as what it became, or as what stood there. */
type Struck = "became" | "stood";

/** A side while it is read from left to right. Each reader below takes what it can, and leaves `at` behind it. */
interface SideReader {
  readonly items: readonly LineItem[];
  readonly asked: JudgingTarget;
  readonly struck: Struck;
  at: number;
  readonly numbers: Quantum[];
  readonly ops: SignedOperation[];
}

function wordAt({ items, at }: SideReader): string | undefined {
  const item = items[at];
  return item?.kind === "word" ? item.text : undefined;
}

/** A sum or a difference of products: "2 + 3 × 4". */
function readSum(reader: SideReader): Exact | undefined {
  let value = readProduct(reader);
  for (;;) {
    const op = OPERATIONS[wordAt(reader) ?? ""];
    if (value === undefined || (op !== "add" && op !== "subtract")) return value;
    reader.at += 1;
    reader.ops.push(op);
    const next = readProduct(reader);
    if (next === undefined) return undefined;
    value = op === "add" ? value.add(next) : value.sub(next);
  }
}

function readProduct(reader: SideReader): Exact | undefined {
  let value = readFactor(reader);
  for (;;) {
    const op = OPERATIONS[wordAt(reader) ?? ""];
    if (value === undefined || (op !== "multiply" && op !== "divide")) return value;
    reader.at += 1;
    reader.ops.push(op);
    const next = readFactor(reader);
    if (next === undefined || (op === "divide" && next.n === 0n)) return undefined;
    value = op === "multiply" ? value.mul(next) : value.div(next);
  }
}

/** A quantity, one with a sign before it, or a sum in brackets. */
function readFactor(reader: SideReader): Exact | undefined {
  switch (wordAt(reader)) {
    case "−":
    case "-": {
      reader.at += 1;
      const { numbers } = reader;
      const nth = numbers.length;
      const value = readFactor(reader)?.neg();
      const only = numbers.length === nth + 1 ? numbers[nth] : undefined;
      // A number below zero is used as that.
      if (value !== undefined && only?.value.neg().equals(value)) numbers[nth] = { ...only, value };
      return value;
    }
    case "+":
      reader.at += 1;
      return readFactor(reader);
    case "(": {
      reader.at += 1;
      const value = readSum(reader);
      if (wordAt(reader) !== ")") return undefined;
      reader.at += 1;
      return value;
    }
    default:
      return readQuantity(reader);
  }
}

/** A number with its unit or its money, several of them one after the other: "3 ft 7 in" is one number. */
function readQuantity(reader: SideReader): Exact | undefined {
  const { asked, numbers } = reader;
  if (asked.money !== undefined && wordAt(reader) === asked.money.sign) reader.at += 1;
  const nth = numbers.length;
  const value = readNumber(reader);
  if (value === undefined) return undefined;
  const size = sizeOf(wordAt(reader), asked);
  if (size === undefined) return value;
  let [total, text] = [value.mul(size), `${numbers[nth]?.text ?? ""} ${wordAt(reader) ?? ""}`];
  reader.at += 1;
  // Counts of smaller units go on from it: together they are one number.
  for (;;) {
    const back = reader.at;
    const more = wordAt(reader) === undefined ? readNumber(reader) : undefined;
    const smaller = sizeOf(wordAt(reader), asked);
    if (more === undefined || smaller === undefined) {
      reader.at = back;
      break;
    }
    text = `${text} ${numbers.at(-1)?.text ?? ""} ${wordAt(reader) ?? ""}`;
    reader.at += 1;
    total = total.add(more.mul(smaller));
  }
  const [first] = numbers.splice(nth);
  if (first !== undefined)
    numbers.push({ ...first, value: total, text: asked.money === undefined ? text : first.text });
  return total;
}

/** A numeral, a fraction, or a whole number with a fraction close behind it. */
function readNumber(reader: SideReader): Exact | undefined {
  const { items, asked, struck } = reader;
  const item = items[reader.at];
  if (item === undefined || item.kind === "word") return undefined;
  const take = (quantum: Quantum): Exact => {
    reader.numbers.push(quantum);
    return quantum.value;
  };
  reader.at += 1;
  if (item.kind === "fraction") {
    const value = fractionIn(item, asked, struck);
    return value && take(value);
  }
  const next = items[reader.at];
  const said = struck === "became" ? item.mended : item.text;
  const first = exactly(said);
  if (next?.kind === "fraction" && next.from - item.to < 2) {
    const part = fractionIn(next, asked, struck);
    if (part === undefined) return undefined;
    reader.at += 1;
    return take({ ...part, value: first.add(part.value), whole: item, text: `${said} ${part.text}` });
  }
  return take({ value: first, text: said, whole: item, numerator: undefined, denominator: undefined });
}

/** How large a unit is that stands after a number; none for what is no unit. */
function sizeOf(word: string | undefined, { money }: JudgingTarget): Exact | undefined {
  if (word === undefined) return undefined;
  if (money !== undefined && word === money.minorSign) return new Exact(1n, 100n);
  const unit = unitTyped(word);
  return unit === undefined ? undefined : new Exact(unitOf(unit).size);
}

function fractionIn(
  item: Extract<LineItem, { kind: "fraction" }>,
  asked: JudgingTarget,
  struck: Struck,
): Quantum | undefined {
  const [over, under] = [sideOf(item.over, asked, struck), sideOf(item.under, asked, struck)];
  if (over.value === undefined || under.value === undefined || under.value.n === 0n) return undefined;
  const only = (pieces: readonly WrittenPiece[]): WrittenNumeral | undefined => {
    const [first, more] = pieces.filter((piece): piece is WrittenNumeral => piece.kind === "numeral");
    return more === undefined ? first : undefined;
  };
  const [numerator, denominator] = [only(item.over), only(item.under)];
  return {
    value: over.value.div(under.value),
    text: `${numerator?.mended ?? "?"}/${denominator?.mended ?? "?"}`,
    whole: undefined,
    numerator,
    denominator,
  };
}
