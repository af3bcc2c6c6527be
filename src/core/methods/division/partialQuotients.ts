import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import {
  bareDigits,
  type Decimal,
  digitAt,
  fromCount,
  highestPlace,
  lowestPlace,
  ONES,
  type Place,
  placesFrom,
  withoutTrailingZeros,
} from "../../number";
import type { Asks, DecimalProblem } from "../../problem";
import { type Method, otherOperation, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult, OnPaper } from "../contract/working";
import { divideByDigits, type Quotient, SOUND_QUOTIENTS } from "../procedures/quotientDigits";
import type { AnswerReason } from "../squares/answer";
import { partOf } from "../squares/placeParts";
import { layoutOf } from "../squares/settingOut";
import { digitCol, numeralMarks, textMarks } from "../squares/writtenNumber";
import { type DivisionEndReason, divisionEnd } from "./divisionEnd";
import { type DivisionPlan, planDivision, type ScalingDecisions, SOUND_SCALING } from "./divisionPlan";
import { type DivisionSettingReason, quotientNumeral, scaleStep } from "./divisionSetting";

/** An easy multiple of the divisor that is taken away: how many times it, what that is, and what it leaves. */
interface Chunk {
  readonly times: Decimal;
  readonly product: Decimal;
  readonly before: Decimal;
  readonly rest: Decimal;
}

type PartialQuotientsReason =
  | {
      readonly kind: "writeForChunks";
      readonly dividend: Decimal;
      readonly divisor: bigint;
      readonly chunks: HouseRules["chunks"];
    }
  | ({ readonly kind: "takeChunk"; readonly divisor: bigint } & Chunk)
  | {
      readonly kind: "chunkLeaves";
      readonly before: Decimal;
      readonly product: Decimal;
      readonly rest: Decimal;
    }
  /** All that was counted at the side, together. */
  | {
      readonly kind: "addChunks";
      readonly times: readonly Decimal[];
      readonly quotient: Decimal;
      readonly rest: Decimal;
      readonly divisor: bigint;
    };

type Why = DivisionSettingReason | PartialQuotientsReason | DivisionEndReason | AnswerReason;

/** The decisions of partial quotients: the scaling, and what is counted at the side for a chunk. */
export interface PartialQuotientsDecisions extends ScalingDecisions {
  counts(times: Decimal): Decimal;
}

const SOUND_CHUNKS: PartialQuotientsDecisions = { ...SOUND_SCALING, counts: (times) => times };

/** The parts of a digit as many times as that can be doubled up to, the largest first: 7 is 4 and 2 and 1. */
const doublesIn = (digit: number): readonly number[] => [8, 4, 2, 1].filter((one) => (digit & one) !== 0);

/** The chunks of a quotient, the largest first: a digit of it at once, or its doubles one by one. */
function chunksOf(
  quotient: Quotient,
  { newDividend, newDivisor }: DivisionPlan,
  house: HouseRules,
): readonly Chunk[] {
  const places = Math.max(newDividend.fraction.length, 0 - (quotient.digits.at(-1)?.place ?? ONES));
  let left = BigInt(newDividend.whole + newDividend.fraction.padEnd(places, "0"));
  const shown = (count: bigint): Decimal => withoutTrailingZeros(fromCount(count, places));
  return quotient.digits.flatMap(({ digit, place }) =>
    (house.chunks === "doubles" ? doublesIn(digit) : digit === 0 ? [] : [digit]).map((part): Chunk => {
      const product = BigInt(part) * newDivisor * 10n ** BigInt(places + place);
      const before = left;
      left -= product;
      return {
        times: withoutTrailingZeros(partOf(part, place)),
        product: shown(product),
        before: shown(before),
        rest: shown(left),
      };
    }),
  );
}

/** What was counted at the side, in as many places as the quotient was worked to, with what was left of the dividend's ones. */
function counted(times: readonly Decimal[], quotient: Quotient, goesOn: boolean): Quotient {
  const last = quotient.digits.at(-1);
  const places = Math.max(0, ...times.map(({ fraction }) => fraction.length));
  const lowest = goesOn ? Math.min(0 - places, last?.place ?? ONES) : 0 - places;
  const sum = times.reduce(
    (all, { whole, fraction }) => all + BigInt(whole + fraction.padEnd(places, "0")),
    0n,
  );
  const total = fromCount(sum, places);
  const digits = [...placesFrom(lowest, Math.max(ONES, highestPlace(total)))].reverse().map((place) => ({
    place,
    part: 0n,
    digit: digitAt(total, place) ?? 0,
    product: 0n,
    rest: last?.rest ?? 0n,
    appended: false,
  }));
  return { digits, repetendFrom: quotient.repetendFrom };
}

/** Easy multiples of the divisor taken away one after the other and counted at the side; the counts together are the quotient. */
export const partialQuotients: Method<"partial-quotients", Why, DecimalProblem, PartialQuotientsDecisions> = {
  id: "partial-quotients",
  sample: "852 ÷ 6",
  bench: {
    small: "<1.1> ÷ <1.0> to 2 places",
    usual: "<3.2> ÷ <2.0> to 2 places",
    largest: "<15.15> ÷ <2-11> to 15 places",
  },
  sound: SOUND_CHUNKS,
  takes: (problem) =>
    problem.op === "divide" ? taken(problem, workPartialQuotients) : otherOperation("divide"),
};

function workPartialQuotients(
  problem: Asks<DecimalProblem, "divide">,
  { house, decisions }: WorkRules<PartialQuotientsDecisions>,
): MethodResult<Why> {
  const plan = planDivision(problem, { house, decisions });
  const { newDividend, newDivisor } = plan;
  const quotient = divideByDigits(newDividend, newDivisor, plan.stop, SOUND_QUOTIENTS);
  const chunks = chunksOf(quotient, plan, house);
  const times = chunks.map((chunk) => decisions.counts(chunk.times));
  const goesOn = plan.ending.kind === "rounded" || plan.ending.kind === "tooLong";
  const whole = counted(times, quotient, goesOn || quotient.repetendFrom !== undefined);
  const full = quotientNumeral(whole);
  const side = sideOf(plan, chunks, full, house);
  const sumRow = 2 * Math.max(1, chunks.length);
  const rest = chunks.at(-1)?.rest ?? newDividend;
  const end = divisionEnd(
    plan,
    whole,
    {
      quotientRow: sumRow,
      quotientLine: side.line,
      frame: {
        kind: "frame",
        col: digitCol(side.line, highestPlace(full)),
        row: sumRow,
        width: full.whole.length + full.fraction.length,
        height: 1,
      },
    },
    sumRow + 2,
    problem,
    house,
    {
      kind: "chunksComeAgain",
      before: sameDigits(rest, [newDividend, ...chunks.map((chunk) => chunk.rest)]),
      rest,
    },
  );
  const onPaper = (): OnPaper<Why> => ({
    layout: { ...layoutOf(side), plumbs: [{ line: 0, from: plan.power > 0 ? -1 : "top" }] },
    steps: [
      ...(plan.power > 0 ? [scaleStep(plan, house, side.from)] : []),
      {
        stage: "setOut",
        reason: { kind: "writeForChunks", dividend: newDividend, divisor: newDivisor, chunks: house.chunks },
        draw: () => [...numeralMarks(newDividend, 0, 0), ...side.frame(sumRow + 1)],
        focus: [],
      },
      ...chunks.flatMap((chunk, index) =>
        chunkSteps(chunk, times[index] ?? chunk.times, newDivisor, index, side),
      ),
      {
        stage: "work",
        reason: { kind: "addChunks", times, quotient: full, rest, divisor: newDivisor },
        draw: () => [
          ...(times.length > 0
            ? [{ kind: "rule", row: sumRow, from: side.left, to: side.right, strokes: 1 } as const]
            : []),
          ...numeralMarks(full, side.line, sumRow),
        ],
        focus: [],
      },
      ...end.steps(),
    ],
  });
  return { answer: end.answer, onPaper };
}

/** The first of some numbers with the digits of another, wherever its point is. */
const sameDigits = (numeral: Decimal, among: readonly Decimal[]): Decimal => {
  const digits = ({ whole, fraction }: Decimal): string => bareDigits(whole + fraction);
  return among.find((one) => digits(one) === digits(numeral)) ?? numeral;
};

/** Where the counts stand: right of a stroke beside the work, under the divisor where the house writes that in a corner. */
interface Side {
  readonly places: readonly Place[];
  /** The first square of all that is written. */
  readonly from: number;
  /** The grid lines between which the counts stand, and that of their points. */
  readonly left: number;
  readonly right: number;
  readonly line: number;
  frame(to: number): readonly Mark[];
}

function sideOf(plan: DivisionPlan, chunks: readonly Chunk[], full: Decimal, house: HouseRules): Side {
  const { newDividend, newDivisor } = plan;
  const written = [newDividend, ...chunks.flatMap(({ product, rest }) => [product, rest])];
  const lowest = Math.min(ONES, ...written.map(lowestPlace));
  const highest = Math.max(ONES, highestPlace(newDividend));
  const divisor = newDivisor.toString();
  const inCorner = house.divisionLayout === "corner";
  const right = digitCol(0, lowest) + 1;
  const left = digitCol(0, highest);
  const counts = [full, ...chunks.map(({ times }) => times)];
  const wholes = Math.max(...counts.map(({ whole }) => whole.length));
  const decimals = Math.max(...counts.map(({ fraction }) => fraction.length));
  // A free square keeps the counts apart from the work; a corner stands close to its dividend.
  const stroke = inCorner ? right : right + 1;
  const line = stroke + Math.max(wholes, inCorner ? divisor.length - decimals : 0);
  return {
    places: placesFrom(lowest, highest),
    // The minus of each chunk stands one square left of the dividend.
    from: inCorner ? left - 1 : left - divisor.length,
    left: stroke,
    right: line + decimals,
    line,
    frame: (to) => [
      { kind: "upright", line: stroke, row: 0, to, look: "straight" },
      ...(inCorner
        ? [
            {
              kind: "rule",
              row: 1,
              from: right,
              to: Math.max(line + decimals, right + divisor.length),
              strokes: 1,
            } as const,
            ...textMarks(divisor, right, 0),
          ]
        : [
            { kind: "upright", line: left, row: 0, to: 1, look: "curved" } as const,
            { kind: "rule", row: 0, from: left, to: right, strokes: 1 } as const,
            ...textMarks(divisor, left - divisor.length, 0),
          ]),
    ],
  };
}

/** One chunk: counted at the side and written under what is left; then taken away. */
function chunkSteps(
  chunk: Chunk,
  count: Decimal,
  divisor: bigint,
  index: number,
  side: Side,
): readonly StepToDraw<PartialQuotientsReason>[] {
  const { product, before, rest } = chunk;
  const row = 1 + 2 * index;
  const width = Math.max(highestPlace(before), highestPlace(product), highestPlace(rest));
  const places = Math.max(product.fraction.length, before.fraction.length, rest.fraction.length);
  const from = digitCol(0, width);
  return [
    {
      stage: "work",
      reason: { kind: "takeChunk", divisor, ...chunk, times: count },
      draw: () => [
        ...numeralMarks(count, side.line, row),
        ...numeralMarks(product, 0, row),
        { kind: "glyph", col: from - 1, row, text: "−", look: "written" },
      ],
      focus: [],
    },
    {
      stage: "work",
      reason: { kind: "chunkLeaves", before, product, rest },
      draw: () => [
        { kind: "rule", row: row + 1, from: from - 1, to: places, strokes: 1 },
        ...numeralMarks(rest, 0, row + 1),
      ],
      focus: [],
    },
  ];
}
