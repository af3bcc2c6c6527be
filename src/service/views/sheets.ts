import { z } from "zod";
import { PATTERN_IDS } from "@/core/errorPatterns";
import { TRAITS } from "@/core/features";
import { houseChoicesSchema } from "../houseRequested";
import { keptRowSchema, storyOfRowSchema } from "../kept/keptSheet";
import type { OwnSamples } from "../requests/sheets/ownRung";
import type { NextProbe } from "../requests/sheets/probe";
import type { RowResult, ShownRow } from "../requests/sheets/sheetRows";

/* What the server answers about sheets, their rungs and probes. */

const trait = z.enum(TRAITS.map(({ id }) => id));

const shownRow = z.object({
  problem: z.string(),
  answer: z.string(),
  skill: z.string().optional(),
  notch: z.number().optional(),
  traits: z.partialRecord(trait, z.number()),
  story: storyOfRowSchema.optional(),
}) satisfies z.ZodType<ShownRow>;

const unreadRow = z.object({
  problem: z.string(),
  error: z.object({ code: z.string(), message: z.string(), at: z.number().exactOptional() }),
});

/** Rows that were read, worked or drawn. */
export const drawnRows = z.object({
  rows: z.array(z.union([unreadRow, shownRow]) satisfies z.ZodType<RowResult>),
});

/** What a rung that is being made gives. */
export const ownSamples = z.object({
  samples: z.array(shownRow),
  fit: z.number(),
  tried: z.number(),
  traits: z.array(trait),
  unread: z.array(z.object({ line: z.string(), message: z.string() })),
}) satisfies z.ZodType<OwnSamples>;

/** A sheet that was read from a file. */
export const sheetFromFile = z.object({
  name: z.string(),
  house: houseChoicesSchema,
  rows: z.array(keptRowSchema),
});

/** Twins of a problem. */
export const twins = z.object({ twins: z.array(z.string()) });

const account = z.object({ id: z.enum(["sound", ...PATTERN_IDS]), name: z.string() });

/** What a probe asks next, or what came of it. */
export const probed = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("ask"),
    problem: z.string(),
    likeliest: z.array(account.extend({ probability: z.number() })),
  }),
  z.object({
    kind: z.literal("ended"),
    why: z.enum(["clear", "nothingMore", "enough"]),
    accounts: z.array(account),
    probability: z.number(),
    patterns: z.array(z.enum(PATTERN_IDS)),
  }),
]) satisfies z.ZodType<NextProbe>;
