import type { Metadata } from "next";
import { redirect } from "next/navigation";
import type { ReactElement } from "react";
import { PATTERN_IDS } from "@/core/errorPatterns";
import { choicesOf } from "@/core/house";
import { DRAWING_VERSION } from "@/core/sheets";
import { NO_RUNG_FOR, SKILL_NAMES } from "@/core/wording";
import { compute, computeSlowly } from "@/threads/pool";
import { recipeAddress, recipeFrom, SheetEditor, SheetsScreen } from "@/ui/sheets";
import { type Parameters, parametersOf } from "../reading/parameters";
import { ownRungs, savedHouse } from "../reading/saved";
import { TooMuch } from "../TooMuch";

export const metadata: Metadata = { title: "Sheets" };

/** The most letters of a name that comes from several skills. */
const LONGEST_MADE_NAME = 100;

export default async function SheetsPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const parameters = await parametersOf(searchParams);
  const house = savedHouse();
  const followed = (parameters.patterns ?? "").split(",").filter((one) => one !== "");
  if (followed.length > 0) {
    const patterns = PATTERN_IDS.filter((id) => followed.includes(id)).slice(0, 8);
    const found = await computeSlowly("skillsShowing", { patterns, house: choicesOf(house) });
    if (!found.ok) return <TooMuch message={found.error.message} />;
    if (found.value.length === 0) return <TooMuch message={NO_RUNG_FOR} />;
    redirect(recipeAddress(recipeFrom({ ...parameters, skill: found.value.join(",") })));
  }
  const rungs = ownRungs();
  const rung = rungs.find(({ id }) => id === parameters.own);
  const recipe = recipeFrom(parameters);
  if (rung !== undefined) {
    const { count, seed } = recipe;
    const asked = { ...rung, count, seed, house: choicesOf(house) };
    const drawn = await compute("ownSheet", asked);
    if (!drawn.ok) return <TooMuch message={drawn.error.message} />;
    const own = { ...recipe, own: rung.id };
    return (
      <SheetsScreen skills={[]} own={rungs} chosenOwn={rung.id} patterns={[]}>
        {!drawn.value.ok && <Refused message={drawn.value.error.message} />}
        <SheetEditor
          key={recipeAddress(own)}
          name={rung.name}
          results={drawn.value.ok ? drawn.value.value : []}
          recipe={own}
          possible={rung.always}
          house={house}
          drawing={DRAWING_VERSION}
          opened={undefined}
        />
      </SheetsScreen>
    );
  }
  const { skills, count, seed, never, least } = recipe;
  const request = { skill: skills, count, seed, never, least, house: choicesOf(house) };
  const [drawn, about] = await Promise.all([
    compute("sheet", request),
    computeSlowly("skillsShown", request),
  ]);
  if (!drawn.ok) return <TooMuch message={drawn.error.message} />;
  const { patterns, traits } = about.ok ? about.value : { patterns: [], traits: [] };
  const name = skills
    .map((id) => SKILL_NAMES[id])
    .join(", ")
    .slice(0, LONGEST_MADE_NAME);
  return (
    <SheetsScreen skills={skills} own={rungs} patterns={patterns}>
      {!drawn.value.ok && <Refused message={drawn.value.error.message} />}
      <SheetEditor
        key={recipeAddress(recipe)}
        name={name}
        results={drawn.value.ok ? drawn.value.value.problems : []}
        recipe={recipe}
        possible={traits}
        house={house}
        drawing={DRAWING_VERSION}
        opened={undefined}
      />
    </SheetsScreen>
  );
}

/** Why nothing was drawn, over the empty sheet. */
const Refused = ({ message }: { readonly message: string }): ReactElement => (
  <p role="alert" className="mb-3 max-w-[640px] text-rust">
    {message}
  </p>
);
