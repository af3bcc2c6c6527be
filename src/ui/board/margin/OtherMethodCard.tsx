"use client";

import { type ReactElement, useMemo } from "react";
import type { HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import type { Problem } from "@/core/problem";
import { Button } from "../../parts/Button";
import { library, methodWords } from "../loaded/parts";
import { SmallBoard } from "../page/SmallBoard";

/** The problem by another method in small, and a way to step both side by side. */
export default function OtherMethodCard({
  problem,
  method,
  house,
  onBeside,
}: {
  readonly problem: Problem;
  readonly method: MethodId;
  readonly house: HouseRules;
  readonly onBeside: (method: MethodId) => void;
}): ReactElement {
  const working = useMemo(() => library().workingOf(problem, house, method), [problem, house, method]);
  const name = methodWords(method).name;
  return (
    <section aria-label="Check by another method">
      <h2 className="text-small text-soft">{name}</h2>
      <SmallBoard working={working} label={`The same problem by ${name.toLowerCase()}`} />
      <Button look="words" onClick={() => onBeside(method)} className="mt-1">
        Step both side by side
      </Button>
    </section>
  );
}
