import { keptStory } from "@/service/kept/ownStory";
import { ownListedRoute } from "../../../../ownRoutes";

/** Deletes a story of the tutor's own, or brings it back. */
export const PUT = ownListedRoute(keptStory);
