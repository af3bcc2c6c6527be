import { changeSetting, database } from "@/data";
import {
  NO_ROOM_FOR_STORIES,
  ownStoriesKept,
  ownStoryChangeSchema,
  withOwnStory,
} from "@/service/kept/ownStories";
import { ownStories } from "../../../reading/saved";
import { answering, answeringBody, errorAnswer } from "../../answers";

/** The tutor's own stories, the newest first. */
export const GET = answering(() => ownStories());

/** Puts a story of the tutor's own in its place or adds it, or takes one away. */
export const PUT = answeringBody(({ body }) => {
  const after = changeSetting(database(), "ownStories", (now) => withOwnStory(ownStoriesKept(now), body));
  const isPut = !("put" in body) || after.stories.some(({ id }) => id === body.put.id);
  return isPut ? after : errorAnswer(422, { code: "noRoom", message: NO_ROOM_FOR_STORIES });
}, ownStoryChangeSchema);
