import { keptStory } from "@/service/kept/ownStory";
import { ownRoutes } from "../../../ownRoutes";

/** Keeps a story of the tutor's own whole, or gives it. */
export const { PUT, GET } = ownRoutes(keptStory);
