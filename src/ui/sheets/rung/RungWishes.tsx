import type { ReactElement } from "react";
import { TRAITS, type TraitId } from "@/core/features";
import { TRAIT_NAMES } from "@/core/wording";
import { Choose } from "../editor/acts/Panel";

const WISHES = [
  { id: "any", name: "As it comes" },
  { id: "always", name: "Always" },
  { id: "never", name: "Never" },
] as const;
type Wish = (typeof WISHES)[number]["id"];

/** What the workings of a rung are always to have, or never, of the traits that its samples have or that were wished. */
export function RungWishes({
  traits,
  always,
  never,
  onWish,
}: {
  readonly traits: readonly TraitId[];
  readonly always: readonly TraitId[];
  readonly never: readonly TraitId[];
  readonly onWish: (to: { readonly always: TraitId[]; readonly never: TraitId[] }) => void;
}): ReactElement {
  const wishOf = (trait: TraitId): Wish =>
    always.includes(trait) ? "always" : never.includes(trait) ? "never" : "any";
  const wish = (trait: TraitId, to: Wish): void => {
    const without = (all: readonly TraitId[]): TraitId[] => all.filter((one) => one !== trait);
    onWish({
      always: [...without(always), ...(to === "always" ? [trait] : [])],
      never: [...without(never), ...(to === "never" ? [trait] : [])],
    });
  };
  return (
    <>
      {TRAITS.filter(({ id }) => traits.includes(id) || wishOf(id) !== "any").map(({ id }) => (
        <Choose
          key={id}
          name={TRAIT_NAMES[id]}
          of={WISHES}
          chosen={wishOf(id)}
          onChoose={(to) => wish(id, to)}
        />
      ))}
    </>
  );
}
