import type { Metadata } from "next";
import { redirect } from "next/navigation";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { compute } from "@/threads/pool";
import { ROUTES } from "@/ui/routes";
import { StoryTurn } from "@/ui/stories";
import { type Parameters, parametersOf } from "../../parameters";
import { savedHouse } from "../../saved";
import { usedStock } from "../../stock";
import { TooMuch } from "../../TooMuch";
import { askedStory } from "../asked";

export const metadata: Metadata = { title: "Your story" };

export default async function StoryTurnPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { kind, seed } = askedStory(await parametersOf(searchParams));
  const house = savedHouse();
  const shown = await compute("storyShown", { kind, seed, house: choicesOf(house), stock: usedStock() });
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  if (shown.value === undefined) redirect(ROUTES.stories);
  const { stretches, question, givens, frames } = shown.value;
  const story = { kind, stretches, question, givens, frames };
  return <StoryTurn key={`${kind} ${seed}`} story={story} seed={seed} house={house} />;
}
