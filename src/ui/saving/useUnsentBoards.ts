"use client";

import { useEffect } from "react";
import { ROUTES } from "../routes";
import { forgetLeft, unsentOfKind } from "./browserStore";
import { send } from "./send";

/** Hands over the boards that windows which are gone could not keep; calls back where any came in. */
export function useUnsentBoards(onKept: () => void): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the page opens
  useEffect(() => {
    unsentOfKind("board").then(async (left) => {
      for (const one of left) {
        if (typeof one.value !== "object" || one.value === null) continue;
        const kept = await send(ROUTES.keepBoard(one.about), "PUT", one.value);
        // What another window changed since stands; nobody is there to choose between the two.
        if (kept.ok || kept.error.kind === "refused") forgetLeft([one]);
        if (kept.ok) onKept();
      }
    });
  }, []);
}
