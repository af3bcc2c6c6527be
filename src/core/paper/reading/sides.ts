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
export function sideOf(
  items: readonly LineItem[],
  asked: JudgingTarget,
  struck: "became" | "stood" = "became",
): Side {
  const numbers: Quantum[] = [];
  const ops: SignedOperation[] = [];
  let at = 0;
  const here = (): LineItem | undefined => items[at];
  const word = (): string | undefined => {
    const item = here();
    return item?.kind === "word" ? item.text : undefined;
  };
  const take = (quantum: Quantum): Exact => {
    numbers.push(quantum);
    return quantum.value;
  };

  const number = (): Exact | undefined => {
    const item = here();
    if (item === undefined || item.kind === "word") return undefined;
    at += 1;
    const next = here();
    if (item.kind === "fraction") {
      const value = fractionIn(item, asked, struck);
      return value && take(value);
    }
    const said = struck === "became" ? item.mended : item.text;
    const first = exactly(said);
    if (next?.kind === "fraction" && next.from - item.to < 2) {
      const part = fractionIn(next, asked, struck);
      if (part === undefined) return undefined;
      at += 1;
      return take({ ...part, value: first.add(part.value), whole: item, text: `${said} ${part.text}` });
    }
    return take({ value: first, text: said, whole: item, numerator: undefined, denominator: undefined });
  };

  /** A number with its unit or its money, several of them one after the other. */
  const quantity = (): Exact | undefined => {
    if (asked.money !== undefined && word() === asked.money.sign) at += 1;
    const nth = numbers.length;
    const value = number();
    if (value === undefined) return undefined;
    const size = sizeOf(word(), asked);
    if (size === undefined) return value;
    let [total, text] = [value.mul(size), `${numbers[nth]?.text ?? ""} ${word() ?? ""}`];
    at += 1;
    // Counts of smaller units go on from it: together they are one number.
    for (;;) {
      const item = here();
      const back = at;
      const more = item?.kind === "word" ? undefined : number();
      const smaller = sizeOf(word(), asked);
      if (more === undefined || smaller === undefined) {
        at = back;
        break;
      }
      text = `${text} ${numbers.at(-1)?.text ?? ""} ${word() ?? ""}`;
      at += 1;
      total = total.add(more.mul(smaller));
    }
    const [first] = numbers.splice(nth);
    if (first !== undefined)
      numbers.push({ ...first, value: total, text: asked.money === undefined ? text : first.text });
    return total;
  };

  const factor = (): Exact | undefined => {
    if (word() === "−" || word() === "-") {
      at += 1;
      const nth = numbers.length;
      const value = factor()?.neg();
      const only = numbers[nth];
      // A number below zero is used as that.
      if (
        value !== undefined &&
        only !== undefined &&
        numbers.length === nth + 1 &&
        only.value.neg().equals(value)
      )
        numbers[nth] = { ...only, value };
      return value;
    }
    if (word() === "+") {
      at += 1;
      return factor();
    }
    if (word() === "(") {
      at += 1;
      const value = total();
      if (word() !== ")") return undefined;
      at += 1;
      return value;
    }
    return quantity();
  };
  const product = (): Exact | undefined => {
    let value = factor();
    for (;;) {
      const op = OPERATIONS[word() ?? ""];
      if (value === undefined || (op !== "multiply" && op !== "divide")) return value;
      at += 1;
      ops.push(op);
      const next = factor();
      if (next === undefined || (op === "divide" && next.n === 0n)) return undefined;
      value = op === "multiply" ? value.mul(next) : value.div(next);
    }
  };
  const total = (): Exact | undefined => {
    let value = product();
    for (;;) {
      const op = OPERATIONS[word() ?? ""];
      if (value === undefined || (op !== "add" && op !== "subtract")) return value;
      at += 1;
      ops.push(op);
      const next = product();
      if (next === undefined) return undefined;
      value = op === "add" ? value.add(next) : value.sub(next);
    }
  };

  const value = total();
  let rest: Exact | undefined;
  if (value !== undefined && /^r$/i.test(word() ?? "")) {
    at += 1;
    rest = quantity();
  }
  const complete = at === items.length && items.length > 0;
  return { value: complete ? value : undefined, numbers, ops, rest, items };
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
  struck: "became" | "stood",
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
