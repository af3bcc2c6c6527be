import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { isSkill, type SkillId } from "@/core/sheets";
import { compute } from "@/threads/pool";
import { COUNTS, SheetsScreen } from "@/ui/sheets";
import { type Parameters, parametersOf } from "../parameters";
import { savedHouse } from "../saved";
import { TooMuch } from "../TooMuch";

export const metadata: Metadata = { title: "Sheets" };

/** What is drawn where nothing was chosen. */
const USUAL_SKILL: SkillId = "add-carrying-once";
const USUAL_COUNT = 12;

export default async function SheetsPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const parameters = await parametersOf(searchParams);
  const house = savedHouse();
  const skill = isSkill(parameters.skill) ? parameters.skill : USUAL_SKILL;
  const seed = /^\d{1,9}$/.test(parameters.seed ?? "") ? Number(parameters.seed) : 1;
  const count = COUNTS.find((one) => String(one) === parameters.count) ?? USUAL_COUNT;
  const drawn = await compute("skillShown", {
    skill,
    count,
    seed,
    house: choicesOf(house),
  });
  if (!drawn.ok) return <TooMuch message={drawn.error.message} />;
  return (
    <SheetsScreen
      key={`${skill} ${seed} ${count}`}
      skill={skill}
      seed={seed}
      count={count}
      problems={drawn.value.problems}
      patterns={drawn.value.patterns}
      house={house}
    />
  );
}
