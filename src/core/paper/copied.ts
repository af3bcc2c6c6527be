import type Exact from "fraction.js";
import { bareDigits } from "../number";
import { type Claim, isSameExact } from "./claims/claim";
import { type JudgingTarget, valueFrom } from "./reading/judgingTarget";
import { exactly, type WrittenNumeral } from "./reading/pieces";

/** What each operation of a problem is worked as in a block. */
const BLOCKS: Readonly<Partial<Record<Claim["kind"], readonly JudgingTarget["op"][]>>> = {
  column: ["add", "subtract", "terms"],
  product: ["multiply"],
  division: ["divide"],
};

/** The kinds of problems whose numbers stand in columns as they are given. */
const WITH_DIGITS: readonly JudgingTarget["kind"][] = ["decimals", "money", "signed", "fractions"];

/**
 * Claims whose numbers are the problem's but for one: that one was copied wrongly, and is the first error, however
 * rightly it is worked with.
 */
export function withCopying(
  claims: readonly Claim[],
  asked: JudgingTarget,
  writingIn: number | undefined,
): readonly Claim[] {
  if (!WITH_DIGITS.includes(asked.kind)) return claims;
  const values = asked.numbers.map(valueFrom);
  const isMade = (value: Exact): boolean =>
    claims.some(({ makes }) => makes !== undefined && isSameExact(makes.value, value));
  const isWhole = ({ kind, uses, line }: Claim): boolean =>
    line === undefined
      ? uses.length === values.length && (BLOCKS[kind]?.includes(asked.op) ?? false)
      : line.numerals.length === values.length && line.op === asked.op;
  const usesOf = ({ uses }: Claim): readonly Exact[] => uses.slice(0, values.length);
  if (
    claims.some(
      (claim) => isWhole(claim) && usesOf(claim).every((use) => values.some((one) => isSameExact(one, use))),
    )
  )
    return claims;
  return claims.map((claim) => {
    if (!isWhole(claim) || claim.fault?.kind === "misplaced") return claim;
    const left = [...values];
    const strange = usesOf(claim).flatMap((use, nth) => {
      const at = left.findIndex((one) => isSameExact(one, use));
      if (at < 0) return [nth];
      left.splice(at, 1);
      return [];
    });
    const [nth, more] = strange;
    const [ought] = left;
    const numeral = nth === undefined ? undefined : (claim.line?.numerals ?? claim.read)[nth];
    const text = asked.numbers.find((one) => ought !== undefined && isSameExact(valueFrom(one), ought))?.text;
    if (nth === undefined || more !== undefined || numeral === undefined || text === undefined) return claim;
    const use = claim.uses[nth];
    // It may still become the number that it is the beginning of.
    if (numeral.row === writingIn && digits(text).includes(digits(numeral.mended))) return claim;
    if (use === undefined || isMade(use)) return claim;
    if (ought !== undefined && isChosen(use, ought, asked)) return claim;
    // A fraction that is not worth what it stands for is another one by its value, whatever its digits are.
    if (asked.kind === "fractions")
      return {
        ...claim,
        state: "wrong",
        fault: { kind: "unequal", at: { col: numeral.from, row: numeral.row }, written: numeral.mended },
        follows: claim.fault === undefined,
      } satisfies Claim;
    const near = claim.line === undefined ? isNear(numeral.mended, text) : isOneOff(numeral.mended, text);
    if (!near || isMoved(numeral.mended, text)) return claim;
    return {
      ...claim,
      state: "wrong",
      fault: { kind: "copied", at: spotOff(numeral, text), written: numeral.mended },
      follows: claim.fault === undefined,
    } satisfies Claim;
  });
}

/** Whether a number is taken on purpose where another one is asked for: a factor of it, to multiply or divide twice. */
const isChosen = (use: Exact, of: Exact, { op }: JudgingTarget): boolean =>
  (op === "multiply" || op === "divide") &&
  use.n > 1n &&
  use.d === 1n &&
  of.d === 1n &&
  of.n % use.n === 0n &&
  use.n < of.n;

/** Whether a number of a line may be another one of the problem by a slip of the pen. */
export const mayBeMiscopied = (one: string, other: string, asked: JudgingTarget): boolean =>
  isOneOff(one, other) && !isChosen(exactly(one), exactly(other), asked);

/** Whether one number may be another copied wrongly: as long, or a digit longer or shorter. */
const isNear = (one: string, other: string): boolean =>
  Math.abs(digits(one).length - digits(other).length) <= 1;

/** Whether one number is another with one digit changed, or two beside each other swapped: in a line many other numbers are taken on purpose, round ones and parts among them. */
function isOneOff(one: string, other: string): boolean {
  const [a, b] = [digits(one), digits(other)];
  if (a.length !== b.length) return false;
  const off = [...a].flatMap((digit, nth) => (digit === b[nth] ? [] : [nth]));
  const [first, second, more] = off;
  if (first === undefined || more !== undefined) return false;
  if (second === undefined) return a[first] !== "0";
  return second === first + 1 && a[first] === b[second] && a[second] === b[first];
}

/** Whether two numbers have the same digits and differ by their point or the zeros at their ends: one worked with as a whole number is not copied wrongly. */
const isMoved = (one: string, other: string): boolean => bareOf(one) === bareOf(other);

const bareOf = (text: string): string => bareDigits(digits(text));

const digits = (text: string): string => text.replace(".", "");

/** The first digit that differs from the number it was copied from; its end where one is left out. */
export function spotOff(
  numeral: WrittenNumeral,
  text: string,
): { readonly col: number; readonly row: number } {
  const [is, ought] = [digits(numeral.mended), digits(text)];
  const nth = [...is].findIndex((digit, index) => digit !== ought[index]);
  const sign = numeral.digits[nth < 0 ? numeral.digits.length - 1 : nth];
  return { col: sign?.col ?? numeral.from, row: numeral.row };
}
