import { type ShiftDecisions, shift } from "../../../methods";
import { type Decimal, ONES, powerOfTen } from "../../../number";
import type { Answer, Problem } from "../../../problem";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternsOf } from "../../contract/errorPattern";
import { twoDecimals } from "../../contract/parts";

const byShift = overrideIn(shift);

/** The number that 10, 100, 1000, … moves, and its zeros; none where the problem is another one. */
function shifted(problem: Problem): { readonly numeral: Decimal; readonly zeros: number } | undefined {
  const [first, second] = twoDecimals(problem, "divide") ?? twoDecimals(problem, "multiply") ?? [];
  if (first === undefined || second === undefined) return undefined;
  const pairs =
    problem.op === "divide"
      ? [[first, second]]
      : [
          [first, second],
          [second, first],
        ];
  for (const [numeral, by] of pairs) {
    const power = by === undefined || by.fraction !== "" ? undefined : powerOfTen(by);
    if (numeral !== undefined && power !== undefined && power > ONES) return { numeral, zeros: power };
  }
  return undefined;
}

/** Whether something is multiplied or divided by one with so many zeros at least. */
const zerosFrom =
  (least: number) =>
  (problem: Problem): boolean =>
    (shifted(problem)?.zeros ?? 0) >= least;

const places = (rule: (sound: number) => number): ShiftDecisions => ({
  places: (op, power) => rule(op === "divide" ? -power : power),
});

/** As many zeros as the divisor has put in directly after the point. */
function zerosAfterPoint(_: Answer, problem: Problem): Answer | undefined {
  const moved = shifted(problem);
  if (moved === undefined || problem.op !== "divide" || moved.numeral.fraction === "") return undefined;
  const { numeral, zeros } = moved;
  return { ...numeral, fraction: "0".repeat(zeros) + numeral.fraction };
}

/** As many zeros as the divisor has struck, wherever they stand between the digits. */
function innerZerosStruck(_: Answer, problem: Problem): Answer | undefined {
  const moved = problem.op === "divide" ? shifted(problem) : undefined;
  if (moved === undefined) return undefined;
  const { numeral, zeros } = moved;
  const text = `${numeral.whole}.${numeral.fraction}`;
  const inner = new RegExp(`(?<=[1-9]\\.?0*)0{${zeros}}(?=0*\\.?0*[1-9])`);
  if (!inner.test(text)) return undefined;
  const [whole = "", fraction = ""] = text.replace(inner, "").split(".");
  return { ...numeral, whole, fraction, point: fraction !== "" };
}

/** Errors in multiplying and dividing by 10, 100, 1000, … */
export const SHIFT_PATTERNS: PatternsOf = [
  {
    id: "shift-one-short",
    example: ["45 ÷ 100", "4.5"],
    frequency: 2,
    lookAlikes: [
      "mul-zeros-short",
      "div-leading-zero-lost",
      "div-remainder-as-decimal",
      "div-points-ignored",
    ],
    needs: zerosFrom(2),
    decides: byShift(places((sound) => sound - Math.sign(sound))),
  },
  {
    id: "shift-one-over",
    example: ["45 ÷ 100", "0.045"],
    frequency: 2,
    lookAlikes: ["point-left-out", "mul-lattice-wrong-half"],
    needs: zerosFrom(1),
    decides: byShift(places((sound) => sound + Math.sign(sound))),
  },
  {
    id: "shift-wrong-way",
    example: ["0.48 × 100", "0.0048"],
    frequency: 3,
    lookAlikes: ["point-left-out", "div-points-ignored"],
    needs: zerosFrom(1),
    decides: byShift(places((sound) => 0 - sound)),
  },
  {
    id: "shift-zero-after-point",
    example: ["7.5 ÷ 10", "7.05"],
    frequency: 2,
    lookAlikes: [],
    methods: [shift.id],
    writes: zerosAfterPoint,
    atOnce: true,
  },
  {
    id: "shift-zero-struck",
    example: ["405 ÷ 10", "45"],
    frequency: 2,
    lookAlikes: [],
    methods: [shift.id],
    writes: innerZerosStruck,
    atOnce: true,
  },
];
