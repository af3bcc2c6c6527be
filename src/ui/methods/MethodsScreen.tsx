import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import type { DecimalProblem, Problem, ProblemKind } from "@/core/problem";
import { methodWords } from "@/core/wording";
import { boardAddress } from "../../service/boardAddress";
import { RenderedBoard } from "../paper";
import { PlaceLink } from "../parts/PlaceLink";
import { Screen } from "../parts/Screen";

const HEADINGS: Readonly<Record<DecimalProblem["op"], string>> = {
  add: "Adding",
  subtract: "Taking away",
  multiply: "Multiplying",
  divide: "Dividing",
  round: "Rounding",
  compare: "Comparing",
  order: "Putting in order",
};

/** What the problems of each kind are called. */
const KINDS: Readonly<Record<Exclude<ProblemKind, "decimals">, string>> = {
  fractions: "Fractions and mixed numbers",
  signed: "Above and below zero",
  money: "Money",
  measures: "Measures and their units",
  quantities: "Comparing money, measures and numbers with signs",
  chain: "Several operations",
};

/** A method as its card shows it: its sample's problem, and the board of that as HTML. */
export interface ShownMethod {
  readonly id: MethodId;
  readonly line: string;
  readonly heading: string;
  readonly drawing: string;
}

/** Under which heading a problem stands. */
export const headingOf = (problem: Problem): string =>
  problem.kind === "decimals" ? HEADINGS[problem.op] : KINDS[problem.kind];

/** Help on every method: what it does, who prefers it and why, and a small board in the hand of the house. */
export function MethodsScreen({
  house,
  methods,
}: {
  readonly house: HouseRules;
  readonly methods: readonly ShownMethod[];
}): ReactElement {
  const headings = [...new Set(methods.map((method) => method.heading))];
  return (
    <Screen>
      <div className="mx-auto max-w-[980px]">
        <h1 className="text-head font-semibold">Methods</h1>
        <p className="mt-1 mb-6 text-soft">
          Every method, who prefers it and why, written under your house rules. Press a board to step through
          it.
        </p>
        {headings.map((heading) => (
          <section key={heading} aria-label={heading} className="mb-8">
            <h2 className="mb-3 text-body font-semibold">{heading}</h2>
            <div className="grid grid-cols-2 gap-4 max-[1000px]:grid-cols-1 print:grid-cols-2">
              {methods
                .filter((method) => method.heading === heading)
                .map((method) => (
                  <MethodCard key={method.id} method={method} house={house} />
                ))}
            </div>
          </section>
        ))}
      </div>
    </Screen>
  );
}

function MethodCard({
  method: { id, line, drawing },
  house,
}: {
  readonly method: ShownMethod;
  readonly house: HouseRules;
}): ReactElement {
  const { name, about, preferredBy } = methodWords(id);
  return (
    <article
      id={id}
      className="break-inside-avoid flex flex-col rounded-xl border border-edge bg-page p-4 shadow-sheet"
    >
      <h3 className="font-semibold">{name}</h3>
      <p className="mt-0.5 text-note leading-snug">{about}</p>
      <p className="mt-2 text-note leading-snug text-soft">{preferredBy}</p>
      <PlaceLink
        href={boardAddress({ problem: line, method: id, house })}
        aria-label={`Step through ${line} by ${name.toLowerCase()}`}
        className="mt-auto block pt-4"
      >
        <RenderedBoard html={drawing} />
      </PlaceLink>
    </article>
  );
}
