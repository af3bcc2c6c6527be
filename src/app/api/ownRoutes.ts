import { z } from "zod";
import { database, findOwnThing, keepOwnThing, setOwnThingDeleted } from "@/data";
import type { OwnThing } from "@/service/kept/ownThing";
import { answeringBody, errorAnswer } from "./answers";
import { keptRoutes } from "./keptRoutes";

/** The route handlers of something of a tutor's own: PUT keeps it, GET gives it. */
export const ownRoutes = <State, Checked>(thing: OwnThing<State, Checked>) =>
  keptRoutes(thing, {
    find: (data, id) => findOwnThing(data, thing, id),
    keep: (data, id, value, seen) => keepOwnThing(data, thing, id, value, seen),
  });

const listedSchema = z.strictObject({ deleted: z.boolean() });

/** The route handler that takes something of a tutor's own off its list, or brings it back. */
export const ownListedRoute = <State, Checked>(thing: OwnThing<State, Checked>) =>
  answeringBody(
    ({ id, body: { deleted } }) =>
      setOwnThingDeleted(database(), thing, id, deleted, new Date())
        ? {}
        : errorAnswer(404, { code: "notThere", message: thing.words.notThere }),
    listedSchema,
  );
