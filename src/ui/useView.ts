"use client";

import { useCallback, useRef, useState } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import type { View } from "@/service/kept/view";
import { send } from "./saving/wire/send";

/** The tutor's view of the screen, and a way to change part of it that is kept at once. */
export function useView(start: View): readonly [View, (change: Partial<View>) => void] {
  const [view, setView] = useState(start);
  const latest = useRef(start);
  const change = useCallback((part: Partial<View>) => {
    latest.current = { ...latest.current, ...part };
    setView(latest.current);
    if (part.theme !== undefined) document.documentElement.dataset.theme = part.theme;
    void send(API_ROUTES.view, "PUT", part);
  }, []);
  return [view, change];
}
