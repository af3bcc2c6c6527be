import { houseChoicesSchema } from "@/data";
import { computeAside } from "@/threads/pool";
import { rungRecipeSchema } from "../../../../ownRungs";
import { answering, errorAnswer, resultAnswer } from "../../../answers";

const samplesSchema = rungRecipeSchema.extend({ house: houseChoicesSchema.optional() });

/** What a rung that is being made gives: samples, and how many of a thousand fit. */
export const POST = answering(async ({ body }) => {
  const samples = await computeAside("ownSamples", body);
  return samples.ok ? resultAnswer(samples.value) : errorAnswer(503, samples.error);
}, samplesSchema);
