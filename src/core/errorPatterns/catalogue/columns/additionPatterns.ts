import { type ColumnRow, columnAddition } from "../../../methods";
import { type Decimal, withoutLeadingZeros } from "../../../number";
import { AS_IT_COMES, type DecimalProblem, MOST_OPERANDS, type Problem } from "../../../problem";
import { isTwoOrMore, mapTwoOrMore, type TwoOrMore } from "../../../tuples";
import { overrideIn } from "../../contract/decisionOverride";
import type { PatternsOf, Split } from "../../contract/errorPattern";
import { mostPlaces, pointBetween, wholeOfDigits } from "../../contract/parts";
import { countedFromLongest, leftFlush, rightFlush } from "../../procedures/flush";
import { addFromLargest } from "../../procedures/fromLargest";

const inColumns = overrideIn(columnAddition);

/** Wholes by themselves, and what stands after the points by itself, as whole numbers. */
function inHalves(problem: Problem): Split | undefined {
  if (problem.kind !== "decimals" || problem.op !== "add") return undefined;
  const ends = problem.operands.flatMap(({ fraction }) => (fraction === "" ? [] : [wholeOfDigits(fraction)]));
  if (!isTwoOrMore(ends)) return undefined;
  const wholes = mapTwoOrMore(problem.operands, ({ whole }) => wholeOfDigits(whole));
  const sum = (operands: TwoOrMore<Decimal>): DecimalProblem => ({
    kind: "decimals",
    op: "add",
    operands,
    form: AS_IT_COMES,
  });
  return { parts: [sum(wholes), sum(ends)], joins: pointBetween };
}

/** All digits of whole numbers added as ones; none where there is one digit each. */
function allDigits(problem: Problem): Split | undefined {
  if (problem.kind !== "decimals" || problem.op !== "add") return undefined;
  if (problem.operands.some(({ fraction }) => fraction !== "")) return undefined;
  const digits = problem.operands.map(({ whole }) => withoutLeadingZeros(whole));
  const ones = [...digits.join("")].map(wholeOfDigits);
  if (digits.every(({ length }) => length === 1) || !isTwoOrMore(ones)) return undefined;
  if (ones.length > MOST_OPERANDS.add) return undefined;
  return {
    inTurn: true,
    parts: [{ kind: "decimals", op: "add", operands: ones, form: AS_IT_COMES }],
    joins: ([sum]) => sum,
  };
}

/** A number of one digit counted in every column of the other. */
function loneDigitEverywhere(rows: readonly ColumnRow[]): readonly ColumnRow[] {
  const [first, second, more] = rows;
  if (first === undefined || second === undefined || more !== undefined) return rows;
  const standing = (row: ColumnRow): readonly number[] => row.filter((count) => count !== undefined);
  const over = (lone: ColumnRow, other: ColumnRow): ColumnRow =>
    other.map((count) => (count === undefined ? undefined : standing(lone)[0]));
  if (standing(first).length === 1 && standing(second).length > 1) return [over(first, second), second];
  if (standing(second).length === 1 && standing(first).length > 1) return [first, over(second, first)];
  return rows;
}

/** A column of two in which a zero stands, counted as nothing. */
const zeroTakesAll = (rows: readonly ColumnRow[]): readonly ColumnRow[] =>
  rows.length !== 2
    ? rows
    : rows.map((row) =>
        row.map((count, column) =>
          count !== undefined && rows.some((other) => other[column] === 0) ? 0 : count,
        ),
      );

export const ADDITION_PATTERNS: PatternsOf = [
  {
    id: "add-right-flush",
    example: ["0.52 + 3.4", "0.86"],
    frequency: 3,
    lookAlikes: ["add-whole-on-end"],
    decides: inColumns({
      lineUp: rightFlush,
    }),
  },
  {
    id: "add-left-flush",
    example: ["12.5 + 3.4", "46.5"],
    frequency: 1,
    lookAlikes: [],
    decides: inColumns({
      lineUp: leftFlush,
      pointLine: countedFromLongest,
    }),
  },
  {
    id: "add-two-halves",
    example: ["4.8 + 2.15", "6.23"],
    frequency: 3,
    lookAlikes: ["money-tenths-as-cents"],
    methods: [columnAddition.id],
    splits: inHalves,
  },
  {
    id: "add-whole-on-end",
    example: ["3.45 + 1.2 + 6", "4.71"],
    frequency: 2,
    lookAlikes: ["add-right-flush"],
    decides: inColumns({
      lineUp: (numeral, all) => (numeral.point ? 0 : 0 - mostPlaces(all)),
    }),
  },
  {
    id: "add-no-carry",
    example: ["386 + 247", "523"],
    frequency: 3,
    lookAlikes: ["add-overhang-carry-lost", "add-point-wall", "add-top-carry-lost"],
    decides: inColumns({
      writes: (total, { last }) => (last ? total : total % 10),
      carries: () => 0,
    }),
  },
  {
    id: "add-double-digit",
    example: ["2.67 + 1.58", "3.1115"],
    frequency: 2,
    lookAlikes: ["add-left-to-right"],
    decides: inColumns({
      writes: (total) => total,
      carries: () => 0,
    }),
  },
  {
    id: "add-carry-swapped",
    example: ["47 + 38", "121"],
    frequency: 2,
    lookAlikes: [],
    decides: inColumns({
      writes: (total, { last }) => (last || total < 10 ? total : Math.floor(total / 10)),
      carries: (total, { last }) => (last || total < 10 ? 0 : total % 10),
    }),
  },
  {
    id: "add-carry-only-one",
    example: ["38 + 47 + 29", "104"],
    frequency: 1,
    lookAlikes: [],
    decides: inColumns({
      writes: (total, { last }) => (last ? total : total % 10),
      carries: (total, { last }) => (last || total < 10 ? 0 : 1),
    }),
  },
  {
    id: "add-overhang-carry-lost",
    example: ["357 + 68", "325"],
    frequency: 1,
    lookAlikes: ["add-no-carry"],
    rules: { emptyPlaces: "gaps" },
    decides: inColumns({
      writes: (total, { parts, rate }) => (parts.length === 1 ? (parts[0] ?? 0) : total % rate),
      carries: (total, { parts, rate }) => (parts.length === 1 ? 0 : Math.floor(total / rate)),
    }),
  },
  {
    id: "add-one-digit-everywhere",
    example: ["5.2 + 4", "9.6"],
    frequency: 2,
    lookAlikes: [],
    rules: { emptyPlaces: "gaps" },
    decides: inColumns({ counts: loneDigitEverywhere }),
  },
  {
    id: "add-left-to-right",
    example: ["285 + 63", "249"],
    frequency: 2,
    lookAlikes: ["add-double-digit"],
    decides: inColumns({
      adds: addFromLargest,
      carriesTo: "nextSmaller",
    }),
  },
  {
    id: "add-point-wall",
    example: ["6.84 + 5.73", "11.57"],
    frequency: 1,
    lookAlikes: ["add-no-carry"],
    decides: inColumns({
      carries: (total, { beforePoint, rate }) => (beforePoint ? 0 : Math.floor(total / rate)),
    }),
  },
  {
    id: "add-top-carry-lost",
    example: ["96 + 47", "43"],
    frequency: 2,
    lookAlikes: ["add-no-carry"],
    decides: inColumns({
      writes: (total, { rate }) => total % rate,
      carries: (total, { last, rate }) => (last ? 0 : Math.floor(total / rate)),
    }),
  },
  {
    id: "add-all-digits",
    example: ["23 + 45", "14"],
    frequency: 1,
    lookAlikes: [],
    splits: allDigits,
  },
  {
    id: "add-writes-and-carries",
    example: ["47 + 36", "813"],
    frequency: 2,
    lookAlikes: [],
    decides: inColumns({ writes: (total) => total }),
  },
  {
    id: "add-zero-takes-all",
    example: ["304 + 152", "406"],
    frequency: 1,
    lookAlikes: [],
    rules: { emptyPlaces: "gaps" },
    decides: inColumns({ counts: zeroTakesAll }),
  },
];
