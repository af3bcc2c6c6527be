import { z } from "zod";
import { MOST_PROBED } from "@/service/requests";
import { computeSlowly } from "@/threads/pool";
import { answeringBody, errorAnswer, resultAnswer } from "../answers";
import { probedSchema } from "./probed";

const probesSchema = probedSchema.extend({ count: z.number().int().min(1).max(MOST_PROBED).optional() });

/** Problems whose answers tell patterns apart: `{strand | patterns, house?, count?, seed?}` to `{problems, together, accounts}`. See docs/api.md. */
export const POST = answeringBody(async ({ body }) => {
  const probe = await computeSlowly("probe", body);
  return probe.ok ? resultAnswer(probe.value) : errorAnswer(503, probe.error);
}, probesSchema);
