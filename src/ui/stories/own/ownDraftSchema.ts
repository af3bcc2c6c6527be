import { z } from "zod";
import { OWN_FORMS, OWN_LINE } from "@/core/stories";
import type { OwnDraft } from "./ownDraft";

/** What is remembered of a story as it is written: what can be kept and what can't yet. */
export const ownDraftSchema: z.ZodType<OwnDraft> = z.object({
  text: z.string(),
  form: z.enum([...OWN_FORMS.map(({ id }) => id), OWN_LINE]),
  line: z.string(),
  left: z.array(z.string()),
  turned: z.boolean(),
  answer: z.string(),
});
