import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { DRAWING } from "@/core/sheets";
import { SKILL_NAMES } from "@/core/wording";
import { compute } from "@/threads/pool";
import { recipeAddress, recipeFrom, SheetEditor, SheetsScreen } from "@/ui/sheets";
import { type Parameters, parametersOf } from "../parameters";
import { savedHouse } from "../saved";
import { TooMuch } from "../TooMuch";

export const metadata: Metadata = { title: "Sheets" };

/** The most letters of a name that comes from several skills. */
const LONGEST_MADE_NAME = 100;

export default async function SheetsPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const recipe = recipeFrom(await parametersOf(searchParams));
  const house = savedHouse();
  const { skills, count, seed, never, least } = recipe;
  const request = { skill: skills, count, seed, never, least, house: choicesOf(house) };
  const [drawn, about] = await Promise.all([compute("sheet", request), compute("skillsShown", request)]);
  if (!drawn.ok) return <TooMuch message={drawn.error.message} />;
  const { patterns, traits } = about.ok ? about.value : { patterns: [], traits: [] };
  const name = skills
    .map((id) => SKILL_NAMES[id])
    .join(", ")
    .slice(0, LONGEST_MADE_NAME);
  return (
    <SheetsScreen skills={skills} patterns={patterns}>
      {!drawn.value.ok && (
        <p role="alert" className="mb-3 max-w-[640px] text-rust">
          {drawn.value.error.message}
        </p>
      )}
      <SheetEditor
        key={recipeAddress(recipe)}
        name={name}
        results={drawn.value.ok ? drawn.value.value.problems : []}
        recipe={recipe}
        possible={traits}
        house={house}
        drawing={DRAWING}
        opened={undefined}
      />
    </SheetsScreen>
  );
}
