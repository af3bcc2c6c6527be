"use client";

import { type ReactElement, useState } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { useNavigateAfterSaving } from "../parts/PlaceLink";
import { ask } from "../saving/wire/ask";
import { VIEWS } from "../saving/wire/views";

/** Finds a printed sheet again by the code that stands on it, and goes on marking it. */
export function SheetByCode(): ReactElement {
  const go = useNavigateAfterSaving();
  const [code, setCode] = useState("");
  const [message, setMessage] = useState("");
  const open = async (): Promise<void> => {
    const back = await ask(VIEWS.openedForMarking, API_ROUTES.markSheet, "POST", { code, learners: [] });
    if (back.ok) go(ROUTES.markingSheet(back.value.sheet));
    else setMessage(back.error.message);
  };
  return (
    <form
      className="mt-6 max-w-[640px]"
      onSubmit={(event) => {
        event.preventDefault();
        if (code.trim() !== "") void open();
      }}
    >
      <h2 className="text-body font-semibold">A sheet you printed</h2>
      <div className="mt-2 flex gap-3">
        <input
          value={code}
          maxLength={20}
          autoComplete="off"
          aria-label="The code of a printed sheet"
          placeholder="Its code, such as K7M3PQ"
          onChange={(event) => setCode(event.target.value)}
          className="h-12 min-w-0 flex-1 rounded-xl border border-edge bg-page px-4 placeholder:text-soft"
        />
        <Button look="edged" type="submit">
          Mark it
        </Button>
      </div>
      {message !== "" && (
        <p role="status" className="mt-1 text-note text-rust">
          {message}
        </p>
      )}
    </form>
  );
}
