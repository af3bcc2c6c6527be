import type { Sorted } from "../../reading/glyphs";
import type { JudgingTarget } from "../../reading/judgingTarget";
import { numeralsIn, type WrittenLine } from "../../reading/lines";
import { type Side, sideOf, sidesOf } from "../../reading/sides";
import { type Claim, claimOf, isSameExact, type Made } from "../claim";
import { decimalText } from "../digits";
import { faultIn } from "./lineFaults";

/** A line of writing with its sides read, and the claims it makes. */
export interface ReadLine {
  /** Whether it begins with a sign of equality, and so goes on from what stands above. */
  readonly goesOn: boolean;
  readonly line: WrittenLine;
  readonly sides: readonly Side[];
  readonly claims: readonly Claim[];
}

const isWord = (line: WrittenLine, text: RegExp): boolean =>
  line.items.some((item) => item.kind === "word" && text.test(item.text));

/** Whether a line states or asks something by itself, and is no number in a column. */
export const isStatement = (line: WrittenLine): boolean => {
  if (isWord(line, /^=$/) || line.items.some(({ kind }) => kind === "fraction")) return true;
  return line.items.some(
    (item, index) =>
      item.kind === "word" && /^[+−×÷:·x]$/.test(item.text) && index > 0 && index < line.items.length - 1,
  );
};

/**
 * What the lines of writing state, each sign of equality by itself. A line that begins with one goes on from
 * the line above. What is still being written is not held against it: the last number of the last line that was
 * written in, until the hand goes elsewhere.
 */
export function readLines(
  lines: readonly WrittenLine[],
  asked: JudgingTarget,
  writingIn: number | undefined,
  marks: Sorted,
): readonly ReadLine[] {
  const read: ReadLine[] = [];
  for (const line of lines) {
    const sides = sidesOf(line.items, asked);
    const before = read
      .flatMap((one) => one.sides.slice(-1))
      .filter((side) => side.value !== undefined)
      .at(-1);
    const goesOn = sides[0]?.items.length === 0 && sides.length > 1;
    const begun =
      goesOn && before !== undefined ? [before, ...sides.slice(1)] : goesOn ? sides.slice(1) : sides;
    const whole = before === undefined || goesOn ? begun : addedOn(before, begun);
    const claims = whole.slice(1).flatMap((right, index): readonly Claim[] => {
      const left = whole[index];
      const isLast = index === whole.length - 2;
      if (left === undefined) return [];
      const claim = equality(
        left,
        right,
        line,
        asked,
        (isLast && line.row === writingIn) || isBegun(left, right, marks),
        goesOn && index === 0,
        isRunningOn(whole[index - 1], left),
      );
      if (claim.state !== "wrong") return [claim];
      // An expression that waits on the line above is what a sign of equality goes on from, and nothing else.
      const waits = read.at(-1)?.sides.length === 1 && (read.at(-1)?.sides[0]?.ops.length ?? 0) > 0;
      const other = (goesOn && index === 0 && !waits ? sidesBefore(read) : []).find((side) =>
        holds(side, right),
      );
      if (other !== undefined) return [equality(other, right, line, asked, false, true)];
      // Before anything was struck it may have been right, and what was struck only exchanged.
      const [first, second] = [left, right].map((side) => sideOf(side.items, asked, "stood"));
      return first !== undefined && second !== undefined && holds(first, second)
        ? [equality(first, second, line, asked, false, false)]
        : [claim];
    });
    read.push({ line, goesOn, sides: goesOn ? sides.slice(1) : sides, claims });
  }
  return read;
}

/**
 * Whether a side may still become what it should, though the hand is elsewhere: a fraction whose bar has nothing under
 * it yet, or the first digits of a quotient that is worked below.
 */
function isBegun(left: Side, right: Side, { last, rules, glyphs }: Sorted): boolean {
  if (last === undefined) return false;
  const isOpen = numeralsIn(right.items).some(({ row, from, to }) =>
    rules.some(
      (rule) =>
        rule.row === row + 1 &&
        rule.from < to &&
        rule.to > from &&
        !glyphs.some((one) => one.row === rule.row && one.col >= rule.from && one.col < rule.to),
    ),
  );
  if (isOpen) return true;
  const [only, more] = right.numbers;
  if (left.ops.length !== 1 || left.ops[0] !== "divide" || left.value === undefined || more !== undefined)
    return false;
  const ought = decimalText(left.value.abs()) ?? left.value.abs().toString(12);
  const text = only?.whole?.mended ?? "";
  return text !== "" && ought.startsWith(text);
}

/** Every side of the lines above, the last first: what a line that begins with a sign of equality may go on from. */
const sidesBefore = (read: readonly ReadLine[]): readonly Side[] =>
  read.flatMap(({ sides }) => sides).reverse();

/** A line that begins with plus or minus goes on from the number before it, unless it holds by itself. */
function addedOn(before: Side, sides: readonly Side[]): readonly Side[] {
  const [first, second] = sides;
  const sign = first?.items[0];
  if (first?.value === undefined || second?.value === undefined || before.value === undefined) return sides;
  if (sign?.kind !== "word" || !(sign.text === "+" || (/^[−-]$/.test(sign.text) && first.ops.length === 0)))
    return sides;
  if (isSameExact(first.value, second.value)) return sides;
  // The sign of a column stands before its number, which is pulled apart beside it.
  if (isSameExact(first.value.neg(), second.value))
    return [{ ...first, value: second.value }, ...sides.slice(1)];
  return [
    { ...first, value: before.value.add(first.value), numbers: [...before.numbers, ...first.numbers] },
    ...sides.slice(1),
  ];
}

function equality(
  left: Side,
  right: Side,
  line: WrittenLine,
  asked: JudgingTarget,
  writing: boolean,
  goesOn: boolean,
  isRunning = false,
): Claim {
  const numerals = numeralsIn(right.items);
  const read = [...numeralsIn(left.items), ...numerals];
  const place = { top: line.row, bottom: line.row, left: right.items[0]?.from ?? line.items[0]?.from ?? 0 };
  const uses = [
    ...left.numbers.map(({ value }) => value),
    ...(left.value !== undefined && left.numbers.length > 1 ? [left.value] : []),
  ];
  if (right.items.length === 0) return claimOf("line", read, { ...place, uses, state: "unfinished" });
  if (left.value === undefined || right.value === undefined)
    return claimOf("line", read, { ...place, uses, state: writing ? "unfinished" : "unread" });
  const [only, more] = right.numbers;
  const makes = {
    value: right.value,
    text: textOf(right),
    row: line.row,
    ...(right.ops.length > 0 ? { open: true as const } : {}),
    ...(right.rest === undefined ? {} : { rest: right.rest }),
  };
  const claim = { ...place, uses, makes, side: left, ...lineOf(left) };
  if (holds(left, right)) return claimOf("line", read, claim);
  // "3 × 4 = 12 + 2 = 14" says what was done, one thing after the other.
  if (!goesOn && more !== undefined && only !== undefined && isSameExact(left.value, only.value))
    return claimOf("line", read, { ...claim, makes: { ...makes, value: only.value } });
  if (writing) return claimOf("line", read, { ...place, uses, state: "unfinished" });
  return claimOf("line", read, { ...claim, fault: faultIn(left, isRunning ? firstOf(right) : right, asked) });
}

/** Whether a side says what was done next, "3 × 4 = 12 + 2 = 14": its first number alone is what stands before it. */
const isRunningOn = (before: Side | undefined, { value, numbers: [first, more] }: Side): boolean =>
  before?.value !== undefined &&
  more !== undefined &&
  first !== undefined &&
  isSameExact(first.value, before.value) &&
  value !== undefined &&
  !isSameExact(value, before.value);

/** The first number of a side that runs on. */
const firstOf = (side: Side): Side => {
  const [first] = side.numbers;
  return first === undefined ? side : { ...side, value: first.value, numbers: [first], ops: [] };
};

/** The one operation of a side, with the first numeral of each of its numbers. */
function lineOf({ ops, numbers }: Side): Pick<Claim, "line"> {
  const [op] = ops;
  const numerals = numbers.flatMap(({ whole, numerator }) => whole ?? numerator ?? []);
  return op !== undefined && ops.every((one) => one === op) && numerals.length === numbers.length
    ? { line: { op, numerals } }
    : {};
}

/** Whether both sides are worth the same; a quotient with what is left over is multiplied back. */
function holds(left: Side, right: Side): boolean {
  if (left.value === undefined || right.value === undefined) return false;
  const [dividend, divisor] = left.numbers;
  if (right.rest !== undefined && left.ops[0] === "divide" && dividend && divisor)
    return (
      right.value.mul(divisor.value).add(right.rest).equals(dividend.value) &&
      right.rest.compare(dividend.value) <= 0
    );
  return isSameExact(left.value, right.value);
}

/** A side that is one number and no more, as what it says. */
export const aloneIn = (side: Side, row: number): Made | undefined =>
  side.value !== undefined && side.numbers.length === 1 && side.ops.length === 0
    ? { value: side.value, text: textOf(side), row }
    : undefined;

function textOf({ items, numbers, value, rest }: Side): string {
  const [only, more] = numbers;
  if (only !== undefined && more !== undefined && rest !== undefined) return `${only.text} r ${more.text}`;
  if (only !== undefined && more === undefined)
    return `${value !== undefined && value.s < 0n && !only.text.startsWith("−") ? "−" : ""}${only.text}`;
  return items
    .map((item) => (item.kind === "word" ? item.text : item.kind === "numeral" ? item.mended : ""))
    .join(" ");
}
