import { z } from "zod";
import { ID_PATTERN } from "@/core/id";
import { cleanName, LONGEST_NAME } from "@/core/marking";
import { addLearner, database } from "@/data";
import { answeringBody, errorAnswer } from "../answers";

const learnerSchema = z.object({ id: z.string().regex(ID_PATTERN), name: z.string().max(LONGEST_NAME * 4) });

/** Puts a learner on the list; answers with the one who is there under the same name already, where there is one. */
export const POST = answeringBody(({ body }) => {
  const name = cleanName(body.name);
  if (name === "" || name.length > LONGEST_NAME) return errorAnswer(422, nameError(name));
  return { learner: addLearner(database(), { id: body.id, name }, new Date()) };
}, learnerSchema);

const nameError = (name: string) =>
  name === ""
    ? { code: "noName", message: "Type a first name or initials." }
    : { code: "longName", message: `A name has at most ${LONGEST_NAME} letters.` };
