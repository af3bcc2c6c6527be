import type { ReactElement } from "react";
import type { Unread } from "@/service/kept/unread";
import { UnreadList } from "./UnreadList";

/** Tells of kept things that can't be read: they stay where they are, and can be saved as they are. */
export function UnreadNotes({
  rows,
  what,
  many = `${what}s`,
}: {
  readonly rows: readonly Unread[];
  /** What one of them is: "board". */
  readonly what: string;
  /** What several are; `what` with an s where it is not said. */
  readonly many?: string;
}): ReactElement | null {
  if (rows.length === 0) return null;
  return (
    <section aria-label="Set aside" className="mt-8 max-w-[640px] rounded-2xl border border-edge px-5 py-4">
      <h2 className="font-semibold">Set aside</h2>
      <p className="mt-1 text-note leading-snug text-soft">
        {rows.length === 1 ? `One ${what} can’t be read here.` : `${rows.length} ${many} can’t be read here.`}{" "}
        Nothing of it is lost: it stays as it is, and may be read again by the Right Sum that wrote it.
      </p>
      <UnreadList rows={rows} />
    </section>
  );
}
