"use client";

import { Toast } from "radix-ui";
import type { ReactElement } from "react";
import type { ListedBoard } from "./listedBoard";

/** Says that a board was deleted, and offers it back for a while. */
export function UndoNote({
  removed,
  onUndo,
  onClose,
}: {
  readonly removed: ListedBoard | undefined;
  readonly onUndo: (board: ListedBoard) => void;
  readonly onClose: () => void;
}): ReactElement {
  return (
    <Toast.Provider duration={12_000}>
      {removed && (
        <Toast.Root
          key={removed.id}
          open
          onOpenChange={(open) => !open && onClose()}
          className="flex items-center gap-4 rounded-xl bg-ink px-5 py-3 text-page shadow-sheet"
        >
          <Toast.Title>
            Deleted <span className="font-board">{removed.name || removed.problem}</span>
          </Toast.Title>
          <Toast.Action altText="Bring the board back" asChild>
            <button type="button" onClick={() => onUndo(removed)} className="h-9 px-2 font-bold underline">
              Undo
            </button>
          </Toast.Action>
        </Toast.Root>
      )}
      <Toast.Viewport className="fixed bottom-6 left-1/2 z-40 w-max -translate-x-1/2 outline-none" />
    </Toast.Provider>
  );
}
