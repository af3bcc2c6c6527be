import type { ReactElement } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Unread } from "@/service/kept/unread";
import { LOOKS } from "./looks";

/** Kept things that can't be read, with why, each to be saved as it is. */
export function UnreadList({
  rows,
  calledBy,
}: {
  readonly rows: readonly Unread[];
  /** What a row is to the tutor, by its table; none where the page says it. */
  readonly calledBy?: (table: string) => string;
}): ReactElement {
  return (
    <ul className="mt-2 text-note">
      {rows.map(({ table, id, why }) => (
        <li
          key={`${table} ${id}`}
          className="flex flex-wrap items-baseline justify-between gap-x-4 border-t border-edge py-1.5"
        >
          <span className="min-w-0 flex-1 basis-64 wrap-anywhere">
            {calledBy && <span className="block">{calledBy(table)}</span>}
            <span className={calledBy && "text-small text-soft"}>
              {id}: {why}
            </span>
          </span>
          <a
            href={API_ROUTES.setAside(table, id)}
            download
            aria-label={`Save it as it is: ${calledBy ? `${calledBy(table)}, ` : ""}${id}`}
            className={LOOKS.words}
          >
            Save it as it is
          </a>
        </li>
      ))}
    </ul>
  );
}
