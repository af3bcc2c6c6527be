import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import {
  type Decimal,
  digitAt,
  highestPlace,
  leadingPlace,
  lowestPlace,
  movedBy,
  ONES,
  placesFrom,
  powerOfTen,
} from "../../number";
import { type DecimalProblem, type SignedOperation, signOf } from "../../problem";
import { isTwo, type Two } from "../../tuples";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { StepToDraw } from "../contract/step";
import type { WorkRules } from "../contract/workContext";
import type { MethodResult, OnPaper } from "../contract/working";
import { type AnswerReason, finishAnswer } from "../squares/answer";
import { PLAIN_LAYOUT } from "../squares/pad";
import { layoutOf } from "../squares/settingOut";
import { numeralMarks, textMarks } from "../squares/writtenNumber";

export type ShiftReason =
  | {
      readonly kind: "writeToShift";
      readonly numeral: Decimal;
      readonly by: Decimal;
      readonly op: SignedOperation;
    }
  /** Multiplying or dividing by a one with zeros moves every digit, or the point the other way. */
  | {
      readonly kind: "shiftDigits";
      readonly before: Decimal;
      readonly after: Decimal;
      /** How many places to the left the digits move; below zero to the right. */
      readonly by: number;
      readonly moves: HouseRules["shiftBy"];
    }
  | { readonly kind: "shiftFillers"; readonly after: Decimal; readonly zeros: number };

type Why = ShiftReason | AnswerReason;

/** The decision of a shift: how many places, and which way, for a power of ten. */
export interface ShiftDecisions {
  places(op: SignedOperation, power: number): number;
}

export const SOUND_SHIFT: ShiftDecisions = { places: (op, power) => (op === "divide" ? -power : power) };

/** Multiplying and dividing by 10, 100, 1000 or 0.1: the digits move across the plumb line, or the point hops along the digits. */
export const shift: Method<
  "shift",
  Why,
  DecimalProblem,
  ShiftDecisions,
  "twoFactors" | "otherForm" | "powerOfTen"
> = {
  id: "shift",
  sample: "0.45 × 1000",
  bench: { small: "<1.1> × 10", usual: "<3.2> × 100", largest: "<15.15> × 100000000000000" },
  sound: SOUND_SHIFT,
  takes: (problem) => {
    const { op, form } = problem;
    if (op !== "multiply" && op !== "divide") return otherOperation("multiply", "divide");
    const numbers: readonly Decimal[] = problem.operands;
    if (!isTwo(numbers)) return refused("twoFactors");
    if (form.kind === "withRemainder" || form.kind === "asMixed") return refused("otherForm");
    const shifted = shiftOf(op, numbers);
    return shifted === undefined ? refused("powerOfTen") : taken({ ...shifted, form }, workShift);
  },
};

/** The number that moves, and the power of ten it is multiplied or divided by. */
interface Shifted {
  readonly op: "multiply" | "divide";
  readonly numeral: Decimal;
  readonly by: Decimal;
  readonly power: number;
}

function shiftOf(op: Shifted["op"], [first, second]: Two<Decimal>): Shifted | undefined {
  const pairs =
    op === "multiply" ? [[first, second] as const, [second, first] as const] : [[first, second] as const];
  for (const [numeral, by] of pairs) {
    const power = powerOfTen(by);
    if (power !== undefined && power !== ONES) return { op, numeral, by, power };
  }
  return undefined;
}

/** A shift with any decision; only the sound one is sure to reach the right answer. */
function workShift(
  { op, numeral, by, power, form }: Shifted & Pick<DecimalProblem, "form">,
  { house, decisions }: WorkRules<ShiftDecisions>,
): MethodResult<Why> {
  const places = decisions.places(op, power);
  const after = movedBy(numeral, places);
  const digitsMove = house.shiftBy === "digitsMove";
  // Where the digits move, both points hang on the plumb line; where the point hops, the digits stay in their squares.
  const line = digitsMove ? 0 : places;
  const end = finishAnswer(
    after,
    {
      row: 1,
      line,
      closes: (row) => ({ kind: "rule", row, from: leftmost() - 1, to: right, strokes: 2 }),
    },
    { form },
    house,
  );
  const right = Math.max(numeral.fraction.length, line + after.fraction.length);
  const leftmost = (): number =>
    Math.min(
      ...[...numeralMarks(numeral, 0, 0), ...numeralMarks(after, line, 1)].map((mark) =>
        mark.kind === "glyph" ? mark.col : 0,
      ),
    );
  const onPaper = (): OnPaper<Why> => {
    const moved = numeralMarks(after, line, 1);
    const isNew = (mark: Mark): boolean =>
      mark.kind === "glyph" && digitAt(numeral, line - mark.col - 1 - places) === undefined;
    const fillers = moved
      .filter(isNew)
      .map((mark): Mark => (mark.kind === "glyph" ? { ...mark, look: "filler" } : mark));
    const hops: readonly Mark[] = digitsMove
      ? []
      : Array.from({ length: Math.abs(places) }, (_, index) => ({
          kind: "hop",
          row: 0,
          from: 0 + index * Math.sign(places),
          to: (index + 1) * Math.sign(places),
        }));
    const hidden: readonly Mark[] =
      numeral.point || digitsMove ? [] : [{ kind: "point", line: 0, row: 0, look: "hidden" }];
    const sign = `${signOf(op, house)} ${by.whole || "0"}${by.fraction && `.${by.fraction}`}`;
    const steps: StepToDraw<Why>[] = [
      {
        stage: "setOut",
        reason: { kind: "writeToShift", numeral, by, op },
        draw: () => [...numeralMarks(numeral, 0, 0), ...hidden, ...textMarks(sign, right + 1, 0)],
        focus: [],
      },
      {
        stage: "work",
        reason: { kind: "shiftDigits", before: numeral, after, by: places, moves: house.shiftBy },
        draw: () => [...hops, ...moved.filter((mark) => !isNew(mark))],
        focus: [],
      },
    ];
    if (fillers.length > 0) {
      const reason = { kind: "shiftFillers", after, zeros: fillers.length } as const;
      steps.push({ stage: "work", reason, draw: () => fillers, focus: [] });
    }
    const highest = Math.max(highestPlace(numeral), highestPlace(after), leadingPlace(after) ?? ONES, ONES);
    const columns = placesFrom(Math.min(ONES, lowestPlace(numeral), lowestPlace(after)), highest);
    return {
      layout: digitsMove ? layoutOf({ places: columns }) : PLAIN_LAYOUT,
      steps: [...steps, ...end.steps()],
    };
  };
  return { answer: end.answer, onPaper };
}
