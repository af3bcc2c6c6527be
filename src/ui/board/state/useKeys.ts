"use client";

import { useEffect, useRef } from "react";
import { actOf, type KeyAct } from "./keys";

/** Listens for the Board's keys wherever the focus is not on something that takes keys itself. */
export function useKeys(onAct: (act: KeyAct) => void): void {
  const handler = useRef(onAct);
  handler.current = onAct;
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      const act = actOf(event);
      if (act === undefined || event.defaultPrevented || takesKeys(event)) return;
      event.preventDefault();
      handler.current(act);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}

/** Fields take every key; buttons and links take Space; open menus and dialogs take all of them. */
function takesKeys(event: KeyboardEvent): boolean {
  const target = event.target instanceof Element ? event.target : null;
  if (target === null) return false;
  if (target.closest("input, textarea, select, [role=dialog], [role=menu], [role=listbox]")) return true;
  return event.key === " " && target.closest("button, a, [role=switch]") !== null;
}
