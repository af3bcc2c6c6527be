"use client";

import { ListChecks } from "lucide-react";
import { type ReactElement, useState } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../../../parts/Button";
import { useNavigateAfterSaving } from "../../../parts/PlaceLink";
import { ask } from "../../../saving/wire/ask";
import { VIEWS } from "../../../saving/wire/views";
import { Panel } from "./Panel";

/** A learner, with when they were given this sheet. */
export interface SheetLearner {
  readonly id: string;
  readonly name: string;
  /** Empty where they were not. */
  readonly had: string;
  /** How many of its problems they have met before, on another sheet or on paper. */
  readonly met: number;
}

/** Gives a sheet to learners and opens it in Marking with them as its columns. */
export function MarkPanel({
  sheet,
  learners,
}: {
  readonly sheet: string;
  readonly learners: readonly SheetLearner[];
}): ReactElement {
  const go = useNavigateAfterSaving();
  const [chosen, setChosen] = useState<readonly string[]>(
    learners.filter(({ had }) => had !== "").map(({ id }) => id),
  );
  const [message, setMessage] = useState("");
  const open = async (): Promise<void> => {
    const given = learners.filter(({ id }) => chosen.includes(id)).map(({ id, name }) => ({ id, name }));
    const back = await ask(VIEWS.openedForMarking, API_ROUTES.markSheet, "POST", { sheet, learners: given });
    if (back.ok) go(ROUTES.markingSheet(back.value.sheet));
    else setMessage(back.error.message);
  };
  return (
    <Panel label="Mark" icon={<ListChecks aria-hidden="true" className="size-4.5" />}>
      <p className="text-small text-soft">Who works on it?</p>
      <ul className="mt-1 max-h-72 overflow-y-auto">
        {learners.map(({ id, name, had, met }) => (
          <li key={id}>
            <button
              type="button"
              aria-pressed={chosen.includes(id)}
              onClick={() =>
                setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id])
              }
              className="flex min-h-11 w-full items-center justify-between gap-3 rounded-lg border-l-4 border-transparent px-3 text-left hover:bg-shade aria-pressed:border-plumb aria-pressed:font-semibold"
            >
              {name}
              <span className="text-right text-small font-normal text-soft">
                {had !== "" && `had it ${had}`}
                {had !== "" && met > 0 && ", "}
                {met > 0 && `has met ${met} of these before`}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {learners.length === 0 && <p className="mt-1">You add learners in Marking, beside the problems.</p>}
      <Button look="main" onClick={() => void open()} className="mt-3">
        Open it in Marking
      </Button>
      {message !== "" && (
        <p role="status" className="mt-2 text-note text-rust">
          {message}
        </p>
      )}
    </Panel>
  );
}
