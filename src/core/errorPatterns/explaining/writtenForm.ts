import type { Decimal } from "../../number";
import type { Answer } from "../../problem";

/** How much less often an answer of the same value is written in another form than the one that a way leads to. */
const OTHER_FORM = 0.5;
/** The same where its terms are not even a multiple of those that the way leads to. */
const OTHER_TERMS = 0.25;
/** Zeros at the end are written, or not, by the way itself. */
const OTHER_ZEROS = 0.15;

/** How likely who went a way that leads to one answer writes it as another of the same value: 1 as it stands there. */
export function formShare(leadsTo: Answer | undefined, given: Answer): number {
  if (leadsTo === undefined) return 1;
  const [one, other] = [decimalOf(leadsTo), decimalOf(given)];
  if (one !== undefined && other !== undefined) return isSameText(one, other) ? 1 : OTHER_ZEROS;
  if (leadsTo.kind === "fraction" && given.kind === "fraction") {
    if (leadsTo.numerator === given.numerator && leadsTo.denominator === given.denominator) return 1;
    return BigInt(given.denominator) % BigInt(leadsTo.denominator) === 0n ? OTHER_FORM : OTHER_TERMS;
  }
  return leadsTo.kind === given.kind ? 1 : OTHER_FORM;
}

const decimalOf = (answer: Answer): Decimal | undefined =>
  answer.kind === "decimal" ? answer : answer.kind === "rounded" ? answer.numeral : undefined;

const isSameText = (one: Decimal, other: Decimal): boolean =>
  one.fraction === other.fraction &&
  one.whole.replace(/^0+(?=.)/, "") === other.whole.replace(/^0+(?=.)/, "");
