import { asFraction, type Decimal, type Numeral, opposite, wholeNumeral } from "../number";
import {
  type Answer,
  isNumeral,
  type Problem,
  type ReadingNotation,
  readOneQuantity,
  tokensOf,
} from "../problem";
import {
  amountOf,
  type Measure,
  type Quantity,
  rateBetween,
  smallerUnits,
  type UnitId,
  unitOf,
  unitTyped,
} from "../quantity";
import { done, failed } from "../result";
import {
  currencyOfProblem,
  type ReadAnswer,
  readWhole,
  stretchText,
  unitsAllowed,
  wantsMoney,
} from "./learnerAnswer";

/** A quantity as an answer: a number, an amount or a measure, its unit or its sign left out perhaps. */
export function readQuantityGiven(text: string, problem: Problem, notation: ReadingNotation): ReadAnswer {
  const units = unitsAllowed(problem);
  // Problems have no amounts and measures below zero, but answers may.
  const below = /^[−-]./.test(text) ? text.slice(1).trim() : undefined;
  if (below !== undefined && (units !== undefined || wantsMoney(problem))) {
    const size = readQuantityGiven(below, problem, notation);
    return size.ok ? done({ ...size.value, answer: negated(size.value.answer) }) : size;
  }
  // After a number alone ′ means feet, but not where angles are asked about.
  const plain = units?.includes("arcmin") ? text.replace(/[′'’]/g, " arcmin") : text;
  const read = readOneQuantity(plain.replace(/^\+\s*(?=\S)/, ""), notation);
  if (!read.ok) {
    const parted = units === undefined ? undefined : partOfUnit(plain, notation);
    if (parted !== undefined) return parted;
    const finished = units === undefined ? undefined : withLastUnit(text, units, notation);
    return finished ?? read;
  }
  const quantity = read.value;
  if (units !== undefined) return asMeasure(quantity, units);
  if (wantsMoney(problem)) {
    const currency = currencyOfProblem(problem) ?? notation.currency;
    if (quantity.kind === "amount" && quantity.currency === currency) return readWhole(quantity);
    return quantity.kind === "decimal"
      ? done({ answer: amountOf(currency, quantity), bare: true })
      : failed({ code: "notAnAnswer", at: 0, wants: "amount" });
  }
  if (!isNumeral(quantity)) return failed({ code: "notAnAnswer", at: 0, wants: "number" });
  return readWhole(completed(quantity, problem));
}

/** An amount or a measure on the other side of zero. */
function negated(answer: Answer): Answer {
  if (answer.kind === "amount") return { ...answer, numeral: opposite(answer.numeral) };
  return answer.kind === "measure" ? { ...answer, negative: !answer.negative } : answer;
}

/** The number that was missing from `2/3 = ?/12` makes a fraction with the one that is there. */
function completed(quantity: Numeral, { form }: Problem): Numeral {
  const count = wholeIn(quantity);
  if (count === undefined || quantity.negative) return quantity;
  if (form.kind === "overDenominator")
    return { kind: "fraction", negative: false, numerator: count, denominator: form.denominator };
  return form.kind === "overNumerator" && count > 0n
    ? { kind: "fraction", negative: false, numerator: form.numerator, denominator: count }
    : quantity;
}

const wholeIn = (quantity: Numeral): bigint | undefined =>
  quantity.kind === "decimal" && quantity.fraction === "" ? BigInt(quantity.whole || "0") : undefined;

function asMeasure(quantity: Quantity, units: readonly UnitId[]): ReadAnswer {
  const scaleOf = (unit: UnitId | undefined) => (unit === undefined ? undefined : unitOf(unit).scale);
  if (quantity.kind === "measure" && scaleOf(quantity.parts[0]?.unit) === scaleOf(units[0]))
    return readWhole(quantity);
  const [only, ...more] = units;
  if (quantity.kind !== "decimal" || only === undefined)
    return failed({ code: "notAnAnswer", at: 0, wants: "measure" });
  if (more.length > 0)
    return failed({ code: "whichUnit", at: 0, units: units.map((unit) => unitOf(unit).symbol) });
  return done({ answer: measureIn(only, quantity), bare: true });
}

const measureIn = (unit: UnitId, count: Decimal): Measure => ({
  kind: "measure",
  negative: count.negative,
  parts: [{ unit, count: { ...count, negative: false } }],
});

/** A measure whose last number has no unit is in the next smaller one: `6 lb 11`. */
function withLastUnit(
  text: string,
  units: readonly UnitId[],
  notation: ReadingNotation,
): ReadAnswer | undefined {
  const tokens = tokensOf(text);
  const last = tokens.at(-1);
  const named = tokens.slice(0, -1);
  if (last?.kind !== "number" || !named.some(({ kind }) => kind === "word")) return undefined;
  const before = stretchText(named, text);
  const measure = readOneQuantity(before, notation);
  if (!measure.ok || measure.value.kind !== "measure") return undefined;
  const unit = measure.value.parts.at(-1)?.unit;
  const smaller = unit === undefined ? [] : smallerUnits(unit);
  const next = smaller.find((one) => units.includes(one)) ?? smaller[0];
  if (next === undefined) return undefined;
  const finished = readOneQuantity(`${before} ${last.text} ${unitOf(next).symbol}`, notation);
  return finished.ok ? done({ answer: finished.value, bare: true }) : undefined;
}

/** The longest number before a unit that is looked at. */
const LONGEST_PART = 40;

/** So many of a unit as a fraction or a mixed number, `2 2/3 ft`: counted in the smallest unit of its scale, where that comes out. */
function partOfUnit(text: string, notation: ReadingNotation): ReadAnswer | undefined {
  // The digits of the denominator are the last ones; what comes after them is the unit.
  const digit = Math.max(...[..."0123456789"].map((one) => text.lastIndexOf(one)));
  const number = text.slice(0, digit + 1);
  if (!number.includes("/") || number.length > LONGEST_PART) return undefined;
  const unit = unitTyped(
    text
      .slice(digit + 1)
      .trim()
      .replace(/\.$/, ""),
  );
  const count = readOneQuantity(number, notation);
  if (unit === undefined || !count.ok || !isNumeral(count.value)) return undefined;
  const smallest = smallerUnits(unit).at(-1) ?? unit;
  const rate = rateBetween(unit, smallest) ?? 1n;
  const { numerator, denominator } = asFraction(count.value);
  if ((numerator * rate) % denominator !== 0n) return undefined;
  return readWhole(measureIn(smallest, wholeNumeral((numerator * rate) / denominator)));
}
