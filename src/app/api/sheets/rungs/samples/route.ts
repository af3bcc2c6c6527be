import { houseChoicesSchema } from "@/service/houseRequested";
import { rungRecipeSchema } from "@/service/kept/ownRung";
import { computeSlowly } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../../../answers";

const samplesSchema = rungRecipeSchema.extend({ house: houseChoicesSchema.optional() });

/** What a rung that is being made gives: samples, and how many of a thousand fit. */
export const POST = answeringBody(async ({ body }) => {
  const samples = await computeSlowly("samplesOfOwnRung", body);
  return samples.ok ? resultAnswer(samples.value) : errorAnswer(503, samples.error);
}, samplesSchema);
