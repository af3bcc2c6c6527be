"use client";

import { type ReactElement, useState } from "react";
import { type Column, LONGEST_NAME } from "./marks";

/** A field for the next learner: one from the list, or a new name. */
export function AddLearner({
  known,
  full,
  onAdd,
}: {
  readonly known: readonly Column[];
  readonly full: boolean;
  readonly onAdd: (name: string) => Promise<void>;
}): ReactElement {
  const [typed, setTyped] = useState("");
  const [error, setError] = useState("");
  return (
    <form
      className="w-56"
      onSubmit={(event) => {
        event.preventDefault();
        const name = typed.trim();
        if (name === "") return;
        onAdd(name).then(
          () => setTyped(""),
          () => setError("This name could not be kept. Press Enter to try again."),
        );
      }}
    >
      <input
        value={typed}
        disabled={full}
        maxLength={LONGEST_NAME}
        list="known-learners"
        aria-label="Next learner"
        aria-invalid={error !== ""}
        title={error}
        autoComplete="off"
        placeholder={full ? "No more columns" : "Learner: first name or initials"}
        onChange={(event) => {
          setTyped(event.target.value);
          setError("");
        }}
        className="h-12 w-full rounded-xl border border-edge bg-page px-4 text-[15px] placeholder:text-soft aria-invalid:border-rust"
      />
      <datalist id="known-learners">
        {known.map(({ id, name }) => (
          <option key={id} value={name} />
        ))}
      </datalist>
    </form>
  );
}
