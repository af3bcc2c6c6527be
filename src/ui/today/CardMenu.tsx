"use client";

import { Ellipsis } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { ReactElement } from "react";
import type { ListedBoard } from "./listedBoard";

/** What can be done with one kept board. */
export function CardMenu({
  board,
  onRename,
  onPin,
  onRemove,
}: {
  readonly board: ListedBoard;
  readonly onRename: () => void;
  readonly onPin: () => void;
  readonly onRemove: () => void;
}): ReactElement {
  const item =
    "flex min-h-11 cursor-pointer items-center rounded-lg px-3 outline-none data-highlighted:bg-shade";
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`More for ${board.name || board.problem}`}
        className="relative z-10 grid size-11 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade"
      >
        <Ellipsis aria-hidden="true" className="size-5" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          // The field that a rename opens keeps the focus it has taken.
          onCloseAutoFocus={(event) => event.preventDefault()}
          className="z-30 min-w-40 rounded-xl border border-edge bg-page p-1.5 shadow-sheet"
        >
          <DropdownMenu.Item className={item} onSelect={() => setTimeout(onRename)}>
            Rename
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={onPin}>
            {board.pinned ? "Unpin" : "Pin to the top"}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={`${item} text-rust`} onSelect={onRemove}>
            Delete
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
