"use client";

import { ListPlus } from "lucide-react";
import { type ReactElement, useState } from "react";
import { Button } from "../../../parts/Button";
import { Panel } from "./Panel";

/** Adds problems as they are typed or pasted, one a line. */
export function AddProblems({ onAdd }: { readonly onAdd: (pasted: string) => Promise<void> }): ReactElement {
  const [pasted, setPasted] = useState("");
  return (
    <Panel label="Add problems" icon={<ListPlus aria-hidden="true" className="size-4.5" />}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void onAdd(pasted).then(() => setPasted(""));
        }}
      >
        <label className="block">
          <span className="text-small text-soft">A problem a line, typed or pasted</span>
          <textarea
            value={pasted}
            onChange={(event) => setPasted(event.target.value)}
            rows={6}
            placeholder={"53.2 - 17.8\n2/3 + 1/4\n8 lb 3 oz - 5 lb 9 oz"}
            className="mt-1 w-full rounded-lg border border-edge bg-page p-2 font-board text-body"
          />
        </label>
        <Button look="main" type="submit" disabled={pasted.trim() === ""} className="mt-2">
          Add them
        </Button>
      </form>
    </Panel>
  );
}
