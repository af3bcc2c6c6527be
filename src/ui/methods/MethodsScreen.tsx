import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { METHOD_IDS, METHOD_SAMPLES, type MethodId, type Working, workingOf } from "@/core/methods";
import { type DecimalProblem, type ProblemKind, readProblem, writeProblem } from "@/core/problem";
import { METHOD_ABOUTS, METHOD_NAMES, METHOD_PREFERENCES } from "@/core/wording";
import { boardAddress } from "../board/address";
import { Paper, sheetFor } from "../paper";

/** How samples are typed, whatever the house writes. */
const TYPED = { decimalMark: "point", grouping: "none", currency: "USD" } as const;

const HEADINGS: Readonly<Record<DecimalProblem["op"], string>> = {
  add: "Adding",
  subtract: "Taking away",
  multiply: "Multiplying",
  divide: "Dividing",
  round: "Rounding",
  compare: "Comparing",
};

/** What the problems of each kind are called. */
const KINDS: Readonly<Record<Exclude<ProblemKind, "decimals">, string>> = {
  fractions: "Fractions and mixed numbers",
  signed: "Above and below zero",
  money: "Money",
  measures: "Measures and their units",
  chain: "Several operations",
};

const headingOf = ({ problem }: Working): string =>
  problem.kind === "decimals" ? HEADINGS[problem.op] : KINDS[problem.kind];

/** Help on every method: what it does, who prefers it and why, and a small board in the hand of the house. */
export function MethodsScreen({ house }: { readonly house: HouseRules }): ReactElement {
  const shown = METHOD_IDS.flatMap((id) => {
    const problem = readProblem(METHOD_SAMPLES[id], TYPED);
    return problem.ok ? [{ id, working: workingOf(problem.value, house, id) }] : [];
  });
  const headings = [...new Set(shown.map(({ working }) => headingOf(working)))];
  return (
    <main className="h-full overflow-y-auto px-8 py-6 max-[700px]:px-4">
      <div className="mx-auto max-w-[980px]">
        <h1 className="text-3xl font-semibold">Methods</h1>
        <p className="mt-1 mb-6 text-soft">
          Every method, who prefers it and why, written under your house rules. Press a board to step through
          it.
        </p>
        {headings.map((heading) => (
          <section key={heading} aria-label={heading} className="mb-8">
            <h2 className="mb-3 text-lg font-semibold">{heading}</h2>
            <div className="grid grid-cols-2 gap-4 max-[1000px]:grid-cols-1">
              {shown
                .filter(({ working }) => headingOf(working) === heading)
                .map(({ id, working }) => (
                  <MethodCard key={id} id={id} working={working} house={house} />
                ))}
            </div>
          </section>
        ))}
      </div>
    </main>
  );
}

function MethodCard({
  id,
  working,
  house,
}: {
  readonly id: MethodId;
  readonly working: Working;
  readonly house: HouseRules;
}): ReactElement {
  const name = METHOD_NAMES[id];
  const about = METHOD_ABOUTS[id];
  const preferred = METHOD_PREFERENCES[id];
  const line = writeProblem(working.problem, house);
  return (
    <article id={id} className="flex flex-col rounded-xl border border-edge bg-page p-4 shadow-sheet">
      <h3 className="font-semibold">{name}</h3>
      <p className="mt-0.5 text-[15px] leading-snug">{about}</p>
      <p className="mt-2 text-sm leading-snug text-soft">{preferred}</p>
      <a
        href={boardAddress({ problem: line, method: id, house })}
        aria-label={`Step through ${line} by ${name.toLowerCase()}`}
        className="mt-auto block pt-4"
      >
        <Paper
          layout={working.layout}
          writings={working.steps}
          shown={working.steps.length}
          sheet={sheetFor(
            working.layout,
            working.steps,
            working.steps.length,
            { columns: 14, rows: 0 },
            { across: 1, above: 1, below: 1 },
          )}
          square="fit"
          house={house}
          placeNames={false}
          label={`${line} by ${name.toLowerCase()}`}
          still
        />
      </a>
    </article>
  );
}
