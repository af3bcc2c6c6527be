import type { OwnRung } from "@/core/sheets";
import type { KeptClient } from "../../saving/keptClient";
import { ownClient } from "../../saving/own/ownClient";

/** What is being written of a rung. */
export interface RungDraft {
  readonly name: string;
  readonly strand: OwnRung["strand"];
  /** Its lines, one below the other. */
  readonly text: string;
  readonly always: OwnRung["always"];
  readonly never: OwnRung["never"];
}

export const draftOfRung = ({ name, strand, lines, always, never }: OwnRung): RungDraft => ({
  name,
  strand,
  text: lines.join("\n"),
  always,
  never,
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
