import { z } from "zod";
import { ID_PATTERN } from "@/core/id";
import { LONGEST_STORY, STRUCTURES } from "@/core/stories";
import { STORY_PATTERN_WORDS } from "@/core/wording";
import { database, findLearner, historyOf, keepHandedIn } from "@/data";
import { houseChoicesSchema } from "@/service/houseRequested";
import type { StoryWorkMarked } from "@/service/requests";
import { compute } from "@/threads/pool";
import { usedStock } from "../../../reading/saved";
import { answeringBody, errorAnswer, resultAnswer } from "../../answers";

/** The longest line, answer or sentence of a learner that is read. */
const LONGEST = 400;

const workSchema = z.object({
  kind: z.string().max(60),
  seed: z.number().int().nonnegative(),
  house: houseChoicesSchema.optional(),
  /** Who did it, and the id it was sent with: the same one again is the same work again. */
  learner: z.string().max(40).optional(),
  id: z.string().regex(ID_PATTERN).optional(),
  text: z.string().max(LONGEST_STORY).optional(),
  work: z.object({
    tapped: z.array(z.string().max(8)).max(12),
    structure: z.enum(STRUCTURES).optional(),
    line: z.string().max(LONGEST).optional(),
    answer: z.string().max(LONGEST).optional(),
    frame: z.string().max(LONGEST).optional(),
  }),
});

type Sent = z.infer<typeof workSchema>;

/** Marks a learner's work on a story: `{kind, seed, house?, work, learner?}` to `{stages, behind, kept}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const data = database();
  const learner = findLearner(data, body.learner ?? "");
  if ((body.learner ?? "") !== "" && learner === undefined)
    return errorAnswer(404, { code: "notThere", message: "This learner is no longer there." });
  const marked = await compute("markStoryWork", { ...body, stock: usedStock() });
  if (!marked.ok) return errorAnswer(503, marked.error);
  if (!marked.value.ok) return resultAnswer(marked.value);
  const kept = learner !== undefined && (await keep(body, learner.id, marked.value.value.behind[0]));
  return { ...marked.value.value, kept };
}, workSchema);

/** Keeps an answer to a story in a learner's record, as one to the line that answers it; tells whether it could. */
async function keep(
  { kind, seed, house = {}, work: { answer = "" }, id: sentId }: Sent,
  learnerId: string,
  likeliest: StoryWorkMarked["behind"][number] | undefined,
): Promise<boolean> {
  const record = await compute("storyRecord", { kind, seed, house, answer, stock: usedStock() });
  if (!record.ok || record.value === null) return false;
  const { line, bySense } = record.value;
  const data = database();
  const sent = { problem: line, house, answer, marks: [], hints: 0, estimate: "", seconds: 0 };
  const marked = await compute("markHandedIn", { sent, history: historyOf(data, learnerId) });
  if (!marked.ok || !marked.value.ok) return false;
  const { work } = marked.value.value;
  const pattern = likeliest?.pattern ?? null;
  // What went wrong in the story, or how a quotient is rounded in it, is no error in the columns and not counted as one.
  const aside = { ...work.mark, faults: [], patterns: [], shown: [], probability: undefined };
  const told = bySense === null ? aside : { ...aside, verdict: bySense };
  const mark = bySense === null && pattern === null ? work.mark : told;
  const note = pattern === null ? {} : { note: `In the story: ${STORY_PATTERN_WORDS[pattern].name}` };
  keepHandedIn(data, { ...work, mark, ...note, learnerId, sentId }, new Date());
  return true;
}
