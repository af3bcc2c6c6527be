import type { Metadata } from "next";
import { redirect } from "next/navigation";
import type { ReactElement } from "react";
import { database, listLearners } from "@/data";
import { ROUTES } from "@/service/routes";
import { StoryTask } from "@/ui/stories";
import { type Parameters, parametersOf } from "../../reading/parameters";
import { TooMuch } from "../../TooMuch";
import { askedTold } from "../asked";

export const metadata: Metadata = { title: "Your story" };

export default async function StoryTurnPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const parameters = await parametersOf(searchParams);
  const { kind, seed, house, shown } = await askedTold(parameters);
  if (!shown.ok) return <TooMuch message={shown.error.message} />;
  if (shown.value === undefined) redirect(ROUTES.stories);
  const { stretches, question, givens, frames } = shown.value;
  const story = { kind, stretches, question, givens, frames };
  return (
    <StoryTask
      key={`${kind} ${seed}`}
      story={story}
      seed={seed}
      house={house}
      learners={listLearners(database()).map(({ id, name }) => ({ id, name }))}
      learner={parameters.learner ?? ""}
    />
  );
}
