import { z } from "zod";
import { houseChoicesSchema } from "@/service/houseRequested";

/** What is probed, as a program says it. */
export const probedSchema = z.object({
  strand: z.string().max(40).optional(),
  patterns: z.array(z.string().max(80)).max(40).optional(),
  house: houseChoicesSchema.optional(),
  seed: z.number().int().nonnegative().default(1),
});
