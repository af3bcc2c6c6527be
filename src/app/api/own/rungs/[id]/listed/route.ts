import { keptRung } from "@/service/kept/ownRung";
import { ownListedRoute } from "../../../../ownRoutes";

/** Deletes a rung of the tutor's own, or brings it back. */
export const PUT = ownListedRoute(keptRung);
