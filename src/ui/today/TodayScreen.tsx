import { Search } from "lucide-react";
import Form from "next/form";
import Link from "next/link";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { decimalSign } from "@/core/number";
import type { Unread } from "@/service/kept/unread";
import { ROUTES } from "@/service/routes";
import { RenderedBoard } from "../paper";
import { Button } from "../parts/Button";
import { LOOKS } from "../parts/looks";
import { Screen } from "../parts/Screen";
import { UnreadNotes } from "../parts/UnreadNotes";
import { BoardCards } from "./BoardCards";
import type { ListedBoard } from "./listedBoard";
import { NewProblemField } from "./NewProblemField";

/** Today: a line to begin a new board, and the boards that are kept, the newest first. */
export function TodayScreen({
  boards,
  pictures,
  search,
  showMore,
  house,
  now,
  unread,
}: {
  readonly boards: readonly ListedBoard[];
  /** The pictures of the boards as HTML, in their order. */
  readonly pictures: readonly string[];
  readonly search: string;
  /** How many to list when more are asked for; none where there are no more. */
  readonly showMore: number | undefined;
  readonly house: HouseRules;
  readonly now: Date;
  /** Kept boards that can't be read. */
  readonly unread: readonly Unread[];
}): ReactElement {
  const sign = decimalSign(house);
  const none = boards.length === 0;
  return (
    <Screen>
      <div className="mx-auto max-w-[1080px]">
        <p className="text-note text-soft">
          {now.toLocaleDateString("en", { weekday: "long", day: "numeric", month: "long" })}
        </p>
        <h1 className="mt-1 text-head font-semibold">What shall we work out?</h1>
        <form action={ROUTES.board} className="mt-4 flex max-w-[640px] gap-3">
          <NewProblemField placeholder={`40${sign}3 + 7${sign}865 + 12`} />
          <Button look="main" type="submit">
            Set it out
          </Button>
        </form>

        <div className="mt-10 flex flex-wrap items-center justify-between gap-3">
          <h2 className="text-lead font-semibold">Kept boards</h2>
          <Form action={ROUTES.today} className="relative w-72" role="search">
            <Search
              aria-hidden="true"
              className="pointer-events-none absolute top-3 left-3 size-5 text-soft"
            />
            <input
              type="search"
              name="find"
              defaultValue={search}
              aria-label="Find a board"
              placeholder="Find by name or numbers"
              className="h-11 w-full rounded-xl border border-edge bg-page pr-3 pl-10 placeholder:text-soft"
            />
          </Form>
        </div>

        {none && search === "" && (
          <p className="mt-4 max-w-[52ch] leading-relaxed text-soft">
            Every board you open is kept here just as you left it. Type a sum above to begin the first one.
          </p>
        )}
        {none && search !== "" && (
          <p className="mt-4 text-soft">
            No kept board has “{search}” in its name or its numbers.{" "}
            <Link href={ROUTES.today} className={LOOKS.words}>
              Show all boards
            </Link>
          </p>
        )}
        <BoardCards
          boards={boards.map((board, index) => ({
            board,
            picture: <RenderedBoard html={pictures[index] ?? ""} />,
          }))}
          now={now}
        />
        <UnreadNotes rows={unread} what="board" />
        {showMore !== undefined && (
          <p className="mt-6 text-center">
            <Link
              href={`${ROUTES.today}?${new URLSearchParams({ ...(search && { find: search }), most: String(showMore) })}`}
              scroll={false}
              className={LOOKS.edged}
            >
              Show more
            </Link>
          </p>
        )}
      </div>
    </Screen>
  );
}
