import type { ReactElement } from "react";
import type { Unread } from "@/service/kept/unread";
import { UnreadList } from "../parts/UnreadList";

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
      <UnreadList rows={entries.slice(0, MOST_LISTED)} calledBy={(table) => CALLED[table] ?? table} />
      {beyond > 0 && (
        <p className="mt-2 text-note text-soft">And {beyond} more: the export has all of them.</p>
      )}
    </section>
  );
}
