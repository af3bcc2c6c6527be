"use client";

import { Archive, ArchiveRestore, Copy, X } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactElement, useState } from "react";
import { LONGEST_SHEET_NAME } from "@/core/sheets";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Unread } from "@/service/kept/unread";
import { ROUTES } from "@/service/routes";
import { newId } from "../ids";
import { Button } from "../parts/Button";
import { ChooseFile } from "../parts/ChooseFile";
import { IconButton } from "../parts/IconButton";
import { PlaceLink, useNavigateAfterSaving } from "../parts/PlaceLink";
import { Screen } from "../parts/Screen";
import { UnreadNotes } from "../parts/UnreadNotes";
import { useOtherWindows } from "../saving/otherWindows";
import { useHandOver } from "../saving/useHandOver";
import { ask } from "../saving/wire/ask";
import { send } from "../saving/wire/send";
import { VIEWS } from "../saving/wire/views";
import { keepNewSheet, SHEET_CLIENT } from "./editor/sheetClient";

/** A kept sheet as it is listed. */
export interface ListedKeptSheet {
  readonly id: string;
  readonly code: string;
  readonly name: string;
  readonly count: number;
  readonly about: string;
  readonly when: string;
  /** Who was given it; empty where nobody was. */
  readonly given: string;
}

const UNREAD_SHEET = "This sheet can’t be read, so it was not copied.";

/** The sheets that were kept: found again, copied, put out of the way, taken away and brought back. */
export function KeptSheetsScreen({
  sheets,
  unread,
  search,
  archived,
}: {
  readonly sheets: readonly ListedKeptSheet[];
  /** Those that can't be read. */
  readonly unread: readonly Unread[];
  readonly search: string;
  /** Whether those that are out of the way are shown. */
  readonly archived: boolean;
}): ReactElement {
  const router = useRouter();
  const go = useNavigateAfterSaving();
  const [typed, setTyped] = useState(search);
  const [undo, setUndo] = useState<
    { readonly words: string; readonly id: string; readonly back: object } | undefined
  >();
  const [failed, setFailed] = useState("");
  useOtherWindows(() => router.refresh());
  useHandOver(SHEET_CLIENT, router.refresh);
  const set = async (sheet: ListedKeptSheet, body: object, words: string, back: object): Promise<void> => {
    const kept = await send(API_ROUTES.keptSheetListed(sheet.id), "PUT", body);
    setFailed(kept.ok ? "" : kept.error.message);
    if (kept.ok) setUndo({ words, id: sheet.id, back });
    router.refresh();
  };
  const copy = async ({ id }: ListedKeptSheet): Promise<void> => {
    const there = await send(API_ROUTES.keptSheetData(id), "GET");
    if (!there.ok) return setFailed(there.error.message);
    const read = await SHEET_CLIENT.read(there.value, id);
    if (read === undefined) return setFailed(UNREAD_SHEET);
    const to = newId();
    const name = `${read.value.name}, copy`.slice(0, LONGEST_SHEET_NAME);
    const kept = await keepNewSheet({ ...read.value, id: to, name });
    if (kept.ok) go(ROUTES.keptSheet(to));
    else setFailed(kept.error.message);
  };
  const takeFile = async (file: File): Promise<void> => {
    const read = await ask(VIEWS.sheetFromFile, API_ROUTES.sheetFromFile, "POST", {
      text: await file.text(),
    });
    if (!read.ok) return setFailed(read.error.message);
    const to = newId();
    const state = { ...read.value, drawing: 0, seed: 0 };
    const kept = await send(API_ROUTES.keptSheetData(to), "PUT", { saw: 0, state });
    if (kept.ok) go(ROUTES.keptSheet(to));
    else setFailed(kept.error.message);
  };
  return (
    <Screen>
      <div className="mx-auto max-w-[860px]">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 className="text-head font-semibold">Sheets you kept</h1>
          <PlaceLink href={ROUTES.sheets} look="words">
            Draw a new one
          </PlaceLink>
        </div>
        <form className="mt-3 flex gap-3" action={ROUTES.keptSheets}>
          <input
            name="search"
            value={typed}
            aria-label="Search sheets"
            placeholder="A name, a code or a problem"
            onChange={(event) => setTyped(event.target.value)}
            className="h-12 min-w-0 flex-1 rounded-xl border border-edge bg-page px-4 placeholder:text-soft"
          />
          {archived && <input type="hidden" name="archived" value="1" />}
          <Button look="main" type="submit">
            Search
          </Button>
        </form>
        <p className="mt-1 flex flex-wrap gap-x-6">
          <ChooseFile
            look="words"
            accept=".csv,.json,text/csv,application/json"
            onChosen={(file) => void takeFile(file)}
          >
            Bring in a file (CSV, JSON)
          </ChooseFile>
          <PlaceLink href={archived ? ROUTES.keptSheets : `${ROUTES.keptSheets}?archived=1`} look="words">
            {archived ? "Those in use" : "Those out of the way"}
          </PlaceLink>
        </p>
        <p role="status" className="min-h-6 text-note">
          {failed !== "" && <span className="text-rust">{failed}</span>}
          {undo !== undefined && failed === "" && (
            <>
              {undo.words}{" "}
              <Button
                look="words"
                onClick={() => {
                  const { id, back } = undo;
                  setUndo(undefined);
                  void send(API_ROUTES.keptSheetListed(id), "PUT", back).then(() => router.refresh());
                }}
              >
                Undo
              </Button>
            </>
          )}
        </p>
        {sheets.length === 0 ? (
          <p className="mt-2 leading-relaxed text-soft">
            {search !== ""
              ? "No sheet has that in its name, its code or its problems."
              : archived
                ? "No sheet is out of the way."
                : "No sheet is kept yet. Draw one from a rung of the ladder, and keep it."}
          </p>
        ) : (
          <ul className="mt-2 rounded-2xl border border-edge bg-page">
            {sheets.map((sheet) => (
              <li key={sheet.id} className="flex min-h-16 items-center border-t border-edge first:border-t-0">
                <PlaceLink
                  href={ROUTES.keptSheet(sheet.id)}
                  className="min-w-0 flex-1 px-4 py-2 hover:bg-shade"
                >
                  <span className="flex flex-wrap items-baseline justify-between gap-x-4">
                    <span className="text-body font-semibold">{sheet.name}</span>
                    <span className="text-small text-soft">
                      <span className="font-board">{sheet.code}</span> · {sheet.count} problems · {sheet.when}
                    </span>
                  </span>
                  <span className="block truncate font-board text-note text-soft">{sheet.about}</span>
                  {sheet.given !== "" && <span className="block text-note">Given to {sheet.given}</span>}
                </PlaceLink>
                <IconButton label={`Copy ${sheet.name}`} onPress={() => void copy(sheet)}>
                  <Copy aria-hidden="true" className="size-4.5" />
                </IconButton>
                <IconButton
                  label={archived ? `Bring ${sheet.name} back into use` : `Put ${sheet.name} out of the way`}
                  onPress={() =>
                    void set(
                      sheet,
                      { archived: !archived },
                      archived ? `“${sheet.name}” is in use again.` : `“${sheet.name}” is out of the way.`,
                      { archived },
                    )
                  }
                >
                  {archived ? (
                    <ArchiveRestore aria-hidden="true" className="size-4.5" />
                  ) : (
                    <Archive aria-hidden="true" className="size-4.5" />
                  )}
                </IconButton>
                <IconButton
                  label={`Delete ${sheet.name}`}
                  onPress={() =>
                    void set(sheet, { deleted: true }, `“${sheet.name}” was deleted.`, { deleted: false })
                  }
                >
                  <X aria-hidden="true" className="size-4.5" />
                </IconButton>
              </li>
            ))}
          </ul>
        )}
        <UnreadNotes rows={unread} what="sheet" />
      </div>
    </Screen>
  );
}
