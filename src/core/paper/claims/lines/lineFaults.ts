import Exact from "fraction.js";
import type { Sign, Spot } from "../../reading/glyphs";
import type { JudgingTarget } from "../../reading/judgingTarget";
import { numeralsIn } from "../../reading/lines";
import { type WrittenNumeral, worthOfNumeral } from "../../reading/pieces";
import { type Quantum, type Side, sideOf, sideTerms } from "../../reading/sides";
import { type Fault, isSameExact } from "../claim";
import { digitFault, wholeFault } from "../digits";

/** The first mark on the right side that is not as it should be, worked from the left side as it stands. */
export function faultIn(left: Side, right: Side, asked: JudgingTarget): Fault {
  const [only, more] = right.numbers;
  const value = left.value ?? new Exact(0);
  const first = numeralsIn(right.items)[0];
  const plain: Fault = { kind: "unequal", ...at(first?.digits[0], first), written: first?.mended ?? "" };
  if (only === undefined || more !== undefined)
    return (
      carriedFault(left, right, asked) ?? signFault(left, right, asked) ?? termFault(left, right) ?? plain
    );
  if (right.value?.neg().equals(value)) return { ...plain, kind: "sign" };
  if (only.denominator !== undefined && only.numerator !== undefined)
    return fractionFault(left, only, value) ?? plain;
  if (only.whole === undefined) return plain;
  return digitFault(only.whole, value.abs()) ?? plain;
}

const at = (sign: Sign | undefined, numeral: WrittenNumeral | undefined): { readonly at: Spot } => ({
  at: sign ?? { col: numeral?.from ?? 0, row: numeral?.row ?? 0 },
});

/** The one sign of an expression of as many numbers that, turned round, would make both sides equal. */
function signFault({ value, numbers }: Side, right: Side, asked: JudgingTarget): Fault | undefined {
  const { items } = right;
  if (value === undefined || numbers.length !== right.numbers.length) return undefined;
  const turned = items.filter((item, nth) => {
    if (item.kind !== "word" || !/^[+−]$/.test(item.text)) return false;
    const other = { ...item, text: item.text === "+" ? "−" : "+" };
    const side = sideOf([...items.slice(0, nth), other, ...items.slice(nth + 1)], asked);
    return side.value?.equals(value) === true;
  });
  const [only, more] = turned;
  return only?.kind !== "word" || more !== undefined
    ? undefined
    : { kind: "sign", at: { col: only.from, row: only.row }, written: only.text };
}

/** Where a sum was carried over with one of its terms changed: the sign of that term, or its number. */
function carriedFault(left: Side, right: Side, asked: JudgingTarget): Fault | undefined {
  const before = [...sideTerms(left, asked)];
  const strange = sideTerms(right, asked).filter(({ value }) => {
    const at = before.findIndex((one) => isSameExact(one.value, value));
    if (at >= 0) before.splice(at, 1);
    return at < 0;
  });
  const [term, more] = strange;
  const [lost, another] = before;
  if (term === undefined || more !== undefined || lost === undefined || another !== undefined)
    return undefined;
  if (isSameExact(term.value, lost.value.neg()) && term.sign?.kind === "word")
    return {
      // Taking away what lies below zero is a matter of its sign.
      kind: lost.side.numbers.some(({ value }) => value.s < 0n) ? "sign" : "operation",
      at: { col: term.sign.from, row: term.sign.row },
      written: term.sign.text,
    };
  const [only, other] = term.side.numbers;
  if (only === undefined || other !== undefined) return undefined;
  if (only.denominator !== undefined && only.numerator !== undefined)
    return fractionFault(lost.side, only, lost.value.abs());
  const numeral = only.whole;
  return numeral && { kind: "unequal", ...at(numeral.digits[0], numeral), written: numeral.mended };
}

/** Where an expression was carried over with one number changed: that number. */
function termFault(left: Side, right: Side): Fault | undefined {
  const kept = left.numbers.map(({ value }) => value);
  const strange = [...right.numbers].reverse().filter(({ value }) => {
    const at = kept.map((one) => isSameExact(one, value)).lastIndexOf(true);
    if (at < 0) return true;
    kept.splice(at, 1);
    return false;
  });
  const carriedOver = right.numbers.length < left.numbers.length && strange.length === 1;
  const [one] = carriedOver ? strange : right.numbers;
  const numeral = one?.numerator ?? one?.whole;
  return numeral && { kind: "unequal", ...at(numeral.digits[0], numeral), written: numeral.mended };
}

/** The numerator or the denominator that is wrong, as what stands left of it would make them. */
function fractionFault(left: Side, right: Quantum, value: Exact): Fault | undefined {
  const { numerator, denominator, whole } = right;
  if (numerator === undefined || denominator === undefined) return undefined;
  const under = BigInt(denominator.mended || "1");
  const fault = (numeral: WrittenNumeral): Fault => ({
    kind: "unequal",
    ...at(numeral.digits[0], numeral),
    written: numeral.mended,
  });
  const bottoms = left.numbers.map(({ denominator: one }) =>
    one === undefined ? 1n : BigInt(one.mended || "1"),
  );
  const product = bottoms.reduce((all, one) => all * one, 1n);
  const expected = left.ops.includes("multiply") || left.ops.includes("divide");
  // Nothing that the other side has could bring this denominator about.
  const size = value.abs();
  const part = whole === undefined ? size : size.sub(worthOfNumeral(whole));
  if (whole !== undefined && (part.s < 0n || part.compare(1) >= 0)) return fault(whole);
  const over = part.mul(under);
  if (over.d !== 1n) return fault(denominator);
  if (!expected && left.numbers.length > 1 && product % under !== 0n) return fault(denominator);
  return String(over.n) === numerator.mended ? undefined : wholeFault(numerator, over.n);
}
