import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { compute } from "@/threads/pool";
import { StoriesScreen } from "@/ui/stories";
import { type Parameters, parametersOf } from "../parameters";
import { savedHouse } from "../saved";
import { usedStock } from "../stock";
import { TooMuch } from "../TooMuch";
import { askedStory } from "./asked";

export const metadata: Metadata = { title: "Word problems" };

export default async function StoriesPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { kind, seed } = askedStory(await parametersOf(searchParams));
  const house = savedHouse();
  const shown = await compute("storyShown", { kind, seed, house: choicesOf(house), stock: usedStock() });
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  return <StoriesScreen key={`${kind} ${seed}`} kind={kind} seed={seed} story={shown.value} house={house} />;
}
