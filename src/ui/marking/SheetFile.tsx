"use client";

import { Download, Upload } from "lucide-react";
import type { ReactElement } from "react";
import { Button } from "../parts/Button";
import { ChooseFile } from "../parts/ChooseFile";

/** A sheet read from a file, and saved as one. */
export function SheetFile({
  empty,
  onRead,
  onSave,
}: {
  readonly empty: boolean;
  readonly onRead: (chosen: File) => Promise<void>;
  readonly onSave: () => void;
}): ReactElement {
  return (
    <>
      <ChooseFile look="quiet" accept=".csv,text/csv" onChosen={(chosen) => void onRead(chosen)}>
        <Upload aria-hidden="true" className="size-[18px]" /> Read CSV
      </ChooseFile>
      <Button look="quiet" disabled={empty} onClick={onSave}>
        <Download aria-hidden="true" className="size-[18px]" /> Save CSV
      </Button>
    </>
  );
}
