import { z } from "zod";
import { cleanName, LONGEST_NAME } from "@/core/marking";
import { database, removeLearner, renameLearner, restoreLearner } from "@/data";
import { answeringBody, errorAnswer } from "../../answers";

const aboutSchema = z.discriminatedUnion("act", [
  z.object({
    act: z.literal("rename"),
    name: z
      .string()
      .max(LONGEST_NAME * 4)
      .transform(cleanName)
      .pipe(z.string().min(1).max(LONGEST_NAME)),
    saw: z.number().int().min(0),
  }),
  z.object({ act: z.literal("remove") }),
  z.object({ act: z.literal("restore") }),
]);

const NOT_THERE = { code: "notThere", message: "There is no such learner." };

/** Renames a learner, takes one off the list, or brings one back with all they did. */
export const POST = answeringBody(({ id, body }) => {
  const data = database();
  if (body.act === "remove") return removeLearner(data, id, new Date()) ? {} : errorAnswer(404, NOT_THERE);
  if (body.act === "restore") return restoreLearner(data, id) ? {} : errorAnswer(404, NOT_THERE);
  const renamed = renameLearner(data, id, body.name, body.saw);
  if (renamed.ok) return { learner: renamed.value };
  switch (renamed.error.code) {
    case "noSuchLearner":
      return errorAnswer(404, NOT_THERE);
    case "nameTaken":
      return errorAnswer(409, { code: "nameTaken", message: "Another learner has this name already." });
    case "stale": {
      const { name } = renamed.error.now;
      return errorAnswer(409, {
        code: "stale",
        message: `In another window this learner was named “${name}”.`,
      });
    }
  }
}, aboutSchema);
