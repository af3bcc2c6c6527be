import { z } from "zod";
import { isTrait, type TraitId } from "@/core/features";
import { type OwnRung, STRANDS } from "@/core/sheets";

/** The most rungs a tutor can make, and the most of everything on one. */
const MOST_RUNGS = 100;
const MOST_LINES = 12;
const LONGEST_RUNG_LINE = 120;

const trait = z.string().max(40);

/** The lines and wishes of a rung, as its page sends them. */
export const rungRecipeSchema = z.object({
  lines: z.array(z.string().min(1).max(LONGEST_RUNG_LINE)).max(MOST_LINES),
  always: z.array(trait).max(12),
  never: z.array(trait).max(12),
});

export const rungSchema = rungRecipeSchema.extend({
  id: z.string().regex(/^[a-z0-9]{8,40}$/),
  name: z.string().trim().min(1).max(80),
  strand: z.enum(STRANDS),
});

const keptSchema = z.array(rungSchema).max(MOST_RUNGS);

const traits = (all: readonly string[]): readonly TraitId[] => all.filter(isTrait);

/** The rungs that were kept, whatever else stands under their name. */
export function rungsKept(value: unknown): readonly OwnRung[] {
  const kept = keptSchema.safeParse(value);
  if (!kept.success) return [];
  return kept.data.map((rung) => ({ ...rung, always: traits(rung.always), never: traits(rung.never) }));
}

/** The rungs with one put in its place or added; with one taken off where only its id is given. */
export function withRung(
  rungs: readonly OwnRung[],
  change: z.infer<typeof rungSchema> | { readonly id: string },
): readonly OwnRung[] {
  if (!("lines" in change)) return rungs.filter(({ id }) => id !== change.id);
  const rung = { ...change, always: traits(change.always), never: traits(change.never) };
  const known = rungs.some(({ id }) => id === rung.id);
  return known
    ? rungs.map((one) => (one.id === rung.id ? rung : one))
    : [...rungs, rung].slice(0, MOST_RUNGS);
}
