import type { ReactElement } from "react";
import { LONGEST_SHEET_NAME } from "@/core/sheets";
import { SaveStatus } from "../../parts/SaveStatus";
import type { OpenedSheet, SheetWindow } from "./useOpenedSheet";

/** The name of a sheet; of a kept one also its code, and whether it is saved. */
export const SheetHeading = ({
  opened,
  window: { name, rename, keeping },
}: {
  readonly opened: OpenedSheet | undefined;
  readonly window: SheetWindow;
}): ReactElement =>
  opened === undefined ? (
    <h1 className="text-head leading-tight font-semibold">{name}</h1>
  ) : (
    <div className="flex flex-wrap items-baseline gap-x-4">
      <input
        aria-label="The name of the sheet"
        value={name}
        onChange={(event) => rename(event.target.value)}
        maxLength={LONGEST_SHEET_NAME}
        className="min-w-0 flex-1 rounded-lg border border-transparent bg-transparent px-1 text-head font-semibold hover:border-edge focus:border-edge"
      />
      <span className="text-note text-soft">
        Code <span className="font-board text-ink">{opened.code}</span>
      </span>
      <SaveStatus saving={keeping.saving} onChoose={keeping.choose} onBringBack={keeping.bringBack} />
    </div>
  );
