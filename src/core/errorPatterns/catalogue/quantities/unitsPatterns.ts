import { unitColumns } from "../../../methods";
import { asFraction, significantDigits } from "../../../number";
import { type Answer, type MeasureProblem, operandsOf, type Problem, withOperands } from "../../../problem";
import { type Measure, type Quantity, rateBetween } from "../../../quantity";
import { isOneOrMore, mapOneOrMore } from "../../../tuples";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternAct, PatternsOf, Split } from "../../contract/errorPattern";
import { decimalProblem, wholeIn, wholeOfDigits } from "../../contract/parts";
import { unpaid } from "../../procedures/exchanges";
import { changedBy } from "./unitChangePatterns";

const inUnits = overrideIn(unitColumns);
const IN_UNITS = { methods: [unitColumns.id], rules: { unitRegrouping: "asYouGo" } } as const;

/** A whole number of one unit made of too many or too few of the next, in columns and in changes of unit; a division must come out. */
const exchanges = (rate: (per: number) => number): Pick<PatternAct, "decides" | "splits"> => ({
  decides: inUnits({ rate }),
  splits: changedBy(rate),
});

/** An operation on compound measures. */
const isOf =
  (...ops: readonly MeasureProblem["op"][]) =>
  (problem: Problem): boolean =>
    problem.kind === "measures" && ops.includes(problem.op);

/** How many digits a count must have to hold its places, where it is one of tens, hundreds or thousands. */
function placesOf({ parts }: Measure, index: number): number {
  const [larger, smaller] = [parts[index - 1], parts[index]];
  const rate =
    larger === undefined || smaller === undefined ? undefined : rateBetween(larger.unit, smaller.unit);
  return rate === 1000n ? 3 : rate === 100n ? 2 : 0;
}

/** Counts joined to the larger unit without the zeros that hold places: 3 L 45 mL as 3.45 L. */
function withoutHolders(problem: Problem): Problem | undefined {
  if (problem.kind !== "measures") return undefined;
  let changed = false;
  const operands = operandsOf(problem).map((operand): Quantity => {
    if (operand.kind !== "measure") return operand;
    const parts = mapOneOrMore(operand.parts, (part, index) => {
      const places = placesOf(operand, index);
      const digits = significantDigits(part.count.whole);
      if (places === 0 || digits === "" || digits.length >= places || part.count.fraction !== "") return part;
      changed = true;
      return { ...part, count: wholeOfDigits(digits.padEnd(places, "0")) };
    });
    return { ...operand, parts };
  });
  return changed ? withOperands(problem, operands) : undefined;
}

/** Each unit divided by itself, and what is left over dropped. */
function unitByUnit(problem: Problem): Split | undefined {
  if (problem.kind !== "measures" || problem.op !== "divide") return undefined;
  const [measure, by] = problem.operands;
  if (by.kind !== "decimal" || by.fraction !== "") return undefined;
  const { parts } = measure;
  if (parts.length < 2 || parts.some(({ count }) => count.fraction !== "")) return undefined;
  return {
    parts: parts.map(({ count }) => decimalProblem("divide", [count, by], { kind: "withRemainder" })),
    joins: (answers): Answer | undefined => {
      const counts = answers.flatMap((answer) => wholeIn(answer) ?? []);
      if (counts.length < parts.length) return undefined;
      const shares = parts.map(({ unit }, index) => ({ unit, count: wholeOfDigits(counts[index] ?? "0") }));
      const kept = shares.filter(({ count }) => asFraction(count).numerator > 0n);
      return isOneOrMore(kept) ? { ...measure, parts: kept } : undefined;
    },
  };
}

const isMeasured = (problem: Problem): boolean => problem.kind === "measures";

export const UNITS_PATTERNS: PatternsOf = [
  {
    id: "unit-tens-everywhere",
    example: ["8 lb 3 oz − 2 lb 9 oz", "5 lb 4 oz"],
    frequency: 3,
    lookAlikes: ["unit-point-joins-units"],
    ...IN_UNITS,
    needs: isMeasured,
    ...exchanges((per) => (per === 12 || per === 16 || per === 3 || per === 7 ? 10 : per)),
  },
  {
    id: "unit-hundreds-everywhere",
    example: ["5 h 20 min − 2 h 45 min", "2 h 75 min"],
    frequency: 3,
    lookAlikes: ["unit-point-joins-units"],
    ...IN_UNITS,
    needs: isMeasured,
    ...exchanges((per) => (per === 60 || per === 1000 ? 100 : per)),
  },
  {
    id: "unit-twelves-everywhere",
    example: ["3 lb 9 oz + 2 lb 8 oz", "6 lb 5 oz"],
    frequency: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: isMeasured,
    ...exchanges((per) => (per === 16 || per === 3 ? 12 : per)),
  },
  {
    id: "unit-small-from-big",
    example: ["7 ft 3 in − 2 ft 8 in", "5 ft 5 in"],
    frequency: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: isOf("subtract"),
    decides: inUnits({ fallsShort: () => false, leaves: (top, bottom) => Math.abs(top - bottom) }),
  },
  {
    id: "unit-borrow-unpaid",
    example: ["9 lb 4 oz − 3 lb 7 oz", "6 lb 13 oz"],
    frequency: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: isOf("subtract"),
    decides: inUnits({ exchanges: unpaid }),
  },
  {
    id: "unit-carry-lost",
    example: ["3 ft 8 in + 2 ft 7 in", "5 ft 3 in"],
    frequency: 1,
    lookAlikes: ["unit-only-big-multiplied"],
    ...IN_UNITS,
    needs: isOf("add", "multiply"),
    decides: inUnits({ carries: () => 0 }),
  },
  {
    id: "unit-carry-only-one",
    example: ["5 × 2 ft 7 in", "11 ft 11 in"],
    frequency: 1,
    lookAlikes: [],
    ...IN_UNITS,
    needs: isOf("add", "multiply"),
    decides: inUnits({ carries: (total, { rate }) => (total >= rate ? 1 : 0) }),
  },
  {
    id: "unit-only-big-multiplied",
    example: ["3 × 2 ft 7 in", "6 ft 7 in"],
    frequency: 1,
    lookAlikes: ["unit-carry-lost"],
    ...IN_UNITS,
    needs: isOf("multiply"),
    decides: inUnits({ times: (factor, index) => (index === 0 ? factor : 1) }),
  },
  {
    id: "unit-remainder-dropped",
    example: ["7 ft 6 in ÷ 3", "2 ft 2 in"],
    frequency: 1,
    lookAlikes: [],
    splits: unitByUnit,
  },
  {
    id: "unit-place-not-held",
    example: ["3 L 45 mL + 980 mL", "4 L 430 mL"],
    frequency: 2,
    lookAlikes: [],
    reads: withoutHolders,
  },
];
