"use client";

import { type ReactElement, useState } from "react";
import { Button } from "../parts/Button";

/** Something that is typed and then checked; what came of it is told until it is typed over, or what it was about has changed. */
export function CheckField({
  label,
  shown = false,
  about,
  onCheck,
}: {
  readonly label: string;
  /** Whether its label is seen beside it. */
  readonly shown?: boolean;
  /** What it is about: another one takes back what was told. */
  readonly about: number;
  /** What is to be told of what was typed. */
  readonly onCheck: (typed: string) => string;
}): ReactElement {
  const [typed, setTyped] = useState("");
  const [told, setTold] = useState({ words: "", about });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        setTold({ words: onCheck(typed), about });
      }}
    >
      <div className="flex items-center gap-1.5">
        <label className="flex min-w-0 flex-1 items-center gap-2">
          <span className={shown ? "leading-tight" : "sr-only"}>{label}</span>
          <input
            value={typed}
            autoComplete="off"
            onChange={({ target }) => {
              setTyped(target.value);
              setTold({ words: "", about });
            }}
            className="h-12 w-0 min-w-0 flex-1 rounded-lg border border-edge bg-page px-3 font-board text-lead"
          />
        </label>
        <Button look="main" type="submit">
          Check
        </Button>
      </div>
      <p role="status" className="mt-1 min-h-6 leading-snug">
        {told.about === about ? told.words : ""}
      </p>
    </form>
  );
}
