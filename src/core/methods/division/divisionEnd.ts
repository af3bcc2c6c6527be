import type { Mark } from "../../board";
import type { HouseRules } from "../../house";
import {
  commonFactor,
  countedIn,
  type Decimal,
  fromCount,
  movedBy,
  ONES,
  withoutTrailingZeros,
} from "../../number";
import type { Answer, DecimalProblem } from "../../problem";
import { ANSWER_WORDS } from "../../vocabulary";
import type { StepToDraw } from "../contract/step";
import type { Expansion, Quotient } from "../procedures/quotientDigits";
import { type AnswerEnd, type AnswerReason, finishAnswer, nameStep } from "../squares/answer";
import { numeralLine } from "../squares/placeParts";
import { digitCol, numeralMarks, textMarks, textWidth } from "../squares/writtenNumber";
import type { DivisionPlan } from "./divisionPlan";
import { type DivisionSetting, quotientNumeral } from "./divisionSetting";

export type DivisionEndReason =
  /** What is left, and what that is of the numbers as they were given. */
  | {
      readonly kind: "remainderLeft";
      readonly quotient: Decimal;
      readonly scaled: Decimal;
      readonly remainder: Decimal;
      readonly power: number;
    }
  /** What is left is shared too: so many parts of the divisor. */
  | {
      readonly kind: "remainderShared";
      readonly numerator: bigint;
      readonly denominator: bigint;
      readonly whole: bigint;
    }
  | {
      readonly kind: "simplifyPart";
      readonly numerator: bigint;
      readonly denominator: bigint;
      readonly by: bigint;
      readonly newNumerator: bigint;
      readonly newDenominator: bigint;
    }
  | {
      readonly kind: "repetendFound";
      readonly rest: bigint;
      readonly fixed: string;
      readonly repetend: string;
      readonly whole: string;
    }
  | (ComesAgain & { readonly repetend: string })
  | { readonly kind: "goesOnTooLong"; readonly expansion: Expansion; readonly places: number }
  | { readonly kind: "readQuotient"; readonly quotient: Decimal };

/** Where a quotient stands, and the frame that closes it. */
export type QuotientPosition = Pick<DivisionSetting, "quotientRow" | "quotientLine" | "frame">;

/** Why digits come again for ever, where that is seen otherwise than by the rest of a digit. */
type ComesAgain = {
  readonly kind: "chunksComeAgain";
  /** What was to be divided, and what is left of it: the digits come again, smaller. */
  readonly before: Decimal;
  readonly rest: Decimal;
};

export type End = AnswerEnd<DivisionEndReason | AnswerReason>;

/** The last steps of a division, from its quotient on; `row` is the first row that is free below the work. */
export function divisionEnd(
  plan: DivisionPlan,
  quotient: Quotient,
  setting: QuotientPosition,
  row: number,
  problem: Pick<DecimalProblem, "form">,
  house: HouseRules,
  comesAgain?: ComesAgain,
): End {
  const full = quotientNumeral(quotient);
  const { ending } = plan;
  switch (ending.kind) {
    case "exact":
      return quotient.repetendFrom === undefined
        ? inItsFrame(full, setting, problem, house)
        : recurring(full, quotient.repetendFrom, quotient, setting, house, comesAgain);
    case "rounded":
    case "tooLong": {
      const form = { kind: "toPlace", place: ending.place } as const;
      const goesOn = !isWhole(full, plan);
      const short = full.fraction.length <= Math.max(0, -ending.place) && ending.place <= ONES;
      const inForm = problem.form.kind === "toPlace" ? { form } : problem;
      if (!goesOn && short) return inItsFrame(full, setting, inForm, house);
      const start = () => (ending.kind === "tooLong" ? [stopsHere(ending.expansion, -ending.place)] : []);
      const end = onItsOwnRow(full, row, { form }, house, goesOn);
      return { answer: end.answer, steps: () => [...start(), ...end.steps()] };
    }
    case "remainder":
    case "mixed":
      return withRest(plan, quotient, full, row, setting, problem, house);
  }
}

/** Whether a quotient is all of it: nothing was left, and no digit of the dividend is still to come. */
const isWhole = (full: Decimal, { newDividend, newDivisor }: DivisionPlan): boolean => {
  const places = Math.max(full.fraction.length, newDividend.fraction.length);
  return countedIn(full, places) * newDivisor === countedIn(newDividend, places);
};

/** A quotient that needs nothing more is framed where it stands. */
const inItsFrame = (
  full: Decimal,
  setting: QuotientPosition,
  problem: Pick<DecimalProblem, "form">,
  house: HouseRules,
): End =>
  finishAnswer(
    full,
    { row: setting.quotientRow, line: setting.quotientLine, closes: () => setting.frame },
    problem,
    house,
  );

/** A quotient that is rounded is read off below the work first. */
function onItsOwnRow(
  full: Decimal,
  row: number,
  problem: Pick<DecimalProblem, "form">,
  house: HouseRules,
  goesOn: boolean,
): End {
  const closes = (at: number): Mark => ({
    kind: "rule",
    row: at,
    from: digitCol(0, full.whole.length) - 1,
    to: full.fraction.length,
    strokes: 2,
  });
  const end = finishAnswer(full, { row, line: 0, closes }, problem, house, goesOn);
  const read = (): StepToDraw<DivisionEndReason> => ({
    stage: "answer",
    reason: { kind: "readQuotient", quotient: full },
    draw: () => numeralMarks(full, 0, row),
    focus: [],
  });
  return { answer: end.answer, steps: () => [read(), ...end.steps()] };
}

const stopsHere = (expansion: Expansion, places: number): StepToDraw<DivisionEndReason> => ({
  stage: "answer",
  reason: { kind: "goesOnTooLong", expansion, places },
  focus: [],
});

function recurring(
  full: Decimal,
  repetendFrom: number,
  quotient: Quotient,
  setting: QuotientPosition,
  house: HouseRules,
  comesAgain: ComesAgain | undefined,
): End {
  const fixed = full.fraction.slice(0, -repetendFrom - 1);
  const repetend = full.fraction.slice(-repetendFrom - 1);
  const answer: Answer = { kind: "recurring", negative: false, whole: full.whole, fixed, repetend };
  const mark: Mark = {
    kind: "recurring",
    row: setting.quotientRow,
    from: digitCol(setting.quotientLine, repetendFrom),
    to: digitCol(setting.quotientLine, -full.fraction.length),
    look: house.recurringMark,
  };
  const rest = quotient.digits.at(-1)?.rest ?? 0n;
  return {
    answer,
    steps: () => [
      {
        stage: "answer",
        reason: comesAgain
          ? { ...comesAgain, repetend }
          : { kind: "repetendFound", rest, fixed, repetend, whole: full.whole },
        draw: () => [mark],
        focus: [],
      },
      // The bar or the dots close the quotient; a frame would cross them.
      nameStep(answer, undefined),
    ],
  };
}

/** The quotient in whole ones with what is left, or with that shared out as a part of one more. */
function withRest(
  plan: DivisionPlan,
  quotient: Quotient,
  full: Decimal,
  row: number,
  setting: QuotientPosition,
  problem: Pick<DecimalProblem, "form">,
  house: HouseRules,
): End {
  const { newDividend, newDivisor, power } = plan;
  const { fraction } = newDividend;
  const left =
    (quotient.digits.at(-1)?.rest ?? 0n) * 10n ** BigInt(fraction.length) + BigInt(fraction || "0");
  if (left === 0n) return inItsFrame(full, setting, problem, house);

  if (plan.ending.kind === "remainder") {
    const scaled = withoutTrailingZeros(fromCount(left, fraction.length));
    const remainder = withoutTrailingZeros(movedBy(scaled, -power));
    const answer: Answer = { kind: "remainder", quotient: full, remainder };
    const steps = (): readonly StepToDraw<DivisionEndReason | AnswerReason>[] => {
      const line = numeralLine(full) + ANSWER_WORDS.remainder + numeralLine(remainder);
      const from = -full.whole.length;
      return [
        {
          stage: "answer",
          reason: { kind: "remainderLeft", quotient: full, scaled, remainder, power },
          draw: () => textMarks(line, from, row),
          focus: [],
        },
        nameStep(answer, { kind: "rule", row: row + 1, from, to: textWidth(line) + from, strokes: 2 }),
      ];
    };
    return { answer, steps };
  }

  const whole = BigInt(full.whole);
  const denominator = newDivisor * 10n ** BigInt(fraction.length);
  const by = commonFactor(left, denominator);
  const [newNumerator, newDenominator] = [left / by, denominator / by];
  const answer: Answer = {
    kind: "mixed",
    negative: false,
    whole,
    numerator: newNumerator,
    denominator: newDenominator,
  };
  const steps = (): readonly StepToDraw<DivisionEndReason | AnswerReason>[] => {
    const wholeText = whole === 0n ? "" : whole.toString();
    const first = partMarks(left, denominator, 1, row, wholeText);
    const again = partMarks(newNumerator, newDenominator, first.to + 2, row, wholeText);
    const made: StepToDraw<DivisionEndReason | AnswerReason>[] = [
      {
        stage: "answer",
        reason: { kind: "remainderShared", numerator: left, denominator, whole },
        draw: () => first.marks,
        focus: [],
      },
    ];
    if (by > 1n) {
      made.push({
        stage: "answer",
        reason: { kind: "simplifyPart", numerator: left, denominator, by, newNumerator, newDenominator },
        draw: () => again.marks,
        focus: [],
      });
    }
    const from = by > 1n ? again.from : first.from;
    const to = by > 1n ? again.to : first.to;
    made.push(nameStep(answer, { kind: "rule", row: row + 2, from, to, strokes: 2 }));
    return made;
  };
  return { answer, steps };
}

/** A whole number with a part beside it, numerator over denominator, from a column on; an equals sign before a second one. */
function partMarks(
  numerator: bigint,
  denominator: bigint,
  from: number,
  row: number,
  whole: string,
): { readonly marks: readonly Mark[]; readonly from: number; readonly to: number } {
  const again = from > 1;
  const start = again ? from : from - whole.length - 1;
  const bar = start + whole.length;
  const width = denominator.toString().length;
  const offset = width - numerator.toString().length;
  return {
    marks: [
      ...(again
        ? [{ kind: "rule", row: row + 1, from: start - 1.3, to: start - 0.7, strokes: 2 } as const]
        : []),
      ...textMarks(whole, start, row),
      ...textMarks(numerator.toString(), bar + Math.ceil(offset / 2), row),
      { kind: "rule", row: row + 1, from: bar, to: bar + width, strokes: 1 },
      ...textMarks(denominator.toString(), bar, row + 1),
    ],
    from: start,
    to: bar + width,
  };
}
