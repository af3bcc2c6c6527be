import type { Metadata } from "next";
import type { ReactElement } from "react";
import { isTrait } from "@/core/features";
import { type OwnRung, SKILLS } from "@/core/sheets";
import { SKILL_NAMES } from "@/core/wording";
import { database, findOwnThing, unreadOwnThings } from "@/data";
import { keptRung } from "@/service/kept/ownRung";
import { newId } from "@/ui/ids";
import { UnreadNotes } from "@/ui/parts/UnreadNotes";
import { RungEditor, SheetsScreen } from "@/ui/sheets";
import { type Parameters, parametersOf } from "../../reading/parameters";
import { ownRungs, savedHouse } from "../../reading/saved";

export const metadata: Metadata = { title: "A rung of your own" };

/** The rung that an adjusted one begins from: the hardest lines of a skill, and what its workings always have there. */
function fromSkill(id: string | undefined): OwnRung {
  const skill = SKILLS.find((one) => one.id === id) ?? SKILLS[0];
  const trap = skill?.climb[3];
  const always = Object.entries(trap?.wishes ?? {}).flatMap(([trait, wish]) =>
    isTrait(trait) && (wish === true || (typeof wish === "number" && wish > 0)) ? [trait] : [],
  );
  return {
    id: newId(),
    name: skill === undefined ? "" : `${SKILL_NAMES[skill.id]}, my way`,
    strand: skill?.strand ?? "addingSubtracting",
    lines: [...new Set(skill?.climb.flatMap(({ lines }) => lines))].slice(0, 12),
    always,
    never: [],
  };
}

export default async function RungPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { skill, own } = await parametersOf(searchParams);
  const kept = own === undefined ? undefined : findOwnThing(database(), keptRung, own);
  return (
    <SheetsScreen skills={[]} own={ownRungs()} patterns={[]}>
      <h1 className="text-head leading-tight font-semibold">
        {kept === undefined ? "A rung of your own" : "Change this rung"}
      </h1>
      <div className="mt-4">
        <RungEditor
          start={kept === undefined ? fromSkill(skill) : { id: kept.id, ...kept.value }}
          revision={kept?.revision}
          draftName={kept?.id ?? `new-${skill ?? ""}`}
          house={savedHouse()}
        />
        <UnreadNotes rows={unreadOwnThings(database(), keptRung)} what="rung" />
      </div>
    </SheetsScreen>
  );
}
