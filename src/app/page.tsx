import type { ReactElement } from "react";
import { database, listBoards } from "@/data";
import { TodayScreen } from "@/ui/today";
import { deleteKeptBoard, pinKeptBoard, renameKeptBoard, restoreKeptBoard } from "./boardActions";
import { savedHouse } from "./saved";

/** Boards on the list before "Show more" is asked for, and how many more each time. */
const PAGE = 24;

export default async function TodayPage({
  searchParams,
}: {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}): Promise<ReactElement> {
  const { find, most } = await searchParams;
  const search = typeof find === "string" ? find.slice(0, 200) : "";
  const count = typeof most === "string" && /^\d{1,4}$/.test(most) ? Math.max(PAGE, Number(most)) : PAGE;
  const { boards, more } = listBoards(database(), { search, most: count });
  return (
    <TodayScreen
      boards={boards}
      search={search}
      showMore={more ? count + PAGE : undefined}
      house={savedHouse()}
      now={new Date()}
      acts={{
        rename: renameKeptBoard,
        pin: pinKeptBoard,
        remove: deleteKeptBoard,
        restore: restoreKeptBoard,
      }}
    />
  );
}
