"use client";

import { useEffect } from "react";
import { forgetLeft, unsentOfKind } from "./browserStore";
import type { KeptClient } from "./keptClient";
import { send } from "./wire/send";

/** Hands over what windows that are gone could not keep of a kind of thing; calls back where any came in. */
export function useHandOver<Value>(
  { name, address }: Pick<KeptClient<Value>, "name" | "address">,
  onKept: () => void,
): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the page opens
  useEffect(() => {
    unsentOfKind(name).then(async (left) => {
      for (const one of left) {
        if (typeof one.value !== "object" || one.value === null) continue;
        const kept = await send(address(one.about), "PUT", asSent(one.value));
        // What another window changed since stands; nobody is there to choose between the two.
        if (kept.ok || kept.error.kind === "refused") forgetLeft([one]);
        if (kept.ok) onKept();
      }
    });
  }, []);
}

/** What was remembered, as it is sent now: an earlier version remembered a board's state and the revision side by side. */
function asSent(remembered: object): object {
  if ("state" in remembered) return remembered;
  const { saw, after: _after, ...state } = { saw: undefined, after: undefined, ...remembered };
  return { state, saw };
}
