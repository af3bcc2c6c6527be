import type { Mark } from "../../board";
import {
  bareDigits,
  type Decimal,
  highestPlace,
  lowestPlace,
  movedBy,
  ONES,
  placesFrom,
  powerOfTen,
  significantDigits,
  zerosAtEnd,
} from "../../number";
import type { DecimalProblem } from "../../problem";
import type { Two } from "../../tuples";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult, OnPaper } from "../contract/working";
import type { AnswerReason } from "../squares/answer";
import { layoutOf } from "../squares/settingOut";
import { digitCol, numeralMarks } from "../squares/writtenNumber";
import { type InLineReason, inLineSteps, writeMultiplicand } from "./inLineBlock";
import { type BlockDecisions, SOUND_BLOCK } from "./productBlock";
import type { BlockReason } from "./productReason";
import { type ShiftDecisions, SOUND_SHIFT } from "./shift";
import { twoFactorsOf } from "./twoFactors";

export type MultiplesOfTenReason =
  /** 60 is 6 and one zero. */
  | {
      readonly kind: "splitMultiplier";
      readonly multiplier: Decimal;
      readonly rest: Decimal;
      readonly zeros: number;
    }
  | {
      readonly kind: "zerosFirst";
      readonly before: Decimal;
      readonly after: Decimal;
      readonly zeros: number;
    };

type Why = MultiplesOfTenReason | InLineReason | BlockReason | AnswerReason;

/** The decisions of multiples of ten: the shift, and the rows after it. */
interface MultiplesOfTenDecisions extends BlockDecisions, ShiftDecisions {}

/** A multiplier that ends in zeros taken apart: the zeros first, as a shift, then the digits before them. */
export const multiplesOfTen: Method<
  "multiples-of-ten",
  Why,
  DecimalProblem,
  BlockDecisions & ShiftDecisions,
  "twoFactors" | "multipleOfTen"
> = {
  id: "multiples-of-ten",
  sample: "0.45 × 60",
  bench: { small: "<1.1> × <2-9>0", usual: "<3.2> × <2-9>0", largest: "<15.15> × <14.0>0" },
  sound: { ...SOUND_BLOCK, ...SOUND_SHIFT },
  takes: (problem) => {
    if (problem.op !== "multiply") return otherOperation("multiply");
    const two = twoFactorsOf(problem);
    if (two === undefined) return refused("twoFactors");
    const parts = partsOf(two.factors);
    return parts === undefined
      ? refused("multipleOfTen")
      : taken({ ...parts, form: two.form }, workMultiplesOfTen);
  },
};

interface PartedMultiplier {
  readonly multiplicand: Decimal;
  readonly multiplier: Decimal;
  readonly rest: Decimal;
  readonly zeros: number;
}

/** The multiplicand, and a multiplier parted into its digits and the zeros after them. */
function partsOf([first, second]: Two<Decimal>): PartedMultiplier | undefined {
  for (const [multiplicand, multiplier] of [
    [first, second],
    [second, first],
  ] as const) {
    const digits = bareDigits(multiplier.whole);
    const zeros = zerosAtEnd(multiplier.whole);
    if (multiplier.fraction !== "" || digits === "" || zeros === 0 || powerOfTen(multiplier) !== undefined)
      continue;
    const rest: Decimal = { ...multiplier, whole: digits, point: false };
    return { multiplicand, multiplier, rest, zeros };
  }
  return undefined;
}

/** Multiples of ten with any decisions; only sound ones are sure to reach the right answer. */
function workMultiplesOfTen(
  { multiplicand, multiplier, rest, zeros, form }: PartedMultiplier & Pick<DecimalProblem, "form">,
  { house, decisions }: WorkRules<MultiplesOfTenDecisions>,
): MethodResult<Why> {
  const after = movedBy(multiplicand, decisions.places("multiply", zeros));
  // Rows for the carries of each digit are left free above the number that is multiplied.
  const carryRows = house.carryPlace === "above" ? Math.ceil(rest.whole.replaceAll("0", "").length / 2) : 0;
  const row = 1 + carryRows;
  const right = Math.max(multiplicand.fraction.length, after.fraction.length);
  const { steps, answer } = inLineSteps(after, rest, row, { form }, { house, decisions });
  const highest = highestPlace(after) + rest.whole.length;
  const places = placesFrom(
    Math.min(ONES, lowestPlace(multiplicand)),
    Math.max(highest, highestPlace(multiplicand)),
  );
  const shifted = (): readonly Mark[] =>
    numeralMarks(after, 0, row).map((mark) =>
      mark.kind === "glyph" && mark.col >= digitCol(0, zeros) + multiplicand.fraction.length + 1
        ? { ...mark, look: "filler" }
        : mark,
    );
  const onPaper = (): OnPaper<Why> => ({
    layout: layoutOf({ places }),
    steps: [
      writeMultiplicand(multiplicand, 0),
      {
        stage: "setOut",
        reason: { kind: "splitMultiplier", multiplier, rest, zeros },
        draw: () =>
          [...`×${significantDigits(multiplier.whole)}`].map((text, index) => ({
            kind: "glyph",
            col: right + 1 + index,
            row: 0,
            text: text === "×" && house.timesSign === "dot" ? "·" : text,
            look: "written",
          })),
        focus: [],
      },
      {
        stage: "setOut",
        reason: { kind: "zerosFirst", before: multiplicand, after, zeros },
        draw: shifted,
        focus: [],
      },
      ...steps(),
    ],
  });
  return { answer, onPaper };
}
