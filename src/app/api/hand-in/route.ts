import { z } from "zod";
import { ID_PATTERN } from "@/core/id";
import { LONGEST_ANSWER, LONGEST_GUESS } from "@/core/marking";
import { LONGEST_LINE } from "@/core/problem";
import { database, findLearner, historyOf, keepHandedIn } from "@/data";
import { houseChoicesSchema } from "@/service/houseRequested";
import type { HandedIn } from "@/service/requests/marking/handedIn";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer } from "../answers";

/** The most marks of a paper that are kept. */
const MOST_MARKS = 2000;

const handInSchema = z.object({
  id: z.string().regex(ID_PATTERN).optional(),
  problem: z.string().max(LONGEST_LINE),
  house: houseChoicesSchema,
  answer: z.string().max(LONGEST_ANSWER),
  marks: z.array(z.unknown()).max(MOST_MARKS),
  hints: z.number().int().min(0).max(999),
  estimate: z.string().max(LONGEST_GUESS),
  seconds: z.number().int().min(0).max(86_400),
  learner: z.string().max(40),
});

const LARGEST = 600_000;

/** Marks what a learner hands in, explains it where it is wrong, and keeps it where a learner is named. */
export const POST = answeringBody(
  async ({ body: { id: sentId, learner: id, ...sent } }) => {
    const data = database();
    const learner = findLearner(data, id);
    if (id !== "" && learner === undefined)
      return errorAnswer(404, { code: "notThere", message: "This learner is no longer there." });
    const history = learner === undefined ? new Map() : historyOf(data, learner.id);
    const marked = await compute("markHandedIn", { sent, history });
    if (!marked.ok) return errorAnswer(503, marked.error);
    if (!marked.value.ok) return errorAnswer(422, marked.value.error);
    const { told, work } = marked.value.value;
    if (learner !== undefined) keepHandedIn(data, { ...work, sentId, learnerId: learner.id }, new Date());
    const answer: HandedIn = { ...told, kept: learner !== undefined };
    return answer;
  },
  handInSchema,
  LARGEST,
);
