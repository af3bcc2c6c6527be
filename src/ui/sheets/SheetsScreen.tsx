import type { ReactElement, ReactNode } from "react";
import { type OwnRung, SKILLS, type SkillId, STRANDS } from "@/core/sheets";
import { SKILL_NAMES } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { Aside } from "../parts/Aside";
import { PlaceLink } from "../parts/PlaceLink";
import { Ladder } from "./Ladder";

/** Sheets: the ladder of skills at the side, and a sheet. */
export function SheetsScreen({
  skills,
  own,
  chosenOwn,
  patterns,
  children,
}: {
  /** The rungs that the sheet is about. */
  readonly skills: readonly SkillId[];
  /** The rungs that the tutor made, and the one that is chosen. */
  readonly own: readonly OwnRung[];
  readonly chosenOwn?: string;
  /** The names of the error patterns that they are prone to. */
  readonly patterns: readonly string[];
  readonly children: ReactNode;
}): ReactElement {
  const strand = SKILLS.find(({ id }) => skills.includes(id))?.strand ?? STRANDS[2];
  const needs = SKILLS.filter(({ id }) => skills.includes(id)).flatMap((one) => one.needs);
  const leads = SKILLS.filter((one) => one.needs.some((need) => skills.includes(need)));
  const others = (ids: readonly SkillId[]): readonly SkillId[] => ids.filter((id) => !skills.includes(id));
  return (
    <div className="grid h-full grid-cols-[minmax(0,310px)_minmax(0,1fr)] max-[1000px]:h-auto max-[1000px]:grid-cols-1 print:block">
      <div className="flex min-h-0 flex-col border-r border-edge max-[1000px]:order-2 max-[1000px]:border-t max-[1000px]:border-r-0 print:hidden">
        <div className="border-b border-edge px-4 py-2">
          <PlaceLink href={ROUTES.keptSheets} className={AWAY}>
            Sheets you kept
          </PlaceLink>
          <PlaceLink href={ROUTES.probe(strand)} className={AWAY}>
            Probe what is behind errors
          </PlaceLink>
          <PlaceLink href={ROUTES.stories} className={AWAY}>
            Word problems
          </PlaceLink>
          <PlaceLink
            href={ROUTES.ownRung(skills[0] === undefined ? {} : { skill: skills[0] })}
            className={AWAY}
          >
            Make a rung of your own
          </PlaceLink>
        </div>
        <Aside label="Skills" className="flex-1 px-4 py-5">
          <Ladder chosen={skills} own={own} chosenOwn={chosenOwn} />
        </Aside>
      </div>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a sheet longer than its room is scrolled by keys
        tabIndex={0}
        className="overflow-y-auto px-8 py-5 max-[700px]:px-4 print:overflow-visible print:p-0"
      >
        {children}
        <div className="mt-6 flex flex-col gap-1 print:hidden">
          <Rungs name="First:" ids={others(needs)} />
          <Rungs name="Leads to:" ids={others(leads.map(({ id }) => id))} />
        </div>
        {patterns.length > 0 && (
          <section aria-label="What goes wrong here" className="mt-4 max-w-[720px] print:hidden">
            <h2 className="text-body font-semibold">What goes wrong here</h2>
            <ul className="mt-1 list-disc pl-5 text-note leading-snug">
              {patterns.map((name) => (
                <li key={name}>{name}</li>
              ))}
            </ul>
          </section>
        )}
      </main>
    </div>
  );
}

const AWAY = "grid min-h-10 items-center font-semibold text-plumb pointer-coarse:min-h-11";

/** Rungs of the ladder as links. */
function Rungs({
  name,
  ids,
}: {
  readonly name: string;
  readonly ids: readonly SkillId[];
}): ReactElement | null {
  const once = [...new Set(ids)];
  if (once.length === 0) return null;
  return (
    <p className="text-note text-soft">
      {name}{" "}
      {once.map((id, nth) => (
        <span key={id}>
          {nth > 0 && ", "}
          <PlaceLink href={ROUTES.sheet(id)} look="words">
            {SKILL_NAMES[id]}
          </PlaceLink>
        </span>
      ))}
    </p>
  );
}
