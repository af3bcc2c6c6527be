"use client";

import type { ReactElement } from "react";
import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { writeAnswer } from "@/core/problem";
import { writeQuantity } from "@/core/quantity";
import { namesAnswer } from "../state/namesAnswer";

/** Which number is the dividend, which the divisor and which the quotient: they are easily mixed up. */
export default function DivisionNames({
  run,
  step,
  house,
}: {
  readonly run: Run;
  readonly step: number;
  readonly house: HouseRules;
}): ReactElement | null {
  const { problem, answer } = run.working;
  if (problem.op !== "divide") return null;
  const [dividend, divisor] = problem.operands;
  const named = run.steps.slice(0, step).some(namesAnswer);
  const rows = [
    { name: "Dividend", is: "what is shared", number: writeQuantity(dividend, house) },
    { name: "Divisor", is: "what it is shared by", number: writeQuantity(divisor, house) },
    { name: "Quotient", is: "what comes out", number: named ? writeAnswer(answer, house) : "?" },
  ];
  return (
    <section aria-label="Names">
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-2.5 gap-y-0.5">
        {rows.map(({ name, is, number }) => (
          <div key={name} className="contents">
            <dt className="text-note font-semibold">{name}</dt>
            <dd className="flex flex-wrap items-baseline gap-x-2.5">
              <span className="min-w-0 font-board text-body wrap-anywhere">{number}</span>
              <span className="text-small text-soft">{is}</span>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
