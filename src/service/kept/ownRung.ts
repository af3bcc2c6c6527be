import { z } from "zod";
import { TRAITS } from "@/core/features";
import { done } from "@/core/result";
import { type OwnRung, STRANDS } from "@/core/sheets";
import { ownThing } from "./ownThing";

/** The most of everything on a rung. */
const MOST_LINES = 12;
const LONGEST_RUNG_LINE = 120;
const MOST_WISHES = 12;

const wishes = z.array(z.enum(TRAITS.map(({ id }) => id))).max(MOST_WISHES);

/** The lines and wishes of a rung, as its page sends them. */
export const rungRecipeSchema = z.object({
  lines: z.array(z.string().min(1).max(LONGEST_RUNG_LINE)).max(MOST_LINES),
  always: wishes,
  never: wishes,
});

/** A rung that a tutor made or adjusted. */
export const keptRung = ownThing("rung", {
  called: "rung",
  most: 100,
  state: rungRecipeSchema.extend({ name: z.string().trim().min(1).max(80), strand: z.enum(STRANDS) }),
  check: (rung) => done<Omit<OwnRung, "id">>(rung),
  stateOf: ({ lines, always, never, name, strand }) => ({
    lines: [...lines],
    always: [...always],
    never: [...never],
    name,
    strand,
  }),
});
