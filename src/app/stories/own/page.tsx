import type { Metadata } from "next";
import type { ReactElement } from "react";
import type { OwnStart } from "@/render/json";
import { OwnStory } from "@/ui/stories";
import { type Parameters, parametersOf } from "../../parameters";
import { savedHouse } from "../../saved";
import { TooMuch } from "../../TooMuch";
import { askedTold } from "../asked";

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
  if (parameters.kind === undefined) return <OwnStory text={SAMPLE} start={PLAIN} house={savedHouse()} />;
  const { house, shown } = await askedTold(parameters);
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  const told = shown.value;
  const text =
    told === undefined ? SAMPLE : `${told.stretches.map((one) => one.text).join("")} ${told.question}`;
  return <OwnStory key={text} text={text} start={told?.own ?? PLAIN} house={house} />;
}
