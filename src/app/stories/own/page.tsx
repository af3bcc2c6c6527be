import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import type { OwnStart } from "@/render/json";
import { compute } from "@/threads/pool";
import { OwnStory } from "@/ui/stories";
import { type Parameters, parametersOf } from "../../parameters";
import { savedHouse } from "../../saved";
import { usedStock } from "../../stock";
import { TooMuch } from "../../TooMuch";
import { askedStory } from "../asked";

export const metadata: Metadata = { title: "A story of your own" };

/** What stands there before a tutor writes. */
const SAMPLE = "Nadia sells 3 bells. Each of them costs 7.25. What do they cost altogether?";
const PLAIN: OwnStart = { form: "altogether", left: [], turned: false };

export default async function OwnStoryPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const parameters = await parametersOf(searchParams);
  const house = savedHouse();
  if (parameters.kind === undefined) return <OwnStory text={SAMPLE} start={PLAIN} house={house} />;
  const { kind, seed } = askedStory(parameters);
  const shown = await compute("storyShown", { kind, seed, house: choicesOf(house), stock: usedStock() });
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  const told = shown.value;
  const text =
    told === undefined ? SAMPLE : `${told.stretches.map((one) => one.text).join("")} ${told.question}`;
  return <OwnStory key={text} text={text} start={told?.own ?? PLAIN} house={house} />;
}
