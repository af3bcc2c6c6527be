import type { Metadata } from "next";
import type { ReactElement } from "react";
import { LONGEST_STORY, OWN_FORMS } from "@/core/stories";
import { type OwnDraft, OwnStoriesScreen } from "@/ui/stories";
import { type Parameters, parametersOf } from "../../reading/parameters";
import { ownStories, savedHouse } from "../../reading/saved";
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

export default async function OwnStoryPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const parameters = await parametersOf(searchParams);
  const { stories: kept } = ownStories();
  if (parameters.text !== undefined) {
    // What was read off in the shop comes as a text.
    const form = OWN_FORMS.find(({ id }) => id === parameters.form)?.id ?? SAMPLE.form;
    const start = { ...SAMPLE, text: parameters.text.slice(0, LONGEST_STORY), form, answer: "" };
    return <OwnStoriesScreen key={start.text} start={start} kept={kept} house={savedHouse()} />;
  }
  if (parameters.kind === undefined)
    return <OwnStoriesScreen start={SAMPLE} kept={kept} house={savedHouse()} />;
  const { house, shown } = await askedTold(parameters);
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  const told = shown.value;
  const start =
    told?.own == null
      ? SAMPLE
      : {
          ...SAMPLE,
          ...told.own,
          text: `${told.stretches.map((one) => one.text).join("")} ${told.question}`,
          answer: told.gap ?? "",
        };
  return <OwnStoriesScreen key={start.text} start={start} kept={kept} house={house} />;
}
