"use client";

import { useEffect, useRef } from "react";

/** Has the browser ask before a window closes, as long as something in it is not kept. */
export function useAskBeforeLeaving(unsaved: boolean): void {
  const latest = useRef(unsaved);
  latest.current = unsaved;
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent): void => {
      if (latest.current) event.preventDefault();
    };
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, []);
}
