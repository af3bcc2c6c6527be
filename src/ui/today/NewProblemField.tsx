"use client";

import { type ReactElement, useEffect, useRef } from "react";

/** Whether keys go into a field, so that none of them may be taken for something else. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** The line a new board begins with: the cursor is in it when the page opens, and / leads back to it. */
export function NewProblemField({ placeholder }: { readonly placeholder: string }): ReactElement {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // Whoever has gone on to something else already is left there.
    if (document.activeElement === document.body) field.current?.focus({ preventScroll: true });
    const listen = (event: KeyboardEvent): void => {
      if (event.key !== "/" || event.ctrlKey || event.altKey || event.metaKey || isTyping(event.target))
        return;
      event.preventDefault();
      field.current?.focus();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
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
      className="h-14 min-w-0 flex-1 rounded-xl border border-edge bg-page px-5 font-board text-2xl placeholder:text-soft"
    />
  );
}
