import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { SKILLS, type SkillId } from "@/core/sheets";
import { SKILL_NAMES } from "@/core/wording";
import { boardAddress } from "../board/state/address";
import { Go } from "../Go";
import { ROUTES } from "../routes";
import { DrawnSheet } from "./DrawnSheet";
import { Ladder } from "./Ladder";
import type { SheetProblem } from "./sheetProblem";

/** Sheets: the ladder of skills, and a sheet drawn from the chosen one. */
export function SheetsScreen({
  skill,
  seed,
  count,
  problems,
  patterns,
  house,
}: {
  readonly skill: SkillId;
  readonly seed: number;
  readonly count: number;
  /** None where nothing can be drawn under these house rules. */
  readonly problems: readonly SheetProblem[];
  /** The names of the error patterns that the skill is prone to, each with where it is replayed. */
  readonly patterns: readonly string[];
  readonly house: HouseRules;
}): ReactElement {
  const needs = SKILLS.find(({ id }) => id === skill)?.needs ?? [];
  const leads = SKILLS.filter((one) => one.needs.includes(skill));
  const rungs = (name: string, ids: readonly SkillId[]): ReactElement | null =>
    ids.length === 0 ? null : (
      <p className="text-[15px] text-soft">
        {name}{" "}
        {ids.map((id, nth) => (
          <span key={id}>
            {nth > 0 && ", "}
            <Go href={ROUTES.sheet(id)} className="font-semibold text-plumb">
              {SKILL_NAMES[id]}
            </Go>
          </span>
        ))}
      </p>
    );
  return (
    <div className="grid h-full grid-cols-[minmax(0,330px)_minmax(0,1fr)] max-[800px]:h-auto max-[800px]:grid-cols-1 print:block">
      <aside
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a ladder longer than its room is scrolled by keys
        tabIndex={0}
        aria-label="Skills"
        className="overflow-y-auto border-r border-edge px-4 py-5 max-[800px]:order-2 max-[800px]:border-t max-[800px]:border-r-0 print:hidden"
      >
        <Ladder chosen={skill} />
      </aside>
      <main
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a sheet longer than its room is scrolled by keys
        tabIndex={0}
        className="overflow-y-auto px-8 py-5 max-[800px]:px-4 print:overflow-visible print:p-0"
      >
        <h1 className="text-[26px] font-semibold">{SKILL_NAMES[skill]}</h1>
        <div className="mt-1 flex flex-col gap-0.5 print:hidden">
          {rungs("First:", needs)}
          {rungs(
            "Leads to:",
            leads.map(({ id }) => id),
          )}
        </div>
        <p className="mt-2 hidden justify-between print:flex">
          <span>Name: ______________________</span>
          <span>Date: ______________</span>
        </p>
        <DrawnSheet
          skill={skill}
          seed={seed}
          count={count}
          rows={problems.map((one) => ({
            ...one,
            board: boardAddress({ problem: one.problem, house }),
            turn: `${ROUTES.yourTurn}?problem=${encodeURIComponent(one.problem)}`,
          }))}
        />
        {patterns.length > 0 && (
          <section aria-label="What goes wrong here" className="mt-6 max-w-[720px] print:hidden">
            <h2 className="text-[17px] font-semibold">What goes wrong here</h2>
            <ul className="mt-1 list-disc pl-5 text-[15.5px] leading-snug">
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
