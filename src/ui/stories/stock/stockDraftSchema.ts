import { z } from "zod";
import { CURRENCY_IDS } from "@/core/quantity";
import { UNIT_SYSTEMS } from "@/core/stories";
import type { StockDraft } from "./stockDraft";

/** What is remembered of a list as it is written. */
export const stockDraftSchema: z.ZodType<StockDraft> = z.object({
  name: z.string(),
  text: z.string(),
  currency: z.enum(CURRENCY_IDS).optional(),
  system: z.enum(UNIT_SYSTEMS).optional(),
});
