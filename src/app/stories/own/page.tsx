import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { LONGEST_STORY, OWN_FORMS } from "@/core/stories";
import { database, unreadOwnThings } from "@/data";
import { keptStory } from "@/service/kept/ownStory";
import { type OwnDraft, OwnStoriesScreen } from "@/ui/stories";
import { storyWorked } from "../../reading/drawings";
import { type Parameters, parametersOf } from "../../reading/parameters";
import { identified, ownStories, savedHouse } from "../../reading/saved";
import { TooMuch } from "../../TooMuch";
import { askedTold } from "../asked";

export const metadata: Metadata = { title: "A story of your own" };

/** What stands there before a tutor writes. */
const SAMPLE: OwnDraft = {
  text: "Nadia sells 3 bells. Each of them costs 7.25. What do they cost altogether?",
  form: "altogether",
  line: "",
  left: [],
  turned: false,
  answer: "They cost … altogether.",
};

/** Where the page begins: with what came from the shop, with a story that was drawn, or with one to begin from. */
async function startOf(
  parameters: Readonly<Record<string, string>>,
): Promise<{ readonly start: OwnDraft; readonly house: HouseRules } | { readonly message: string }> {
  if (parameters.text !== undefined) {
    const form = OWN_FORMS.find(({ id }) => id === parameters.form)?.id ?? SAMPLE.form;
    const text = parameters.text.slice(0, LONGEST_STORY);
    return { start: { ...SAMPLE, text, form, answer: "" }, house: savedHouse() };
  }
  if (parameters.kind === undefined) return { start: SAMPLE, house: savedHouse() };
  const { house, shown } = await askedTold(parameters);
  if (!shown.ok) return { message: shown.error.message };
  const told = shown.value;
  if (told?.own == null) return { start: SAMPLE, house };
  const text = `${told.stretches.map((one) => one.text).join("")} ${told.question}`;
  return { start: { ...SAMPLE, ...told.own, text, answer: told.gap ?? "" }, house };
}

export default async function OwnStoryPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const from = await startOf(await parametersOf(searchParams));
  if ("message" in from) return <TooMuch message={from.message} />;
  const { start, house } = from;
  return (
    <OwnStoriesScreen
      key={start.text}
      start={start}
      shown={await storyWorked({ ...start, house: choicesOf(house) })}
      kept={ownStories().map((one) => ({ value: identified(one), revision: one.revision }))}
      unread={unreadOwnThings(database(), keptStory)}
      isSample={start === SAMPLE}
      house={house}
    />
  );
}
