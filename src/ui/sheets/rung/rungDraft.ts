import { z } from "zod";
import { TRAITS } from "@/core/features";
import { type OwnRung, STRANDS } from "@/core/sheets";
import type { KeptClient } from "../../saving/keptClient";
import { ownClient } from "../../saving/own/ownClient";

const wishes = z.array(z.enum(TRAITS.map(({ id }) => id)));

/** What is being written of a rung. */
export const rungDraftSchema = z.object({
  name: z.string(),
  strand: z.enum(STRANDS),
  /** Its lines, one below the other. */
  text: z.string(),
  always: wishes,
  never: wishes,
});

export type RungDraft = z.infer<typeof rungDraftSchema>;

export const draftOfRung = ({ name, strand, lines, always, never }: OwnRung): RungDraft => ({
  name,
  strand,
  text: lines.join("\n"),
  always: [...always],
  never: [...never],
});

/** The rung that is written, without lines that are empty. */
export const rungOfDraft = (id: string, { name, strand, text, always, never }: RungDraft): OwnRung => ({
  id,
  name: name.trim(),
  strand,
  lines: text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== ""),
  always,
  never,
});

/** A rung of the tutor's own, as it is kept. */
export const RUNG_CLIENT: KeptClient<OwnRung> = ownClient("rung", () =>
  import("@/service/kept/ownRung").then((module) => module.keptRung),
);
