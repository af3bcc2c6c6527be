import { identified, ownStories } from "../../../reading/saved";
import { answering } from "../../answers";

/** The tutor's own stories, the newest first. */
export const GET = answering(() => ({ stories: ownStories().map(identified) }));
