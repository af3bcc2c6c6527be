import { z } from "zod";
import { FIRST_VIEW, PACES, SQUARE_SIZES, THEMES, type View } from "./view";

/** A view, or the part of it that is changed. */
export const viewSchema = z.object({
  theme: z.enum(THEMES),
  square: z.literal(SQUARE_SIZES),
  placeNames: z.boolean(),
  sayLine: z.boolean(),
  estimateWaits: z.boolean(),
  aloud: z.boolean(),
  pace: z.literal(PACES),
});

/** A view as it was kept; a new tutor's where none was, or for what it lacks. */
export function viewKept(value: unknown): View {
  const view = viewSchema.partial().safeParse(value);
  // An absent setting is the first view's, and so is one that is there and empty.
  const there = Object.entries(view.data ?? {}).filter(([, setting]) => setting !== undefined);
  return { ...FIRST_VIEW, ...Object.fromEntries(there) };
}
