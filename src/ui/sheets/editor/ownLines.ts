import { choicesOf, type HouseRules } from "@/core/house";
import type { StoryOfRow } from "@/core/stories";
import { API_ROUTES } from "@/service/apiRoutes";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import { answerSentence, type OwnKept } from "../../stories/own/ownDraft";

/** What stands on a sheet for each story of the tutor's own: its line with the story, or why it can't be worked in this house. */
export const ownLines = (
  stories: readonly OwnKept[],
  house: HouseRules,
): Promise<
  readonly ({ readonly problem: string; readonly story: StoryOfRow } | { readonly message: string })[]
> =>
  Promise.all(
    stories.map(async ({ id: _, answer, ...story }) => {
      const asked = { ...story, house: choicesOf(house) };
      const back = await ask(VIEWS.ownStoryShown, API_ROUTES.workOwnStory, "POST", asked);
      if (!back.ok) return { message: back.error.message };
      const { worked, message } = back.value;
      if (worked === null) return { message: `“${story.text.slice(0, 60)}”: ${message}` };
      return {
        problem: worked.line,
        story: { text: story.text, answer: answerSentence(answer, worked.answer) },
      };
    }),
  );
