import { z } from "zod";
import { TRAITS } from "@/core/features";
import { STRANDS } from "@/core/sheets";
import type { RungDraft } from "./rungDraft";

const wishes = z.array(z.enum(TRAITS.map(({ id }) => id)));

/** What is remembered of a rung as it is written. */
export const rungDraftSchema: z.ZodType<RungDraft> = z.object({
  name: z.string(),
  strand: z.enum(STRANDS),
  text: z.string(),
  always: wishes,
  never: wishes,
});
