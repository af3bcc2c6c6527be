"use client";

import { Pin } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactElement, type ReactNode, useState, useTransition } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { BOARD_PLACE } from "../board/state/boardPlace";
import { PlaceLink } from "../parts/PlaceLink";
import { useOtherWindows } from "../saving/otherWindows";
import { useHandOver } from "../saving/useHandOver";
import { send } from "../saving/wire/send";
import { ago } from "./ago";
import { CardMenu } from "./CardMenu";
import type { ListedBoard } from "./listedBoard";
import { UndoNote } from "./UndoNote";

/** The kept boards as cards, each with its paper as it was left. */
export function BoardCards({
  boards,
  now,
}: {
  readonly boards: readonly { readonly board: ListedBoard; readonly picture: ReactNode }[];
  readonly now: Date;
}): ReactElement {
  const [removed, setRemoved] = useState<ListedBoard | undefined>();
  const [renaming, setRenaming] = useState<string | undefined>();
  const [failed, setFailed] = useState("");
  const router = useRouter();
  const [, startAct] = useTransition();
  useOtherWindows(() => router.refresh());
  useHandOver(BOARD_PLACE, () => router.refresh());
  /** Does something with a kept board, and shows the list as it is then. */
  const act = (id: string, body: object): void =>
    startAct(async () => {
      const kept = await send(API_ROUTES.aboutBoard(id), "POST", body);
      setFailed(kept.ok ? "" : kept.error.message);
      if (kept.ok) router.refresh();
    });
  return (
    <>
      {failed !== "" && (
        <p role="status" className="mt-3 text-rust">
          {failed}
        </p>
      )}
      <ul className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(240px,1fr))] gap-5">
        {boards.map(({ board, picture }) => (
          <li
            key={board.id}
            className="relative flex flex-col rounded-2xl border border-edge bg-page transition-shadow focus-within:shadow-sheet hover:shadow-sheet"
          >
            <div
              aria-hidden="true"
              className="aspect-[8/5] overflow-hidden rounded-t-2xl border-b border-edge"
            >
              {picture}
            </div>
            <div className="flex items-start gap-1 p-3 pl-4">
              <div className="min-w-0 flex-1">
                {renaming === board.id ? (
                  <RenameForm
                    board={board}
                    onDone={(name) => {
                      setRenaming(undefined);
                      if (name !== undefined) act(board.id, { act: "rename", name });
                    }}
                  />
                ) : (
                  <h3 className="line-clamp-2 text-body leading-snug font-semibold wrap-anywhere">
                    <PlaceLink
                      href={board.address}
                      className="after:absolute after:inset-0 after:rounded-2xl focus-visible:outline-none focus-visible:after:outline-2 focus-visible:after:outline-plumb"
                    >
                      {board.pinned && (
                        <Pin
                          aria-label="Pinned:"
                          className="mr-1.5 inline size-4 fill-current align-[-2px] text-plumb"
                        />
                      )}
                      <span className={board.name ? undefined : "font-board font-normal"}>
                        {board.name || board.problem}
                      </span>
                    </PlaceLink>
                  </h3>
                )}
                <p className="truncate pt-0.5 text-note text-soft">
                  {board.name ? <span className="font-board">{board.problem}</span> : board.methodName}
                </p>
                <p className="text-small text-soft">{ago(board.openedAt, now)}</p>
              </div>
              <CardMenu
                board={board}
                onRename={() => setRenaming(board.id)}
                onPin={() => act(board.id, { act: "pin", pinned: !board.pinned })}
                onRemove={() => {
                  setRemoved(board);
                  act(board.id, { act: "delete" });
                }}
              />
            </div>
          </li>
        ))}
      </ul>
      <UndoNote
        removed={removed}
        onUndo={(board) => {
          setRemoved(undefined);
          act(board.id, { act: "restore" });
        }}
        onClose={() => setRemoved(undefined)}
      />
    </>
  );
}

function RenameForm({
  board,
  onDone,
}: {
  readonly board: ListedBoard;
  /** The new name, or nothing where the old one stays. */
  readonly onDone: (name: string | undefined) => void;
}): ReactElement {
  const [name, setName] = useState(board.name);
  return (
    <form
      className="relative z-10"
      onSubmit={(event) => {
        event.preventDefault();
        onDone(name);
      }}
    >
      <input
        // biome-ignore lint/a11y/noAutofocus: the tutor has just asked to type the name here
        autoFocus
        value={name}
        maxLength={120}
        aria-label={`Name of ${board.problem}`}
        placeholder={board.problem}
        onChange={(event) => setName(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && onDone(undefined)}
        onBlur={() => onDone(name)}
        className="h-9 w-full rounded-lg border border-plumb bg-page px-2 text-body"
      />
    </form>
  );
}
