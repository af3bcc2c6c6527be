import { z } from "zod";
import { changeSetting, database } from "@/data";
import { rungSchema, rungsKept, withRung } from "@/service/kept/ownRungs";
import { answeringBody } from "../../answers";

const changeSchema = z.union([rungSchema, z.strictObject({ id: z.string().max(40) })]);

/** Keeps a rung that the tutor made, in the place of the one of its id; or takes one off the ladder, where only its id is sent. */
export const PUT = answeringBody(
  ({ body }) => ({ rungs: changeSetting(database(), "rungs", (now) => withRung(rungsKept(now), body)) }),
  changeSchema,
);
