import type { HouseRules } from "../../house";
import {
  asFraction,
  type Decimal,
  endsAsDecimal,
  type Fraction,
  fraction,
  isZero,
  simplest,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import {
  type Answer,
  type DecimalProblem,
  type MeasureProblem,
  signOf,
  writeAnswer,
  writeUnformed,
} from "../../problem";
import { type Measure, type UnitId, unitOf, writeMeasure } from "../../quantity";
import { lastOf, type OneOrMore } from "../../tuples";
import type { InHouse, OnPad, Solving, WorkContext, WorkRules } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import { newPad, type Pad, padText } from "../squares/pad";
import { type MeasureWhy, measureInUnit, measureOf, rate } from "./unitSetting";

/** The decisions on the way to the smallest unit and back. */
export interface RateDecisions {
  /** How many of the smaller unit one of the larger is taken for. */
  rate(larger: UnitId, smaller: UnitId): bigint;
}

export const SOUND_RATES: RateDecisions = { rate };

export type MeasurePad<Inner> = Pad<MeasureWhy | Inner>;

const line = (problem: MeasureProblem, house: HouseRules): string =>
  writeUnformed(problem, { ...house, grouping: "none" });

/** A pad with the problem on its first line. */
export function startMeasures<Inner>(problem: MeasureProblem, house: HouseRules): MeasurePad<Inner> {
  const pad = newPad<MeasureWhy | Inner>();
  pad.line("setOut", { kind: "writeMeasures", problem }, () => [padText(line(problem, house))]);
  return pad;
}

const plain = (numeral: Decimal): Decimal =>
  withoutTrailingZeros({ ...numeral, whole: numeral.whole || "0" });

const fromFraction = (value: Fraction): Decimal => {
  // Counts of a smaller unit are whole or have few decimals, since the rates are whole.
  const short = simplest(value);
  let places = 0;
  let scaled = short.numerator;
  while (scaled % short.denominator !== 0n && places < 20) {
    places++;
    scaled *= 10n;
  }
  const digits = String(scaled / short.denominator).padStart(places + 1, "0");
  const kept = digits.slice(digits.length - places, digits.length);
  return {
    kind: "decimal",
    negative: false,
    whole: digits.slice(0, digits.length - places),
    fraction: places === 0 ? "" : kept,
    point: places > 0,
  };
};

const written = (count: Decimal, unit: UnitId, house: HouseRules): string =>
  writeMeasure(
    { kind: "measure", negative: false, parts: [{ count, unit }] },
    { ...house, grouping: "none" },
  );

/** A measure in the smallest of some units: each unit times its rate, and what there is of the next added. */
export function intoSmallest<Inner>(
  measure: Measure,
  units: OneOrMore<UnitId>,
  { house, decisions, pad }: WorkRules<RateDecisions> & OnPad<MeasurePad<Inner>>,
): Decimal {
  const countOf = (unit: UnitId): Decimal =>
    measure.parts.find((one) => one.unit === unit)?.count ?? wholeNumeral(0n);
  const [first, ...rest] = units;
  let here = plain(countOf(first));
  let unit = first;
  for (const smaller of rest) {
    const had = plain(countOf(smaller));
    const [before, larger] = [here, unit];
    if (!isZero(before)) {
      const per = decisions.rate(larger, smaller);
      const value = asFraction(before);
      const makes = fromFraction(fraction(value.numerator * per, value.denominator));
      const [a, b] = [asFraction(makes), asFraction(had)];
      const total = fromFraction(
        fraction(a.numerator * b.denominator + b.numerator * a.denominator, a.denominator * b.denominator),
      );
      const why: MeasureWhy = {
        kind: "intoSmaller",
        unit: larger,
        count: before,
        smaller,
        rate: per,
        makes,
        had,
        total,
      };
      const times = signOf("multiply", house);
      const sum = isZero(had) ? "" : `+${written(had, smaller, house)} = ${written(total, smaller, house)}`;
      pad.line("work", why, () => [
        padText(
          `${written(before, larger, house)} = ${numeralText(before, house)}${times}${per} ${unitOf(smaller).symbol} = ${written(makes, smaller, house)}${sum === "" ? "" : ` ${sum}`}`,
        ),
      ]);
      here = total;
    } else {
      here = had;
    }
    unit = smaller;
  }
  return here;
}

const numeralText = ({ whole, fraction: decimals, point }: Decimal, house: HouseRules): string =>
  whole + (point ? (house.decimalMark === "point" ? "." : ",") : "") + decimals;

/** A count of the smallest unit in larger ones: as many as go in, and what is left in the next. The largest takes a decimal where it is wanted alone. */
export function backInUnits<Inner>(
  count: Decimal,
  units: OneOrMore<UnitId>,
  smallest: UnitId,
  { house, decisions, pad, solve }: WorkContext<RateDecisions, Inner> & OnPad<MeasurePad<Inner>>,
): Answer {
  const last = lastOf(units);
  if (last !== smallest) return inLargerOnly(count, units, smallest, { house, pad, solve });
  const counts = new Map<UnitId, Decimal>([[smallest, count]]);
  for (let index = units.length - 1; index > 0; index--) {
    const [unit = last, larger = last] = [units[index], units[index - 1]];
    const there = counts.get(unit) ?? wholeNumeral(0n);
    const per = decisions.rate(larger, unit);
    const value = asFraction(there);
    const whole = value.numerator / (value.denominator * per);
    if (whole === 0n) break;
    const rest = fromFraction(fraction(value.numerator - whole * per * value.denominator, value.denominator));
    pad.line("answer", { kind: "intoLarger", unit, count: there, larger, rate: per, whole, rest }, () => [
      padText(
        `${written(there, unit, house)} = ${whole}${signOf("multiply", house)}${per} ${unitOf(unit).symbol}${isZero(rest) ? "" : ` + ${written(rest, unit, house)}`} = ${written(wholeNumeral(whole), larger, house)}${isZero(rest) ? "" : ` ${written(rest, unit, house)}`}`,
      ),
    ]);
    counts.set(unit, rest);
    counts.set(larger, wholeNumeral(whole));
  }
  return measureOf(
    units,
    units.map((unit) => counts.get(unit) ?? 0n),
  );
}

/** A count in units that are all larger: as a decimal of the smallest of them, by a division of its own. */
function inLargerOnly<Inner>(
  count: Decimal,
  units: OneOrMore<UnitId>,
  smallest: UnitId,
  { house, pad, solve }: InHouse & Solving<Inner> & OnPad<MeasurePad<Inner>>,
): Answer {
  const last = lastOf(units);
  const measure = measureOf([smallest], [count]);
  const value = simplest(measureInUnit(measure, last));
  const per = rate(last, smallest);
  const asked: DecimalProblem = {
    kind: "decimals",
    op: "divide",
    operands: [count, wholeNumeral(per)],
    form: endsAsDecimal(value) ? { kind: "exactly" } : { kind: "withRemainder" },
  };
  pad.mark("answer", { kind: "decimalOfUnit", measure, unit: last, problem: asked });
  const working = solve(asked, { ...house, trailingZeros: "dropped" });
  pad.aside(working, "answer");
  const { answer } = working;
  if (answer.kind === "decimal") {
    return units.length === 1
      ? measureOf([last], [answer])
      : backInUnits(answer, units, last, { house, decisions: SOUND_RATES, pad, solve });
  }
  if (answer.kind !== "remainder") throw new Error(`inLargerOnly: ${answer.kind} is no quotient`);
  // What does not come out even stays in the smaller unit.
  const whole = backInUnits(answer.quotient, units, last, { house, decisions: SOUND_RATES, pad, solve });
  if (whole.kind !== "measure") throw new Error(`inLargerOnly: ${whole.kind} is no measure`);
  const rest = { unit: smallest, count: answer.remainder };
  const [first = rest, ...more] = whole.parts.filter(({ count: many }) => !isZero(many));
  return { ...whole, parts: first === rest ? [rest] : [first, ...more, rest] };
}

export function finishBackAndForth<Inner>(
  answer: Answer,
  { house, pad }: InHouse & OnPad<MeasurePad<Inner>>,
): MethodResult<MeasureWhy | Inner> {
  pad.line("answer", { kind: "nameAnswer", answer }, () => [
    padText(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
  ]);
  return { answer, onPaper: pad.onPaper };
}

/** The units the answer is to be in: those it is wanted in, else all that were used. */
export const unitsOfAnswer = ({ form }: MeasureProblem, used: OneOrMore<UnitId>): OneOrMore<UnitId> =>
  form.kind === "inUnits" ? form.units : used;
