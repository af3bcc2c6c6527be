import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";
import { ownFormSchema } from "@/service/kept/ownStory";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../../answers";

const ownSchema = z.object({
  text: z.string().max(2000),
  ...ownFormSchema,
  house: houseChoicesSchema.optional(),
});

/** Works a story of the tutor's own: `{text, form, left?, turned?, house?}` to its numbers, line, answer and picture. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const shown = await compute("workOwnStory", body);
  return shown.ok ? resultAnswer(shown.value) : errorAnswer(503, shown.error);
}, ownSchema);
