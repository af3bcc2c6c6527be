"use client";

import { Printer, RefreshCw } from "lucide-react";
import { type ReactElement, useEffect, useState } from "react";
import type { SkillId } from "@/core/sheets";
import { Go } from "../Go";
import { ROUTES } from "../routes";
import { COUNTS } from "./counts";
import type { SheetProblem } from "./sheetProblem";

/** What each notch adds, as its examples climb. */
const NOTCHES = ["Plain", "One new difficulty", "Two of them", "The trap"] as const;

/** A sheet with its answers folded away, problem by problem to the Board or to a learner. */
export function DrawnSheet({
  skill,
  seed,
  count,
  rows,
}: {
  readonly skill: SkillId;
  readonly seed: number;
  readonly count: number;
  readonly rows: readonly (SheetProblem & { readonly board: string; readonly turn: string })[];
}): ReactElement {
  const [answers, setAnswers] = useState(false);
  // The chosen rung is brought into view on its ladder.
  useEffect(() => {
    document.querySelector("[data-relation=chosen]")?.scrollIntoView({ block: "nearest" });
  }, []);
  const numbered = rows.map((row, nth) => ({ ...row, nth: nth + 1 }));
  return (
    <>
      <div className="mt-3 flex flex-wrap items-center gap-x-2 gap-y-1 print:hidden">
        <Go
          href={ROUTES.sheet(skill, seed + 1, count)}
          className="flex h-11 items-center gap-2 rounded-lg bg-plumb px-4 font-semibold text-on-plumb hover:opacity-90"
        >
          <RefreshCw aria-hidden="true" className="size-4.5" />
          Draw others
        </Go>
        <span className="flex items-center">
          <span className="mr-1 ml-2 text-[15px] text-soft">How many:</span>
          {COUNTS.map((one) => (
            <Go
              key={one}
              href={ROUTES.sheet(skill, seed, one)}
              aria-current={one === count ? "true" : undefined}
              aria-label={`${one} problems`}
              className="grid size-11 place-items-center rounded-lg hover:bg-shade aria-[current=true]:bg-shade aria-[current=true]:font-semibold"
            >
              {one}
            </Go>
          ))}
        </span>
        <button
          type="button"
          aria-pressed={answers}
          onClick={() => setAnswers(!answers)}
          className="h-11 rounded-lg px-3 font-semibold text-plumb hover:bg-shade"
        >
          {answers ? "Hide the answers" : "Show the answers"}
        </button>
        <button
          type="button"
          onClick={() => window.print()}
          className="flex h-11 items-center gap-2 rounded-lg px-3 font-semibold text-plumb hover:bg-shade"
        >
          <Printer aria-hidden="true" className="size-4.5" />
          Print
        </button>
      </div>
      {rows.length === 0 && (
        <p className="mt-4 max-w-[560px]">
          Under your house rules no problem of this skill can be drawn: the way you work has no such step.
          Choose another rung.
        </p>
      )}
      {NOTCHES.map((name, index) => {
        const here = numbered.filter(({ notch }) => notch === index + 1);
        return here.length === 0 ? null : (
          <section key={name} aria-label={name} className="mt-4 break-inside-avoid">
            <h2 className="text-[15px] font-semibold text-soft print:hidden">{name}</h2>
            <ol className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(290px,1fr))] gap-x-8 gap-y-1 print:grid-cols-2 print:gap-y-6">
              {here.map(({ nth, problem, answer, board, turn }) => (
                <li
                  key={problem}
                  className="group flex min-h-12 items-baseline gap-3 border-b border-edge py-1.5 print:border-0"
                >
                  <span className="w-6 text-right text-[14px] text-soft">{nth}</span>
                  <span className="flex-1 font-board text-[20px]">
                    {problem}
                    {answers && <span className="ml-2 text-straw">{answer}</span>}
                  </span>
                  <Go href={board} className="min-h-9 px-1 text-[14px] font-semibold text-plumb print:hidden">
                    Board
                  </Go>
                  <Go href={turn} className="min-h-9 px-1 text-[14px] font-semibold text-plumb print:hidden">
                    Your turn
                  </Go>
                </li>
              ))}
            </ol>
          </section>
        );
      })}
    </>
  );
}
