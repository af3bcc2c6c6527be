import type { HouseRules } from "../../house";
import {
  asFraction,
  type Decimal,
  type Fraction,
  fraction,
  isZero,
  simplest,
  unsigned,
  wholeNumeral,
  withoutTrailingZeros,
} from "../../number";
import {
  type Answer,
  AS_IT_COMES,
  type DecimalProblem,
  type MeasureProblem,
  signOf,
  writeAnswer,
  writeProblem,
} from "../../problem";
import { type Measure, type UnitId, unitOf, writeMeasure } from "../../quantity";
import type { Method, MethodId, WorkingBy, WorkPart } from "../method";
import { newPad, type Pad, PLAIN_LAYOUT, text } from "../pad";
import { type MeasureWhy, measureOf, rate, unitsUsed, worthIn } from "./unitSetting";

/** The decisions on the way to the smallest unit and back. */
export interface RateHabits {
  /** How many of the smaller unit one of the larger is taken for. */
  rate(larger: UnitId, smaller: UnitId): bigint;
}

export const SOUND_RATES: RateHabits = { rate };

/** Everything in the smallest unit, reckoned as one number, and back. */
export const smallestUnit: Method<MeasureWhy, MeasureProblem> = {
  id: "smallest-unit",
  refuses: ({ op }) =>
    op === "rewrite"
      ? { kind: "otherOperation", worksOn: ["add", "subtract", "multiply", "divide"] }
      : undefined,
  work: (problem, house, part) => workSmallestUnit(problem, house, SOUND_RATES, part),
};

/** One measure written in other units. */
export const changingUnits: Method<MeasureWhy, MeasureProblem> = {
  id: "changing-units",
  refuses: ({ op }) => (op === "rewrite" ? undefined : { kind: "otherOperation", worksOn: ["rewrite"] }),
  work: (problem, house, part) => workChangingUnits(problem, house, SOUND_RATES, part),
};

type MeasurePad<Inner> = Pad<MeasureWhy | Inner>;

const line = (problem: MeasureProblem, house: HouseRules): string =>
  writeProblem({ ...problem, wanted: AS_IT_COMES }, { ...house, grouping: "none" });

/** A pad with the problem on its first line. */
export function startMeasures<Inner>(problem: MeasureProblem, house: HouseRules): MeasurePad<Inner> {
  const pad = newPad<MeasureWhy | Inner>();
  pad.line("setOut", { kind: "writeMeasures", problem }, [text(line(problem, house))]);
  return pad;
}

/** The smallest unit with any habits about rates; only sound ones are sure to reach the right answer. */
export function workSmallestUnit<Inner>(
  problem: MeasureProblem,
  house: HouseRules,
  habits: RateHabits,
  part: WorkPart<Inner>,
): WorkingBy<MeasureWhy | Inner> {
  const units = unitsUsed(problem);
  const smallest = units.at(-1) ?? "m";
  const pad = startMeasures<Inner>(problem, house);
  const operands = problem.operands.map((operand) =>
    operand.kind === "decimal" ? operand : intoSmallest(pad, operand, units, house, habits),
  );
  const measures = problem.operands.filter((operand) => operand.kind === "measure").length;
  const op = problem.op === "rewrite" ? "add" : problem.op;
  if (op === "divide")
    return workQuotient(problem, operands, measures === 2, units, house, habits, pad, part);
  const asked: DecimalProblem = { kind: "decimals", op, operands, wanted: AS_IT_COMES };
  pad.mark("work", { kind: "oneUnitProblem", unit: smallest, problem: asked, numberOnly: false }, []);
  const working = part(asked, { ...house, trailingZeros: "dropped" });
  pad.aside(working);
  const { answer } = working;
  if (answer.kind !== "decimal") throw new Error(`workSmallestUnit: ${answer.kind} is no count`);
  const result = backInUnits(
    pad,
    unsigned(answer),
    unitsWanted(problem, units),
    smallest,
    house,
    habits,
    part,
  );
  const signed: Answer = result.kind === "measure" ? { ...result, negative: answer.negative } : result;
  if (answer.negative && signed.kind === "measure")
    pad.mark("answer", { kind: "signMeasure", answer: signed }, []);
  return ended(problem, "smallest-unit", house, pad, signed);
}

/** The units the answer is to be in: those it is wanted in, else all that were used. */
const unitsWanted = ({ wanted }: MeasureProblem, used: readonly UnitId[]): readonly UnitId[] =>
  wanted.kind === "inUnits" ? wanted.units : used;

/** A count of the smallest unit as a whole number, and what is left over. */
function workQuotient<Inner>(
  problem: MeasureProblem,
  operands: readonly Decimal[],
  byMeasure: boolean,
  units: readonly UnitId[],
  house: HouseRules,
  habits: RateHabits,
  pad: MeasurePad<Inner>,
  part: WorkPart<Inner>,
): WorkingBy<MeasureWhy | Inner> {
  const smallest = units.at(-1) ?? "m";
  // Decimals of the smallest unit are made whole, both alike; what is left over is in it again.
  const exact = simplest(quotientOf(operands));
  const ends = (10n ** 6n * exact.numerator) % exact.denominator === 0n;
  const whole = operands.every((operand) => withoutTrailingZeros(operand).fraction === "");
  const wanted: DecimalProblem["wanted"] =
    exact.denominator === 1n || (ends && !byMeasure && !whole)
      ? { kind: "exactly" }
      : { kind: "withRemainder" };
  const asked: DecimalProblem = {
    kind: "decimals",
    op: "divide",
    operands: operands.map(withoutTrailingZeros),
    wanted,
  };
  pad.mark("work", { kind: "oneUnitProblem", unit: smallest, problem: asked, numberOnly: byMeasure }, []);
  const working = part(asked, { ...house, trailingZeros: "dropped" });
  pad.aside(working);
  const { answer } = working;
  const method = "smallest-unit";
  if (answer.kind === "decimal") {
    if (byMeasure) return ended(problem, method, house, pad, answer);
    return ended(
      problem,
      method,
      house,
      pad,
      backInUnits(pad, answer, unitsWanted(problem, units), smallest, house, habits, part),
    );
  }
  if (answer.kind !== "remainder")
    throw new Error(`workQuotient: ${answer.kind} is no quotient with a remainder`);
  const left: Measure = measureOf([smallest], [answer.remainder]);
  if (byMeasure)
    return ended(problem, method, house, pad, { kind: "timesLeft", times: answer.quotient, left });
  const wantedUnits = unitsWanted(problem, units);
  const lastWanted = wantedUnits.at(-1);
  if (problem.wanted.kind === "inUnits" && lastWanted !== undefined && rateOrOne(lastWanted, smallest) > 1n) {
    // The answer is wanted in larger units than the rest is in: it stays a quotient with its rest.
    const each = measureOf([smallest], [answer.quotient]);
    return ended(problem, method, house, pad, { kind: "measureLeft", each, left });
  }
  const each = backInUnits(pad, answer.quotient, wantedUnits, smallest, house, habits, part);
  if (each.kind !== "measure") throw new Error("workQuotient: a measure is needed");
  return ended(problem, method, house, pad, { kind: "measureLeft", each, left });
}

const rateOrOne = (larger: UnitId, smaller: UnitId): bigint =>
  larger === smaller ? 1n : rate(larger, smaller);

function quotientOf([dividend, divisor]: readonly Decimal[]): Fraction {
  if (dividend === undefined || divisor === undefined) throw new Error("quotientOf: two numbers are needed");
  const [a, b] = [asFraction(dividend), asFraction(divisor)];
  return fraction(a.numerator * b.denominator, a.denominator * b.numerator);
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
function intoSmallest<Inner>(
  pad: MeasurePad<Inner>,
  measure: Measure,
  units: readonly UnitId[],
  house: HouseRules,
  habits: RateHabits,
): Decimal {
  const countOf = (unit: UnitId): Decimal =>
    measure.parts.find((one) => one.unit === unit)?.count ?? wholeNumeral(0n);
  const [first, ...rest] = units;
  if (first === undefined) throw new Error("intoSmallest: a unit is needed");
  let here = plain(countOf(first));
  let unit = first;
  for (const smaller of rest) {
    const had = plain(countOf(smaller));
    if (!isZero(here)) {
      const per = habits.rate(unit, smaller);
      const value = asFraction(here);
      const makes = fromFraction(fraction(value.numerator * per, value.denominator));
      const [a, b] = [asFraction(makes), asFraction(had)];
      const total = fromFraction(
        fraction(a.numerator * b.denominator + b.numerator * a.denominator, a.denominator * b.denominator),
      );
      const why: MeasureWhy = {
        kind: "intoSmaller",
        unit,
        count: here,
        smaller,
        rate: per,
        makes,
        had,
        total,
      };
      const times = signOf("multiply", house);
      const sum = isZero(had) ? "" : `+${written(had, smaller, house)} = ${written(total, smaller, house)}`;
      pad.line("work", why, [
        text(
          `${written(here, unit, house)} = ${numeralText(here, house)}${times}${per} ${unitOf(smaller).symbol} = ${written(makes, smaller, house)}${sum === "" ? "" : ` ${sum}`}`,
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
function backInUnits<Inner>(
  pad: MeasurePad<Inner>,
  count: Decimal,
  units: readonly UnitId[],
  smallest: UnitId,
  house: HouseRules,
  habits: RateHabits,
  part: WorkPart<Inner>,
): Answer {
  const last = units.at(-1);
  if (last === undefined) throw new Error("backInUnits: a unit is needed");
  if (last !== smallest) return inLargerOnly(pad, count, units, smallest, house, part);
  const counts = new Map<UnitId, Decimal>([[smallest, count]]);
  for (let index = units.length - 1; index > 0; index--) {
    const [unit = last, larger = last] = [units[index], units[index - 1]];
    const there = counts.get(unit) ?? wholeNumeral(0n);
    const per = habits.rate(larger, unit);
    const value = asFraction(there);
    const whole = value.numerator / (value.denominator * per);
    if (whole === 0n) break;
    const rest = fromFraction(fraction(value.numerator - whole * per * value.denominator, value.denominator));
    pad.line("answer", { kind: "intoLarger", unit, count: there, larger, rate: per, whole, rest }, [
      text(
        `${written(there, unit, house)} = ${written(wholeNumeral(whole), larger, house)}${isZero(rest) ? "" : ` ${written(rest, unit, house)}`}`,
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
  pad: MeasurePad<Inner>,
  count: Decimal,
  units: readonly UnitId[],
  smallest: UnitId,
  house: HouseRules,
  part: WorkPart<Inner>,
): Answer {
  const last = units.at(-1) ?? smallest;
  const measure = measureOf([smallest], [count]);
  const value = simplest(worthIn(measure, last));
  const ends = (10n ** 9n * value.numerator) % value.denominator === 0n;
  const per = rate(last, smallest);
  const asked: DecimalProblem = {
    kind: "decimals",
    op: "divide",
    operands: [count, wholeNumeral(per)],
    wanted: ends ? { kind: "exactly" } : { kind: "withRemainder" },
  };
  pad.mark("answer", { kind: "decimalOfUnit", measure, unit: last, problem: asked }, []);
  const working = part(asked, { ...house, trailingZeros: "dropped" });
  pad.aside(working, "answer");
  const { answer } = working;
  if (answer.kind === "decimal") {
    const larger = units.slice(0, -1);
    return larger.length === 0
      ? measureOf([last], [answer])
      : backInUnits(pad, answer, units, last, house, SOUND_RATES, part);
  }
  if (answer.kind !== "remainder") throw new Error(`inLargerOnly: ${answer.kind} is no quotient`);
  // What does not come out even stays in the smaller unit.
  const whole = backInUnits(pad, answer.quotient, units, last, house, SOUND_RATES, part);
  if (whole.kind !== "measure") throw new Error("inLargerOnly: a measure is needed");
  const parts = whole.parts.filter(({ count: many }) => !isZero(many));
  return { ...whole, parts: [...parts, { unit: smallest, count: answer.remainder }] };
}

/** Another form of one measure, with any habits about rates. */
export function workChangingUnits<Inner>(
  problem: MeasureProblem,
  house: HouseRules,
  habits: RateHabits,
  part: WorkPart<Inner>,
): WorkingBy<MeasureWhy | Inner> {
  const [measure] = problem.operands;
  if (measure?.kind !== "measure") throw new Error("workChangingUnits: a measure is needed");
  const units = unitsUsed(problem);
  const smallest = units.at(-1) ?? "m";
  const pad = startMeasures<Inner>(problem, house);
  const count = intoSmallest(pad, measure, units, house, habits);
  const answer = backInUnits(pad, count, unitsWanted(problem, units), smallest, house, habits, part);
  return ended(problem, "changing-units", house, pad, answer);
}

function ended<Inner>(
  problem: MeasureProblem,
  method: MethodId,
  house: HouseRules,
  pad: MeasurePad<Inner>,
  answer: Answer,
): WorkingBy<MeasureWhy | Inner> {
  pad.line("answer", { kind: "nameAnswer", answer }, [
    text(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
  ]);
  return { problem, method, house, layout: PLAIN_LAYOUT, steps: pad.steps, answer };
}
