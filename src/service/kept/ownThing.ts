import { type KeptThing, kept } from "./kept";

/** What a tutor makes for themselves, of which several stand side by side. */
export const OWN_KINDS = ["rung", "story", "stockList"] as const;
export type OwnKind = (typeof OWN_KINDS)[number];

/** Something of a tutor's own, each kept by itself under its kind and id. */
export interface OwnThing<State, Checked> extends KeptThing<State, Checked> {
  readonly kind: OwnKind;
  /** As many as there can be. */
  readonly most: number;
}

/** Defines something of a tutor's own; all else follows as for anything that is kept. */
export const ownThing = <State, Checked>(
  kind: OwnKind,
  { most, ...thing }: Omit<Parameters<typeof kept<State, Checked>>[0], "name"> & { readonly most: number },
): OwnThing<State, Checked> => ({ ...kept({ name: kind, ...thing }), kind, most });
