import { z } from "zod";
import { LONGEST_ANSWER } from "@/core/marking";
import { LONGEST_LINE } from "@/core/problem";
import { computeSlowly } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../../answers";
import { probedSchema } from "../probed";

const nextSchema = probedSchema.extend({
  replies: z
    .array(z.object({ problem: z.string().max(LONGEST_LINE), given: z.string().max(LONGEST_ANSWER) }))
    .max(20),
});

/** The next problem of adaptive probing after some answers, or what came of it. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const next = await computeSlowly("nextProbe", body);
  return next.ok ? resultAnswer(next.value) : errorAnswer(503, next.error);
}, nextSchema);
