"use client";

import { Download, Upload } from "lucide-react";
import { type ReactElement, useRef } from "react";

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
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        aria-label="Read a sheet from CSV"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = "";
          if (chosen) void onRead(chosen);
        }}
      />
      <button
        type="button"
        onClick={() => file.current?.click()}
        className="flex h-11 items-center gap-2 rounded-lg px-3 text-note text-soft hover:bg-shade hover:text-ink"
      >
        <Upload aria-hidden="true" className="size-[18px]" /> Read CSV
      </button>
      <button
        type="button"
        disabled={empty}
        onClick={onSave}
        className="flex h-11 items-center gap-2 rounded-lg px-3 text-note text-soft hover:bg-shade hover:text-ink disabled:opacity-50"
      >
        <Download aria-hidden="true" className="size-[18px]" /> Save CSV
      </button>
    </>
  );
}
