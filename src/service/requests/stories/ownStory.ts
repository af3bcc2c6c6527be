import { type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { fractionOf, type InText, operandsOf, quantitiesIn, writeAnswer, writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import {
  OWN_FORMS,
  OWN_LINE,
  type OwnFormId,
  operationsOf,
  ownWorked,
  type Structure,
  templateIn,
  templateOf,
} from "@/core/stories";
import { houseRefusalWords, ownRefusalWords } from "@/core/wording";
import type { Refusal } from "../../refusal";
import { type BarPart, numberOf, type StoryPicture } from "./storyPicture";

/** What a tutor says of their story: what is asked, the numbers it does not need as they stand in it, and whether the others are worked from last to first. */
export interface OwnStart {
  readonly form: OwnFormId;
  readonly left: readonly string[];
  readonly turned: boolean;
}

/** The most numbers that are worked. */
const MOST_WORKED = 6;

/** The places in a text of the numbers that are worked, in their order. What is left out stays so wherever it moves. */
function placesOf(numbers: readonly InText[], left: readonly string[], turned: boolean): readonly number[] {
  const places = numbers
    .flatMap((number, nth) => (left.includes(number.text) ? [] : [nth]))
    .slice(0, MOST_WORKED);
  return turned ? places.reverse() : places;
}

/** A story of a tutor's own as it stands, with the rules of the house it is worked in. */
export interface OwnStoryRequest extends Omit<OwnStart, "form"> {
  readonly text: string;
  readonly form: OwnFormId | typeof OWN_LINE;
  /** The line in letters that stand for the numbers of the text, where the tutor writes it themselves. */
  readonly line?: string | undefined;
  readonly house?: HouseChoices | undefined;
}

/** What came of a text: its numbers, and where it could be worked, the line, the answer and the picture; else why not. */
export interface OwnStoryShown {
  readonly numbers: readonly InText[];
  readonly worked: {
    readonly line: string;
    readonly answer: string;
    /** None of a line that the tutor wrote: how its numbers hang together is not known. */
    readonly picture: StoryPicture | null;
    /** What is worked one after another, and what each comes to. */
    readonly operations: readonly { readonly line: string; readonly comes: string }[];
  } | null;
  readonly message: string;
}

/** Works a story of a tutor's own. */
export function workOwnStory({
  text,
  form,
  line: letters = "",
  left,
  turned,
  house: choices,
}: OwnStoryRequest): Result<OwnStoryShown, Refusal> {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok) return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const places = placesOf(quantitiesIn(text, house.value), left, turned);
  const template = form === OWN_LINE ? templateIn(letters) : templateOf(form, places);
  const worked = ownWorked(text, template, house.value);
  if (!worked.ok)
    return done({
      numbers: worked.error.numbers,
      worked: null,
      message: ownRefusalWords(worked.error, house.value),
    });
  const { numbers, working } = worked.value;
  const sizes = operandsOf(working.problem).map((one) => numberOf(fractionOf(one)));
  const labels = places.map((place) => numbers[place]?.text ?? "");
  const answer = writeAnswer(working.answer, house.value);
  const structure = OWN_FORMS.find(({ id }) => id === form)?.structure ?? "partsWhole";
  const operations = operationsOf(working).map((one) => ({
    line: writeProblem(one.problem, house.value),
    comes: writeAnswer(one.answer, house.value),
  }));
  return done({
    numbers,
    worked: {
      line: writeProblem(working.problem, house.value),
      answer,
      picture: form === OWN_LINE ? null : ownPicture(form, structure, sizes, labels, answer),
      operations,
    },
    message: "",
  });
}

/** The form in which a story that was drawn can be changed as one of the tutor's own; none where its line is no such one. */
export function ownStartOf(
  text: string,
  chain: string,
  structure: Structure,
  house: HouseRules,
): OwnStart | undefined {
  const numbers = quantitiesIn(text, house);
  const left = numbers.map((number) => number.text).filter((number) => !chain.includes(number));
  const forms = [...OWN_FORMS].sort(
    (one, other) => Number(other.structure === structure) - Number(one.structure === structure),
  );
  for (const turned of [false, true])
    for (const { id: form } of forms) {
      const worked = ownWorked(text, templateOf(form, placesOf(numbers, left, turned)), house);
      if (worked.ok && writeProblem(worked.value.working.problem, house) === chain)
        return { form, left, turned };
    }
  return undefined;
}

/** The most groups that are drawn one by one. */
const MOST_GROUPS = 24;

/** The picture of a story of a tutor's own, to scale. */
function ownPicture(
  form: OwnFormId,
  structure: Structure,
  sizes: readonly number[],
  labels: readonly string[],
  comes: string,
): StoryPicture {
  const parts = sizes.map((size, nth): BarPart => ({ size, label: labels[nth] ?? "", asked: false }));
  const asked = (size: number): BarPart => ({ size, label: "?", asked: true });
  const sum = parts.reduce((all, { size }) => all + size, 0);
  const [first = asked(1), ...others] = parts;
  const rest = others.reduce((all, { size }) => all + size, 0);
  const bars = (...rows: readonly (readonly BarPart[])[]): StoryPicture => ({
    kind: "bars",
    rows,
    braces: [],
    comes,
  });
  if (structure === "equalGroups") {
    const [one, other] = [first.size, others[0]?.size ?? 1];
    const count = Math.max(
      1,
      Math.min(MOST_GROUPS, Math.round(form === "each" ? other : Math.min(one, other))),
    );
    const whole = form === "each" ? one : one * other;
    const groups = Array.from({ length: count }, (_, nth): BarPart => {
      const label = nth > 0 ? "" : form === "each" ? "?" : ((one <= other ? labels[1] : labels[0]) ?? "");
      return { size: whole / count, label, asked: form === "each" && nth === 0 };
    });
    return form === "each" ? bars([first], groups) : bars(groups, [asked(whole)]);
  }
  const takesAway = form === "part" || form === "difference" || form === "afterLess";
  return takesAway && first.size > rest
    ? bars([first], [...others, asked(first.size - rest)])
    : bars(parts, [asked(sum)]);
}
