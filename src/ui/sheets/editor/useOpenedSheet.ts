import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import type { HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import type { RowResult } from "@/service/requests";
import { newId } from "../../ids";
import { useNavigateAfterSaving } from "../../parts/PlaceLink";
import { useHandOver } from "../../saving/useHandOver";
import { type Saving, useKept } from "../../saving/useKept";
import { send } from "../../saving/wire/send";
import type { AddressedRecipe } from "../recipeAddress";
import type { SheetLearner } from "./acts/MarkPanel";
import { editedRow } from "./editedRow";
import { keepNewSheet, rowsToKeep, SHEET_CLIENT, sameRows } from "./sheetClient";
import { type SheetRows, useSheetRows } from "./useSheetRows";

/** What is kept of a sheet that is open: none of a drawn one that is not kept yet. */
export interface OpenedSheet {
  readonly id: string;
  readonly code: string;
  readonly revision: number;
  readonly seed: number;
  readonly locked: readonly boolean[];
  readonly learners: readonly SheetLearner[];
  /** Whether the tutor asked to print it. */
  readonly prints: boolean;
}

/** A sheet as it comes to a window. */
export interface SheetStart {
  readonly name: string;
  readonly results: readonly RowResult[];
  /** What it is drawn from; none of a kept sheet. */
  readonly recipe: AddressedRecipe | undefined;
  readonly house: HouseRules;
  readonly drawing: number;
  readonly opened: OpenedSheet | undefined;
}

/** A sheet as it is in this window: its name and rows, how it is saved, and how a drawn one is kept. */
export interface SheetWindow {
  readonly name: string;
  rename(name: string): void;
  readonly sheet: SheetRows;
  readonly keeping: Pick<Saving, "saving" | "choose"> & { bringBack(): void };
  /** Keeps a drawn sheet, and goes on where `then` says. */
  keepIt(then: (id: string) => string): Promise<void>;
  /** Why a drawn sheet could not be kept; empty where it could. */
  readonly failed: string;
}

/** Opens a sheet in this window: each change of a kept one is saved; a drawn one is kept when it is asked for. */
export function useOpenedSheet({
  name: startName,
  results,
  recipe,
  house,
  drawing,
  opened,
}: SheetStart): SheetWindow {
  const go = useNavigateAfterSaving();
  const router = useRouter();
  const [start] = useState(() => results.map((one, nth) => editedRow(one, opened?.locked[nth])));
  const [name, rename] = useState(startName);
  const [failed, setFailed] = useState("");
  const sheet = useSheetRows(start, house, recipe?.never ?? []);
  const seed = recipe?.seed ?? opened?.seed ?? 0;
  const id = opened?.id;
  // What another window made of its problems has to be worked first; nothing is kept from here until it is shown.
  const [isOutdated, setOutdated] = useState(false);
  const inWindow = useMemo(
    () =>
      id === undefined || isOutdated
        ? undefined
        : { id, name, house, drawing, seed, rows: rowsToKeep(sheet.rows) },
    [id, isOutdated, name, house, drawing, seed, sheet.rows],
  );
  const { saving, choose, lookAgain } = useKept(
    SHEET_CLIENT,
    inWindow,
    { isKept: true, revision: opened?.revision ?? 0 },
    (now) => {
      rename(now.name);
      if (inWindow === undefined || sameRows(now, inWindow)) return;
      setOutdated(true);
      router.refresh();
    },
  );
  useHandOver(SHEET_CLIENT, router.refresh);
  const bringBack = (): void => {
    if (id !== undefined)
      void send(API_ROUTES.keptSheetListed(id), "PUT", { deleted: false }).then(lookAgain);
  };
  const keepIt = async (then: (id: string) => string): Promise<void> => {
    const newSheet = newId();
    const rows = rowsToKeep(sheet.rows);
    const back = await keepNewSheet({ id: newSheet, name, house, drawing, seed, rows });
    if (back.ok) go(then(newSheet));
    else setFailed(back.error.message);
  };
  return { name, rename, sheet, keeping: { saving, choose, bringBack }, keepIt, failed };
}
