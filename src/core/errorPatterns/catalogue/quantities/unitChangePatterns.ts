import {
  countedIn,
  type Decimal,
  endsAsDecimal,
  fraction,
  fromCount,
  withoutTrailingZeros,
} from "../../../number";
import { type Answer, type Problem, withOperands } from "../../../problem";
import { isMetric, type Measure, rateBetween, type UnitId, unitOf } from "../../../quantity";
import { isOneOrMore } from "../../../tuples";
import type { PatternsOf, Split } from "../../contract/errorPattern";
import { decimalProblem, wholeOfDigits } from "../../contract/parts";

/** A change between two units: how much of each there is, how many small ones make a large one, and what is wanted. */
interface UnitChange {
  readonly large: UnitId;
  readonly small: UnitId;
  readonly rate: bigint;
  readonly given: Measure;
  readonly ofLarge: Decimal;
  readonly ofSmall: Decimal;
  readonly wants: readonly UnitId[];
}

const NOTHING: Decimal = wholeOfDigits("0");

/** The two units between which a measure is changed; none where there are others, or only one. */
function unitChange(problem: Problem): UnitChange | undefined {
  if (problem.kind !== "measures" || problem.op !== "rewrite" || problem.form.kind !== "inUnits")
    return undefined;
  const [given] = problem.operands;
  const wants = problem.form.units;
  const units = [...new Set([...given.parts.map(({ unit }) => unit), ...wants])].sort((a, b) =>
    Number(unitOf(b).size - unitOf(a).size),
  );
  const [large, small, more] = units;
  if (large === undefined || small === undefined || more !== undefined) return undefined;
  const rate = rateBetween(large, small);
  if (rate === undefined) return undefined;
  const of = (unit: UnitId): Decimal => given.parts.find((part) => part.unit === unit)?.count ?? NOTHING;
  return { large, small, rate, given, ofLarge: of(large), ofSmall: of(small), wants };
}

const measureOf = (given: Measure, counts: readonly (readonly [UnitId, Decimal])[]): Measure | undefined => {
  const parts = counts
    .filter(([, count]) => /[1-9]/.test(count.whole + count.fraction))
    .map(([unit, count]) => ({ unit, count }));
  return isOneOrMore(parts) ? { ...given, parts } : undefined;
};

/** What a change comes to at another rate; none where that never ends. */
function changedAt(change: UnitChange, rate: bigint): Measure | undefined {
  const { large, small, given, ofLarge, ofSmall, wants } = change;
  const places = Math.max(ofLarge.fraction.length, ofSmall.fraction.length);
  const total = countedIn(ofLarge, places) * rate + countedIn(ofSmall, places);
  const scaled = rate * 10n ** BigInt(places);
  if (wants.length === 2)
    return measureOf(given, [
      [large, fromCount(total / scaled, 0)],
      [small, withoutTrailingZeros(fromCount(total % scaled, places))],
    ]);
  if (wants[0] === small) return measureOf(given, [[small, withoutTrailingZeros(fromCount(total, places))]]);
  if (!endsAsDecimal(fraction(total, scaled))) return undefined;
  const digits = 9;
  return measureOf(given, [
    [large, withoutTrailingZeros(fromCount((total * 10n ** BigInt(digits)) / scaled, digits))],
  ]);
}

/** The part of a change that is worked with the rate: what is multiplied by it, or divided. */
function workedAt({ ofLarge, ofSmall, wants, large }: UnitChange, rate: bigint): Split["parts"] {
  const by = wholeOfDigits(String(rate));
  if (wants.length === 2 && /[1-9]/.test(ofLarge.fraction))
    return [decimalProblem("multiply", [{ ...ofLarge, whole: "0" }, by])];
  return wants.includes(large)
    ? [
        decimalProblem(
          "divide",
          [ofSmall, by],
          wants.length === 2 ? { kind: "withRemainder" } : { kind: "exactly" },
        ),
      ]
    : [decimalProblem("multiply", [ofLarge, by])];
}

/** A change of units worked at another rate than is right; none where the rate is right, or the numbers do not come out. */
export const changedBy =
  (rate: (per: number) => number) =>
  (problem: Problem): Split | undefined => {
    const change = unitChange(problem);
    if (change === undefined) return undefined;
    const other = BigInt(rate(Number(change.rate)));
    const answer = other === change.rate ? undefined : changedAt(change, other);
    return answer === undefined
      ? undefined
      : { inTurn: true, parts: workedAt(change, other), joins: () => answer };
  };

/** The right rate used the wrong way, of one unit into one. */
function wrongWay(problem: Problem): Split | undefined {
  const change = unitChange(problem);
  if (change === undefined || change.wants.length !== 1 || change.given.parts.length !== 1) return undefined;
  const { large, rate, given, wants } = change;
  const [{ count }] = given.parts;
  const [unit] = wants;
  const by = wholeOfDigits(String(rate));
  const larger = unit === large;
  const ends = endsAsDecimal(
    fraction(countedIn(count, count.fraction.length), rate * 10n ** BigInt(count.fraction.length)),
  );
  if (unit === undefined || (!larger && !ends)) return undefined;
  return {
    inTurn: true,
    parts: [
      decimalProblem(larger ? "multiply" : "divide", [count, by], larger ? undefined : { kind: "exactly" }),
    ],
    joins: ([made]) =>
      made?.kind === "decimal" ? measureOf(given, [[unit, withoutTrailingZeros(made)]]) : undefined,
  };
}

/** What stands after the point read as so many of the smaller unit. */
function endAsCount(problem: Problem): Problem | undefined {
  const change = unitChange(problem);
  if (change === undefined || isMetric(unitOf(change.large).scale)) return undefined;
  const { large, small, given, ofLarge, wants } = change;
  if (given.parts.length !== 1 || !/[1-9]/.test(ofLarge.fraction) || !wants.includes(small)) return undefined;
  const read = measureOf(given, [
    [large, wholeOfDigits(ofLarge.whole)],
    [small, wholeOfDigits(String(BigInt(ofLarge.fraction)))],
  ]);
  return read === undefined ? undefined : withOperands(problem, [read]);
}

/** A result in two units written as one, with a point between the counts. */
function countsJoined(answer: Answer, problem: Problem): Answer | undefined {
  if (problem.kind !== "measures" || answer.kind !== "measure") return undefined;
  const change = unitChange(problem);
  const inTwo =
    change === undefined
      ? answer
      : change.wants.length === 1 && change.wants[0] === change.large
        ? changedAt({ ...change, wants: [change.large, change.small] }, change.rate)
        : undefined;
  const [first, second, more] = inTwo?.parts ?? [];
  if (inTwo === undefined || first === undefined || second === undefined || more !== undefined)
    return undefined;
  if (isMetric(unitOf(first.unit).scale) || first.count.fraction !== "" || second.count.fraction !== "")
    return undefined;
  const count: Decimal = { ...first.count, fraction: second.count.whole, point: true };
  return { ...inTwo, parts: [{ unit: first.unit, count }] };
}

/** Errors in changing from unit to unit. */
export const UNIT_CHANGE_PATTERNS: PatternsOf = [
  {
    id: "unit-point-joins-units",
    example: ["3.5 ft in in", "41 in"],
    frequency: 3,
    lookAlikes: ["unit-tens-everywhere", "unit-hundreds-everywhere"],
    reads: endAsCount,
    writes: countsJoined,
  },
  {
    id: "conv-wrong-way",
    example: ["48 in in ft", "576 ft"],
    frequency: 2,
    lookAlikes: [],
    splits: wrongWay,
  },
  {
    id: "conv-tens-in-metric",
    example: ["450 cm in m", "45 m"],
    frequency: 2,
    lookAlikes: [],
    splits: changedBy((per) => (per === 100 || per === 1000 ? 10 : per)),
  },
  {
    id: "conv-hundreds-in-metric",
    example: ["25 mm in cm", "0.25 cm"],
    frequency: 2,
    lookAlikes: [],
    splits: changedBy((per) => (per === 10 ? 100 : per)),
  },
];
