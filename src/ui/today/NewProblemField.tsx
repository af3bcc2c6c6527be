"use client";

import { type ReactElement, useEffect, useRef } from "react";
import { isBare, useShortcuts } from "../shortcuts";

/** The line a new board begins with: the cursor is in it when the page opens, and / leads back to it. */
export function NewProblemField({ placeholder }: { readonly placeholder: string }): ReactElement {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // Whoever has gone on to something else already is left there.
    if (document.activeElement === document.body) field.current?.focus({ preventScroll: true });
  }, []);
  useShortcuts((event) => {
    if (event.key !== "/" || !isBare(event)) return false;
    field.current?.focus();
    return true;
  });
  return (
    <input
      ref={field}
      name="problem"
      required
      aria-label="Problem"
      aria-keyshortcuts="/"
      autoComplete="off"
      autoCapitalize="off"
      spellCheck={false}
      placeholder={placeholder}
      className="h-14 min-w-0 flex-1 rounded-xl border border-edge bg-page px-5 font-board text-title placeholder:text-soft"
    />
  );
}
