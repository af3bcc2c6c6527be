import type { HouseRules } from "../../house";
import {
  type DivisionDecisions,
  type DivisionEnd,
  type DivisionPlan,
  type DivisionPosition,
  finishAnswer,
  numeralMarks,
  type Quotient,
  quotientNumeral,
  Stuck,
} from "../../methods";
import { type Decimal, lowestPlace } from "../../number";
import { AS_IT_COMES } from "../../problem";

/** A plan that stops where the dividend's written digits are used up. */
const cutPlan = (plan: DivisionPlan): DivisionPlan => ({
  ...plan,
  stop: { kind: "place", place: Math.min(0, lowestPlace(plan.newDividend)) },
});

/** The quotient as it was cut off; stuck where nothing was left over. */
function cutQuotient(quotient: Quotient): { readonly cut: Decimal; readonly rest: bigint } {
  const rest = quotient.digits.at(-1)?.rest ?? 0n;
  if (rest === 0n) throw new Stuck("cutQuotient: nothing is left over");
  return { cut: quotientNumeral(quotient), rest };
}

/** What was written named; stuck where nothing would be. */
function named(full: Decimal, position: DivisionPosition, house: HouseRules): DivisionEnd {
  if (/^0*$/.test(full.whole + full.fraction)) throw new Stuck("named: nothing would be written");
  const closes = () => position.frame;
  return finishAnswer(
    full,
    { row: position.quotientRow, line: position.quotientLine, closes },
    { form: AS_IT_COMES },
    house,
  );
}

/** A division that stops where the written digits of the dividend are used up; what is left is forgotten. */
export const STOPS_WHERE_DIGITS_END: Pick<DivisionDecisions, "follows" | "ends"> = {
  follows: cutPlan,
  ends: (_, quotient, position, _row, _problem, house) => named(cutQuotient(quotient).cut, position, house),
};

/** A division that stops there, with what is left set behind the point as it is. */
export const REST_BEHIND_POINT: Pick<DivisionDecisions, "follows" | "ends"> = {
  follows: cutPlan,
  ends: (_, quotient, position, _row, _problem, house) => {
    const { cut, rest } = cutQuotient(quotient);
    const full: Decimal = { ...cut, fraction: `${cut.fraction}${rest}`, point: true };
    const end = named(full, position, house);
    // The rest follows the decimals that are there; where there are none, it brings the point with it.
    const written = () =>
      numeralMarks(
        { ...full, whole: "", fraction: String(rest), point: cut.fraction === "" },
        position.quotientLine + cut.fraction.length,
        position.quotientRow,
      );
    return {
      answer: end.answer,
      steps: () => [
        { stage: "answer", reason: { kind: "nameAnswer", answer: full }, draw: written, focus: [] },
        ...end.steps(),
      ],
    };
  },
};
