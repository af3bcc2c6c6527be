import type { ReactElement } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Unread } from "@/service/kept/unread";
import { LOOKS } from "../parts/looks";

/** What one row of a table is to the tutor. */
const CALLED: Readonly<Record<string, string>> = {
  settings: "Settings",
  boards: "A board",
  own_things: "Something of your own",
  kept_sheets: "A sheet of problems",
  sheet_versions: "A sheet as it was given out",
  marking_sheets: "A sheet that is marked",
  tasks: "A problem that was answered",
  set_aside: "Something that was replaced",
};

/** How many are listed; the export has all of them. */
const MOST_LISTED = 50;

/** Kept things that can't be read here: nothing of them is lost, and each can be saved as it is. */
export function SetAside({ entries }: { readonly entries: readonly Unread[] }): ReactElement | null {
  if (entries.length === 0) return null;
  const beyond = entries.length - MOST_LISTED;
  return (
    <section aria-labelledby="set-aside" className="mt-9">
      <h2 id="set-aside" className="text-lead font-semibold">
        Set aside
      </h2>
      <p className="mt-1 max-w-[66ch] text-note leading-snug text-soft">
        What this Right Sum can’t read is not used and never thrown away. It stays as it is, goes out with
        every export and backup, and comes back by itself in the Right Sum that can read it.
      </p>
      <ul className="mt-3 rounded-2xl border border-edge bg-page">
        {entries.slice(0, MOST_LISTED).map(({ table, id, why }) => (
          <li
            key={`${table} ${id}`}
            className="flex flex-wrap items-center gap-x-4 border-t border-edge px-4 py-1.5 first:border-t-0"
          >
            <span className="min-w-0 flex-1 basis-64 wrap-anywhere">
              <span className="block">
                {CALLED[table] ?? table} <span className="text-small text-soft">{id}</span>
              </span>
              <span className="block text-small text-soft">{why}</span>
            </span>
            <a
              href={API_ROUTES.setAside(table, id)}
              download
              aria-label={`Save as it is: ${CALLED[table] ?? table}, ${id}`}
              className={LOOKS.words}
            >
              Save it as it is
            </a>
          </li>
        ))}
      </ul>
      {beyond > 0 && (
        <p className="mt-2 text-note text-soft">And {beyond} more: the export has all of them.</p>
      )}
    </section>
  );
}
