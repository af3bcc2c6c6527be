"use client";

import { useEffect, useRef } from "react";

/**
 * Listens to keys wherever the focus is not on something that takes them itself. `press` does what a key stands for and
 * says whether it stands for anything; what it takes, the browser does not.
 */
export function useShortcuts(
  press: (event: KeyboardEvent) => boolean,
  /** Whether it listens in fields, menus and dialogs too. */
  { everywhere = false }: { readonly everywhere?: boolean } = {},
): void {
  const handler = useRef(press);
  handler.current = press;
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || (!everywhere && isTaken(event))) return;
      if (handler.current(event)) event.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [everywhere]);
}

/** Fields take every key; buttons and links take Space and Enter; open menus and dialogs take all of them. */
function isTaken(event: KeyboardEvent): boolean {
  const target = event.target instanceof Element ? event.target : null;
  if (target === null) return false;
  if (
    target.closest(
      "input, textarea, select, [contenteditable=true], [role=dialog], [role=menu], [role=listbox]",
    )
  )
    return true;
  return (event.key === " " || event.key === "Enter") && target.closest("button, a, [role=switch]") !== null;
}

/** Whether a key is pressed alone: with Ctrl, Alt or the system key it is the browser's. */
export const isBare = ({ ctrlKey, altKey, metaKey }: KeyboardEvent): boolean =>
  !ctrlKey && !altKey && !metaKey;
