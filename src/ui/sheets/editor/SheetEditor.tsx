"use client";

import { type ReactElement, useState } from "react";
import type { TraitId } from "@/core/features";
import { HowMany } from "./acts/DrawAnew";
import { EditorActs } from "./acts/EditorActs";
import { FeatureTable } from "./FeatureTable";
import { SheetHeading } from "./SheetHeading";
import { SheetList } from "./SheetList";
import { type SheetStart, useOpenedSheet } from "./useOpenedSheet";
import { useRungInSight } from "./useRungInSight";

/** A sheet in the hands of a tutor: drawn and not kept yet, or kept, where every change is. */
export function SheetEditor({
  possible,
  ...start
}: SheetStart & { readonly possible: readonly TraitId[] }): ReactElement {
  const { recipe, house, opened } = start;
  const inWindow = useOpenedSheet(start);
  const { sheet, failed } = inWindow;
  const [shows, setShows] = useState({ answers: false, features: false });
  useRungInSight();
  const unread = sheet.rows.filter(({ shown }) => shown === undefined).length;
  return (
    <>
      <SheetHeading opened={opened} window={inWindow} />
      <EditorActs
        opened={opened}
        window={inWindow}
        recipe={recipe}
        possible={possible}
        house={house}
        shows={shows}
        onShows={setShows}
      />
      {recipe !== undefined && <HowMany recipe={recipe} />}
      <p role="status" className="text-note text-rust empty:hidden">
        {failed || sheet.message}
      </p>
      {opened !== undefined && unread > 0 && (
        <p role="status" className="text-note text-rust">
          {unread === 1 ? "One line does not read yet, and is" : `${unread} lines do not read yet, and are`}{" "}
          not kept. Type over what is red.
        </p>
      )}
      <SheetList sheet={sheet} house={house} answers={shows.answers} />
      {sheet.rows.length === 0 && opened !== undefined && (
        <p className="mt-3">Nothing is on this sheet. Add problems, or undo.</p>
      )}
      {shows.features && <FeatureTable rows={sheet.rows} possible={possible} />}
    </>
  );
}
