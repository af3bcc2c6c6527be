import type { ReactElement } from "react";
import { type OwnRung, SKILLS, type SkillId, STRANDS } from "@/core/sheets";
import { SKILL_NAMES, STRAND_NAMES } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { PlaceLink } from "../parts/PlaceLink";

/** How many rungs lie under one, along the longest way down inside its strand. */
function levelOf(id: SkillId): number {
  const skill = SKILLS.find((one) => one.id === id);
  const inside =
    skill?.needs.filter((need) => SKILLS.find((one) => one.id === need)?.strand === skill.strand) ?? [];
  return inside.length === 0 ? 0 : 1 + Math.max(...inside.map(levelOf));
}

/** The ladder of skills: a strand under the other, in each the rungs from those that need nothing to those that need others. */
export function Ladder({
  chosen,
  own,
  chosenOwn,
}: {
  readonly chosen: readonly SkillId[];
  /** The rungs that the tutor made, and the one that is chosen. */
  readonly own: readonly Pick<OwnRung, "id" | "name" | "strand">[];
  readonly chosenOwn: string | undefined;
}): ReactElement {
  const needs = SKILLS.filter(({ id }) => chosen.includes(id)).flatMap((one) => one.needs);
  const relation = (id: SkillId): string => {
    if (chosen.includes(id)) return "chosen";
    if (needs.includes(id)) return "needed";
    return SKILLS.find((one) => one.id === id)?.needs.some((need) => chosen.includes(need))
      ? "leads"
      : "none";
  };
  return (
    <nav aria-label="The ladder of skills" className="flex flex-col gap-4">
      {STRANDS.map((strand) => {
        const rungs = SKILLS.filter((one) => one.strand === strand);
        return (
          <section key={strand} aria-label={STRAND_NAMES[strand]}>
            <h2 className="text-small font-semibold text-soft">{STRAND_NAMES[strand]}</h2>
            <ol className="mt-1 flex flex-col gap-1 border-l-2 border-edge pl-2">
              {rungs.map(({ id }) => (
                <li key={id} style={{ marginLeft: `${levelOf(id) * 14}px` }}>
                  <PlaceLink
                    href={ROUTES.sheet(id)}
                    aria-current={chosen.includes(id) ? "page" : undefined}
                    data-relation={relation(id)}
                    className="block rounded-lg border-l-4 border-transparent px-2.5 py-1.5 leading-tight hover:bg-shade data-[relation=chosen]:border-plumb data-[relation=chosen]:bg-shade data-[relation=chosen]:font-semibold data-[relation=leads]:border-pencil data-[relation=needed]:border-straw"
                  >
                    {SKILL_NAMES[id]}
                    {relation(id) === "needed" && <span className="sr-only">, needed before</span>}
                    {relation(id) === "leads" && <span className="sr-only">, comes after</span>}
                  </PlaceLink>
                </li>
              ))}
              {own
                .filter((one) => one.strand === strand)
                .map(({ id, name }) => (
                  <li key={id}>
                    <PlaceLink
                      href={ROUTES.ownSheet(id)}
                      aria-current={id === chosenOwn ? "page" : undefined}
                      data-relation={id === chosenOwn ? "chosen" : "none"}
                      className="block rounded-lg border-l-4 border-transparent px-2.5 py-1.5 leading-tight hover:bg-shade data-[relation=chosen]:border-plumb data-[relation=chosen]:bg-shade data-[relation=chosen]:font-semibold"
                    >
                      {name} <span className="text-small text-soft">yours</span>
                    </PlaceLink>
                  </li>
                ))}
            </ol>
          </section>
        );
      })}
    </nav>
  );
}
