"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { type Sent, send } from "../saving/send";
import { ROUTES } from "../routes";
import type { SheetRow } from "./sheetRow";

/** What a sheet is kept as, beside its problems. */
export interface SheetAbout {
  readonly id: string;
  readonly name: string;
  readonly house: HouseRules;
  readonly drawing: number;
  readonly seed: number;
}

/** Keeps a sheet whole, as it stands. */
export const keepSheet = (
  { id, name, house, drawing, seed }: SheetAbout,
  rows: readonly SheetRow[],
  saw: number,
): Promise<Sent<{ readonly revision: number; readonly code: string }>> =>
  send(ROUTES.keptSheetData(id), "PUT", {
    saw,
    name: name.trim() === "" ? "A sheet" : name,
    house: choicesOf(house),
    drawing,
    seed,
    rows: rows.flatMap(({ shown, locked }) =>
      shown === undefined
        ? []
        : [
            {
              problem: shown.problem,
              ...(shown.skill === undefined ? {} : { skill: shown.skill }),
              ...(shown.notch === undefined ? {} : { notch: shown.notch - 1 }),
              ...(locked ? { locked } : {}),
              ...(shown.story === undefined ? {} : { story: shown.story }),
            },
          ],
    ),
  });

export type Keeping =
  | { readonly kind: "kept" }
  | { readonly kind: "keeping" }
  /** Not on disk yet; tried again. */
  | { readonly kind: "waiting"; readonly message: string }
  /** Another window changed it: nothing more is written until the tutor has looked. */
  | { readonly kind: "stale" | "deleted" }
  | { readonly kind: "refused"; readonly message: string };

const TRY_AGAIN = 3000;

/** Keeps every change of a sheet, one after the other; the last state wins over those that wait. */
export function useKeptSheet(revision: number) {
  const [keeping, setKeeping] = useState<Keeping>({ kind: "kept" });
  const saw = useRef(revision);
  const next = useRef<{ readonly about: SheetAbout; readonly rows: readonly SheetRow[] } | undefined>(
    undefined,
  );
  const busy = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const work = useCallback(async (): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    while (next.current !== undefined) {
      const { about, rows } = next.current;
      next.current = undefined;
      setKeeping({ kind: "keeping" });
      const back = await keepSheet(about, rows, saw.current);
      if (back.ok) {
        saw.current = back.value.revision;
        setKeeping({ kind: "kept" });
      } else if (back.error.kind === "unreachable") {
        next.current ??= { about, rows };
        setKeeping({ kind: "waiting", message: back.error.message });
        timer.current = setTimeout(() => void work(), TRY_AGAIN);
        break;
      } else {
        next.current = undefined;
        const { code, message } = back.error;
        setKeeping(code === "stale" || code === "deleted" ? { kind: code } : { kind: "refused", message });
      }
    }
    busy.current = false;
  }, []);
  useEffect(() => () => clearTimeout(timer.current), []);

  /** What is not on disk yet is not left behind unasked. */
  useEffect(() => {
    if (keeping.kind === "kept" || keeping.kind === "stale" || keeping.kind === "deleted") return;
    const ask = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [keeping.kind]);

  return {
    keeping,
    keep: (about: SheetAbout, rows: readonly SheetRow[]): void => {
      next.current = { about, rows };
      void work();
    },
  };
}
