import { keptRung } from "@/service/kept/ownRung";
import { ownRoutes } from "../../../ownRoutes";

/** Keeps a rung of the tutor's own whole, or gives it. */
export const { PUT, GET } = ownRoutes(keptRung);
