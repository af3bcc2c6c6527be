"use client";

import { type ReactElement, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { decimalSign } from "@/core/number";
import { LONGEST_LINE, readProblem, writeProblem } from "@/core/problem";
import { readErrorWords } from "@/core/wording";

/** A field for the next problem of the sheet; several lines pasted are several problems. */
export function AddProblem({
  house,
  full,
  onAdd,
}: {
  readonly house: HouseRules;
  readonly full: boolean;
  readonly onAdd: (line: string) => void;
}): ReactElement {
  const [typed, setTyped] = useState("");
  const [error, setError] = useState("");
  const field = useRef<HTMLInputElement>(null);
  const add = (line: string): boolean => {
    const problem = readProblem(line, house);
    setError(problem.ok ? "" : readErrorWords(problem.error, house));
    if (problem.ok) onAdd(writeProblem(problem.value, house));
    return problem.ok;
  };
  return (
    <form
      className="relative w-72 max-w-full"
      onSubmit={(event) => {
        event.preventDefault();
        if (add(typed)) setTyped("");
        field.current?.focus();
      }}
    >
      <input
        ref={field}
        value={typed}
        disabled={full}
        maxLength={LONGEST_LINE}
        aria-label="Next problem"
        aria-invalid={error !== ""}
        aria-describedby="problem-error"
        autoComplete="off"
        spellCheck={false}
        placeholder={
          full ? "This sheet is full" : `Such as 12${decimalSign(house)}03 − 4${decimalSign(house)}578`
        }
        onChange={(event) => {
          setTyped(event.target.value);
          setError("");
        }}
        className="h-12 w-full rounded-xl border border-edge bg-page px-4 font-board text-body placeholder:font-sans placeholder:text-note placeholder:text-soft aria-invalid:border-rust"
      />
      <p
        id="problem-error"
        role="status"
        className="absolute top-full left-0 z-30 mt-1 w-96 max-w-[80vw] rounded-lg border border-edge bg-page px-3 py-2 text-note text-rust shadow-sheet empty:hidden"
      >
        {error}
      </p>
    </form>
  );
}
