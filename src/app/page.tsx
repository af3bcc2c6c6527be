import type { ReactElement } from "react";
import { methodWords } from "@/core/wording";
import { database, listBoards } from "@/data";
import { boardAddress } from "@/service/boardAddress";
import { TodayScreen } from "@/ui/today";
import { picturesOf } from "./reading/drawings";
import { type Parameters, parametersOf } from "./reading/parameters";
import { savedHouse } from "./reading/saved";

/** Boards on the list before "Show more" is asked for, and how many more each time. */
const PAGE = 24;

export default async function TodayPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { find = "", most = "" } = await parametersOf(searchParams);
  const search = find.slice(0, 200);
  const count = /^\d{1,4}$/.test(most) ? Math.max(PAGE, Number(most)) : PAGE;
  const { boards, unread, more } = listBoards(database(), { search, most: count });
  return (
    <TodayScreen
      boards={boards.map(({ id, problem, method, house, step, name, pinned, openedAt }) => ({
        id,
        problem,
        methodName: methodWords(method).name,
        address: boardAddress({ problem, id, house, method, step }),
        name,
        pinned,
        openedAt,
      }))}
      pictures={await picturesOf(boards)}
      search={search}
      showMore={more ? count + PAGE : undefined}
      house={savedHouse()}
      now={new Date()}
      unread={unread}
    />
  );
}
