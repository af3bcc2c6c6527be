import type { KeptClient } from "../../saving/keptClient";
import { ownClient } from "../../saving/own/ownClient";
import type { OwnKept } from "./ownDraft";

/** A story of the tutor's own, as it is kept. */
export const STORY_CLIENT: KeptClient<OwnKept> = ownClient("story", () =>
  import("@/service/kept/ownStory").then((module) => module.keptStory),
);
