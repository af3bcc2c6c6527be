"use client";

import { type ReactElement, useMemo, useRef, useState } from "react";
import { runOf } from "@/core/checks";
import { choicesOf, type HouseChoices, type HouseRules } from "@/core/house";
import { workingOf } from "@/core/methods";
import { AS_IT_COMES, type Problem, writeProblem } from "@/core/problem";
import { plain, stepWords } from "@/core/wording";
import { Paper, sheetFor } from "../paper";
import { HouseSwitches } from "./HouseSwitches";

const decimal = (whole: string, fraction: string) =>
  ({ kind: "decimal", negative: false, whole, fraction, point: fraction !== "" }) as const;

/** A sum and a difference in which every switch shows. */
const SAMPLES: readonly Problem[] = [
  {
    op: "add",
    operands: [decimal("12", ""), decimal("1480", "65"), decimal("7", "85")],
    wanted: AS_IT_COMES,
  },
  { op: "subtract", operands: [decimal("30", ""), decimal("4", "07")], wanted: AS_IT_COMES },
];

/** The tutor's house rules, with a sum and a difference worked under them as they change. */
export function HouseRulesScreen({
  start,
  save,
}: {
  readonly start: HouseRules;
  readonly save: (choices: HouseChoices) => Promise<void>;
}): ReactElement {
  const [house, setHouse] = useState(start);
  const [keeping, setKeeping] = useState<"kept" | "keeping" | "notKept">("kept");
  const latest = useRef(start);

  const change = async (rules: HouseRules): Promise<void> => {
    latest.current = rules;
    setHouse(rules);
    setKeeping("keeping");
    try {
      await save(choicesOf(rules));
      if (latest.current === rules) setKeeping("kept");
    } catch {
      if (latest.current === rules) setKeeping("notKept");
    }
  };

  return (
    <main className="h-full overflow-y-auto px-8 py-6 max-[700px]:px-4">
      <div className="mx-auto grid max-w-[1040px] grid-cols-[minmax(0,1fr)_minmax(250px,350px)] gap-x-12 gap-y-8 max-[700px]:grid-cols-1 max-[1000px]:gap-x-8">
        <div className="min-w-0">
          <div className="flex items-baseline justify-between gap-4">
            <h1 className="text-3xl font-semibold">House rules</h1>
            <p
              role="status"
              className="text-[13px] text-soft data-[keeping=notKept]:text-rust"
              data-keeping={keeping}
            >
              {
                { kept: "Kept", keeping: "Keeping…", notKept: "Not kept. Change it once more to try again." }[
                  keeping
                ]
              }
            </p>
          </div>
          <p className="mt-1 mb-5 text-soft">
            How your school writes and talks. New boards begin with these; a board can have its own.
          </p>
          <HouseSwitches house={house} onHouse={change} />
        </div>
        <div>
          <div className="sticky top-0 flex flex-col gap-5">
            {SAMPLES.map((problem) => (
              <Sample key={problem.op} problem={problem} house={house} />
            ))}
          </div>
        </div>
      </div>
    </main>
  );
}

function Sample({ problem, house }: { readonly problem: Problem; readonly house: HouseRules }): ReactElement {
  const { working, steps } = useMemo(() => runOf(workingOf(problem, house)), [problem, house]);
  const sheet = useMemo(() => sheetFor(working.layout, working.steps, { columns: 11, rows: 0 }), [working]);
  const spoken = steps
    .filter(({ reason }) =>
      reason.kind === "exchange"
        ? true
        : reason.kind === "columnSum"
          ? reason.carriedOut > 0
          : reason.kind === "nameAnswer",
    )
    .map(({ reason }) => plain(stepWords(reason, house).say));
  const [first] = spoken;
  const last = spoken.at(-1);
  return (
    <figure className="rounded-xl border border-edge bg-page p-3 shadow-sheet">
      <Paper
        layout={working.layout}
        writings={working.steps}
        shown={working.steps.length}
        sheet={sheet}
        square="fit"
        house={house}
        placeNames
        label={`Sample: ${writeProblem(problem, house)} worked under these rules`}
        still
      />
      <figcaption className="mt-2 flex flex-col gap-1 text-sm leading-snug">
        <span>“{first}”</span>
        <span>“{last}”</span>
      </figcaption>
    </figure>
  );
}
