"use client";

import { X } from "lucide-react";
import { type ReactElement, useState, useTransition } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { send } from "../saving/wire/send";

/** A sheet that was marked before: what it is about, and when. */
export interface RecentSheet {
  readonly id: string;
  readonly about: string;
  readonly when: string;
}

/** The sheets that were marked last, to go on with; one that is taken away can be brought back. */
export function RecentSheets({ sheets }: { readonly sheets: readonly RecentSheet[] }): ReactElement {
  const [gone, setGone] = useState<readonly string[]>([]);
  const [, start] = useTransition();
  const last = gone.at(-1);
  const [failed, setFailed] = useState("");
  /** Puts a sheet on the list or takes it off. Says whether that is on disk. */
  const list = async (id: string, listed: boolean): Promise<boolean> => {
    const kept = await send(API_ROUTES.sheetListed(id), "PUT", { listed });
    setFailed(kept.ok ? "" : kept.error.message);
    return kept.ok;
  };
  const left = sheets.filter(({ id }) => !gone.includes(id));
  return (
    <nav aria-label="Sheets marked before" className="mt-6 max-w-[640px]">
      <h2 className="text-body font-semibold">Sheets marked before</h2>
      {last !== undefined && (
        <p role="status" className="mt-1 text-note">
          A sheet was taken away.{" "}
          <Button
            look="words"
            onClick={() =>
              start(async () => {
                if (await list(last, true)) setGone((all) => all.filter((id) => id !== last));
              })
            }
          >
            Undo
          </Button>
        </p>
      )}
      {failed !== "" && (
        <p role="status" className="mt-1 text-note text-rust">
          {failed}
        </p>
      )}
      <ul className="mt-2 rounded-2xl border border-edge bg-page empty:hidden">
        {left.map(({ id, about, when }) => (
          <li key={id} className="flex items-center border-t border-edge first:border-t-0">
            <PlaceLink
              href={ROUTES.markingSheet(id)}
              className="flex min-h-12 min-w-0 flex-1 items-center justify-between gap-4 px-4 py-1.5 hover:bg-shade"
            >
              <span className="min-w-0 truncate font-board">{about}</span>
              <span className="shrink-0 text-small text-soft">{when}</span>
            </PlaceLink>
            <Button
              look="sign"
              aria-label={`Take away the sheet ${about}`}
              title="Take away this sheet"
              onClick={() =>
                start(async () => {
                  if (await list(id, false)) setGone((all) => [...all, id]);
                })
              }
              className="shrink-0"
            >
              <X aria-hidden="true" className="size-4" />
            </Button>
          </li>
        ))}
      </ul>
    </nav>
  );
}
