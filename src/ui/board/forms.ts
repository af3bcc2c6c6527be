import type { HouseRules } from "@/core/house";
import type { AnswerForm, Operation } from "@/core/problem";
import { placesName } from "@/core/wording";

/** Whether an operation's answer can be wanted in more than one form. */
export const takesForms = (op: Operation): boolean => op !== "compare";

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
    case "exactly":
      return "exactly";
  }
}

const toPlace = (place: number): AnswerForm => ({ kind: "toPlace", place });

/** The forms that are offered for an operation, each with what it does. */
export function formsOf(op: Operation): readonly { readonly form: AnswerForm; readonly about: string }[] {
  const places = [0, -1, -2, -3].map((place) => ({
    form: toPlace(place),
    about: "Rounded, or filled up with zeros, to this place.",
  }));
  if (op === "round")
    return [1, 2]
      .map((place) => ({ form: toPlace(place), about: "Rounded to this place." }))
      .reverse()
      .concat(places);
  const plain = { form: { kind: "asItComes" } as const, about: "As the house rules end it." };
  if (op !== "divide") return [plain, ...places];
  return [
    plain,
    { form: { kind: "withRemainder" }, about: "A whole quotient, and what is left over." },
    { form: { kind: "asMixed" }, about: "A whole quotient, and what is left as a fraction." },
    { form: { kind: "exactly" }, about: "All its digits, or the block that comes again for ever." },
    ...places,
  ];
}
