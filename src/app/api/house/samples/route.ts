import { z } from "zod";
import { houseChoicesSchema, houseRequested } from "@/service/houseRequested";
import { compute } from "@/threads/pool";
import { answeringBody, errorAnswer } from "../../answers";

const samplesSchema = z.object({ house: houseChoicesSchema });

/** What each switch changes, under some house rules. */
export const POST = answeringBody(async ({ body }) => {
  const house = houseRequested(body.house);
  if (!house.ok) return errorAnswer(422, house.error);
  const samples = await compute("switchSamples", body);
  return samples.ok ? { samples: samples.value } : errorAnswer(503, samples.error);
}, samplesSchema);
