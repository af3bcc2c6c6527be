"use client";

import { X } from "lucide-react";
import { type ReactElement, useState, useTransition } from "react";
import { ROUTES } from "../routes";

/** A sheet that was marked before: what it is about, and when. */
export interface RecentSheet {
  readonly id: string;
  readonly about: string;
  readonly when: string;
}

/** Each act is on disk when its promise is fulfilled. */
export interface RecentActs {
  readonly remove: (id: string) => Promise<void>;
  readonly restore: (id: string) => Promise<void>;
}

/** The sheets that were marked last, to go on with; one that is taken away can be brought back. */
export function RecentSheets({
  sheets,
  acts,
}: {
  readonly sheets: readonly RecentSheet[];
  readonly acts: RecentActs;
}): ReactElement {
  const [gone, setGone] = useState<readonly string[]>([]);
  const [, start] = useTransition();
  const last = gone.at(-1);
  const left = sheets.filter(({ id }) => !gone.includes(id));
  return (
    <nav aria-label="Sheets marked before" className="mt-6 max-w-[640px]">
      <h2 className="text-lg font-semibold">Sheets marked before</h2>
      {last !== undefined && (
        <p role="status" className="mt-1 text-[15px]">
          A sheet was taken away.{" "}
          <button
            type="button"
            onClick={() =>
              start(async () => {
                await acts.restore(last);
                setGone((all) => all.filter((id) => id !== last));
              })
            }
            className="min-h-9 font-semibold text-plumb"
          >
            Undo
          </button>
        </p>
      )}
      <ul className="mt-2 rounded-2xl border border-edge bg-page empty:hidden">
        {left.map(({ id, about, when }) => (
          <li key={id} className="flex items-center border-t border-edge first:border-t-0">
            <a
              href={ROUTES.markingSheet(id)}
              className="flex min-h-12 min-w-0 flex-1 items-center justify-between gap-4 px-4 py-1.5 hover:bg-shade"
            >
              <span className="min-w-0 truncate font-board">{about}</span>
              <span className="shrink-0 text-[13px] text-soft">{when}</span>
            </a>
            <button
              type="button"
              aria-label={`Take away the sheet ${about}`}
              title="Take away this sheet"
              onClick={() =>
                start(async () => {
                  await acts.remove(id);
                  setGone((all) => [...all, id]);
                })
              }
              className="grid size-11 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade hover:text-ink"
            >
              <X aria-hidden="true" className="size-4" />
            </button>
          </li>
        ))}
      </ul>
    </nav>
  );
}
