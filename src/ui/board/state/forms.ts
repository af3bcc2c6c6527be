import type { HouseRules } from "@/core/house";
import { type AnswerForm, operandsOf, type Problem, refusesForm } from "@/core/problem";
import { unitOf } from "@/core/quantity";
import { placesName } from "@/core/wording";

/** Whether a problem's answer can be wanted in more than one form. */
export const takesForms = (problem: Problem): boolean => formsOf(problem).length > 1;

/** A form in a few words, as it stands after "Answer". */
export function formWords(form: AnswerForm, house: HouseRules): string {
  switch (form.kind) {
    case "asItComes":
      return "as it comes";
    case "toPlace":
      return `to ${placesName(form.place, house)}`;
    case "withRemainder":
      return "with remainder";
    case "asMixed":
      return "as a mixed number";
    case "asFraction":
      return "as a fraction";
    case "asDecimal":
      return "as a decimal";
    case "simplest":
      return "in simplest form";
    case "overDenominator":
      return `over ${form.denominator}`;
    case "overNumerator":
      return `with ${form.numerator} above`;
    case "inUnits":
      return `in ${form.units.map((unit) => unitOf(unit).symbol).join(" and ")}`;
    case "exactly":
      return "exactly";
  }
}

interface OfferedForm {
  readonly form: AnswerForm;
  readonly about: string;
}

const toPlace = (place: number, about: string): OfferedForm => ({ form: { kind: "toPlace", place }, about });
const PLACES: readonly OfferedForm[] = [0, -1, -2, -3].map((place) =>
  toPlace(place, "Rounded, or filled up with zeros, to this place."),
);
const HOUSE_FORM: OfferedForm = { form: { kind: "asItComes" }, about: "As the house rules end it." };
const OF_FRACTIONS: readonly OfferedForm[] = [
  { form: { kind: "asMixed" }, about: "Wholes counted out, with the part beside them." },
  { form: { kind: "asFraction" }, about: "One fraction in simplest form, above one too." },
  { form: { kind: "asDecimal" }, about: "Its numerator divided by its denominator." },
];
const OF_QUOTIENTS: readonly OfferedForm[] = [
  { form: { kind: "withRemainder" }, about: "A whole quotient, and what is left over." },
  { form: { kind: "asMixed" }, about: "A whole quotient, and what is left as a fraction." },
  { form: { kind: "exactly" }, about: "All its digits, or the block that comes again for ever." },
];

/** The forms that are offered for a problem, each with what it does. */
export function formsOf(problem: Problem): readonly OfferedForm[] {
  const { kind, op } = problem;
  if (op === "round") return [...[2, 1].map((place) => toPlace(place, "Rounded to this place.")), ...PLACES];
  const plain = op === "rewrite" ? [] : [HOUSE_FORM];
  const offered =
    kind === "decimals"
      ? [...(op === "divide" ? OF_QUOTIENTS : []), ...PLACES]
      : kind === "measures"
        ? unitForms(problem)
        : [...OF_FRACTIONS, ...PLACES];
  return [...plain, ...offered].filter(({ form }) => refusesForm(problem, form) === undefined);
}

/** Each unit of a measure by itself, and all of them together. */
function unitForms(problem: Problem): readonly OfferedForm[] {
  const parts = operandsOf(problem).flatMap((operand) => (operand.kind === "measure" ? operand.parts : []));
  const units = [...new Set(parts.map(({ unit }) => unit))].sort((a, b) =>
    Number(unitOf(b).size - unitOf(a).size),
  );
  return units.map((unit) => ({
    form: { kind: "inUnits", units: [unit] },
    about: "In this unit alone, with decimals where it does not come out whole.",
  }));
}
