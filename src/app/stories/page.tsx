import type { Metadata } from "next";
import type { ReactElement } from "react";
import { StoriesScreen } from "@/ui/stories";
import { type Parameters, parametersOf } from "../reading/parameters";
import { TooMuch } from "../TooMuch";
import { askedTold } from "./asked";

export const metadata: Metadata = { title: "Word problems" };

export default async function StoriesPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { kind, seed, house, shown } = await askedTold(await parametersOf(searchParams));
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  return <StoriesScreen key={`${kind} ${seed}`} kind={kind} seed={seed} story={shown.value} house={house} />;
}
