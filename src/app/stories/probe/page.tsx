import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { compute } from "@/threads/pool";
import { StoryProbe } from "@/ui/stories";
import { type Parameters, parametersOf } from "../../reading/parameters";
import { savedHouse, usedStock } from "../../reading/saved";
import { TooMuch } from "../../TooMuch";
import { seedOf } from "../asked";

export const metadata: Metadata = { title: "Eight stories" };

export default async function StoryProbePage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const seed = seedOf(await parametersOf(searchParams));
  const house = savedHouse();
  const shown = await compute("storyProbeShown", { seed, house: choicesOf(house), stock: usedStock() });
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  return <StoryProbe key={seed} stories={shown.value} seed={seed} house={house} />;
}
