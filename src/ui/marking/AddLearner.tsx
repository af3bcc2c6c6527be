"use client";

import { type ReactElement, useState } from "react";
import { cleanName, LONGEST_NAME } from "@/core/marking";
import type { Column } from "@/service/kept/markingSheet";

/** A field for the next learner: one from the list, or a new name. */
export function AddLearner({
  known,
  full,
  onAdd,
}: {
  readonly known: readonly Column[];
  readonly full: boolean;
  /** Puts a learner on the sheet; says why not, where that can’t be. */
  readonly onAdd: (name: string) => string;
}): ReactElement {
  const [typed, setTyped] = useState("");
  const [error, setError] = useState("");
  return (
    <form
      className="relative w-64"
      onSubmit={(event) => {
        event.preventDefault();
        const name = cleanName(typed);
        if (name === "") return;
        const refused = onAdd(name);
        setError(refused);
        if (refused === "") setTyped("");
      }}
    >
      <input
        value={typed}
        disabled={full}
        maxLength={LONGEST_NAME}
        list="known-learners"
        aria-label="Next learner"
        aria-invalid={error !== ""}
        aria-describedby="learner-error"
        autoComplete="off"
        placeholder={full ? "No more columns" : "Learner: first name or initials"}
        onChange={(event) => {
          setTyped(event.target.value);
          setError("");
        }}
        className="h-12 w-full rounded-xl border border-edge bg-page px-4 text-note placeholder:text-soft aria-invalid:border-rust"
      />
      <p
        id="learner-error"
        role="status"
        className="absolute top-full left-0 z-30 mt-1 w-72 rounded-lg border border-edge bg-page px-3 py-2 text-note text-rust shadow-sheet empty:hidden"
      >
        {error}
      </p>
      <datalist id="known-learners">
        {known.map(({ id, name }) => (
          <option key={id} value={name} />
        ))}
      </datalist>
    </form>
  );
}
