"use client";

import { lazy, type ReactElement, Suspense, useCallback, useEffect, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { MOST_LEARNERS, MOST_ROWS } from "@/core/marking";
import type { CellChange, Column } from "@/service/kept/markingSheet";
import type { Unread } from "@/service/kept/unread";
import { ROUTES } from "@/service/routes";
import { newId } from "../ids";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { UnreadNotes } from "../parts/UnreadNotes";
import { useListening } from "../parts/useListening";
import { AddLearner } from "./AddLearner";
import { AddProblem } from "./AddProblem";
import { SheetMargin } from "./margin/SheetMargin";
import { type RecentSheet, RecentSheets } from "./RecentSheets";
import { SheetByCode } from "./SheetByCode";
import { SheetFile } from "./SheetFile";
import { SheetTable, type TableHandle } from "./SheetTable";
import type { PackedSheet } from "./state/packedSheet";
import type { FileSheet } from "./state/sheetFile";
import type { At } from "./state/tableActs";
import { useMarkingSheet } from "./state/useMarkingSheet";
import { loadColumns, NOT_LOADED, type Undo, useTableActs } from "./state/useTableActs";

const FilePreview = lazy(() => import("./FilePreview"));

/** Marking: problems down, learners across; an answer typed and Enter, and it is marked and explained. */
export function MarkingScreen({
  start,
  known,
  names,
  recent,
  unread: aside,
}: {
  readonly start: { readonly id: string; readonly house: HouseRules; readonly sheet: PackedSheet };
  /** All learners on the list. */
  readonly known: readonly Column[];
  readonly names: Readonly<Record<string, string>>;
  /** The sheets that were marked last. */
  readonly recent: readonly RecentSheet[];
  /** Sheets that can't be read. */
  readonly unread: readonly Unread[];
}): ReactElement {
  // The sheet stays the one it was begun as, whatever the server sends after a learner was added.
  const [begun] = useState(start);
  const { id, house } = begun;
  const sheet = useMarkingSheet(begun);
  const { state, acts } = sheet;
  const { rows, learners, cells } = state;
  const [selected, setSelected] = useState<At | undefined>();
  const [said, setSaid] = useState("");
  const [undo, setUndo] = useState<Undo | undefined>();
  const [file, setFile] = useState<{ readonly name: string; readonly sheet: FileSheet } | undefined>();
  const listening = useListening();
  const room = useRef<HTMLElement>(null);
  const table = useRef<TableHandle>(null);
  const show = useCallback((row: number, column: number) => table.current?.show(row, column), []);
  const tableActs = useTableActs({ state, acts, show }, setSelected, setSaid, setUndo);
  const nameOf = useCallback((pattern: string): string => names[pattern] ?? pattern, [names]);

  const addProblem = useCallback(
    (problem: string): void => acts.act([{ kind: "addRow", id: newId(), problem }]),
    [acts],
  );
  const putLearner = (name: string): string => {
    if (learners.some((one) => one.name === name)) return `${name} is on this sheet already.`;
    const one = known.find((learner) => learner.name === name) ?? { id: newId(), name };
    acts.act([{ kind: "addLearner", ...one }]);
    return "";
  };
  const readFile = async (chosen: File): Promise<void> => {
    const reader = await import("./state/sheetFile").catch(() => undefined);
    if (reader === undefined) return setSaid(NOT_LOADED);
    const { sheetFromCsv } = reader;
    const left = { rows: MOST_ROWS - rows.length, learners: MOST_LEARNERS - learners.length };
    const read = sheetFromCsv(await chosen.text(), house, left);
    if (read === undefined)
      setSaid(
        "This file has no problems. Its first column should hold them, under a heading; each other column a learner’s answers.",
      );
    else setFile({ name: chosen.name, sheet: read });
  };
  /** Puts what a file holds onto the sheet, as one act. */
  const takeFile = ({ problems, learners: named }: FileSheet): void => {
    const lines = problems.map((problem) => ({ kind: "addRow" as const, id: newId(), problem }));
    const columns = named.map(({ name, answers }) => {
      const one = learners.find((column) => column.name === name) ??
        known.find((learner) => learner.name === name) ?? { id: newId(), name };
      return { kind: "addLearner" as const, id: one.id, name, answers };
    });
    const answers = columns.flatMap(({ id: learner, answers: given }) =>
      given.flatMap((answer, index): readonly CellChange[] => {
        const line = lines[index];
        return answer === "" || line === undefined ? [] : [{ row: line.id, learner, given: answer }];
      }),
    );
    acts.act([...lines, ...columns.map(({ answers: _, ...column }) => column)], answers);
    setSaid("");
    setFile(undefined);
  };
  const isBegun = rows.length > 0;
  useEffect(() => {
    // Later it may be wanted while the server is away.
    if (isBegun) void loadColumns().catch(() => undefined);
  }, [isBegun]);
  const saveFile = async (): Promise<void> => {
    const columns = await loadColumns().catch(() => undefined);
    if (columns === undefined) return setSaid(NOT_LOADED);
    const { csvOf } = columns;
    const address = URL.createObjectURL(new Blob([csvOf(state)], { type: "text/csv" }));
    const link = document.createElement("a");
    link.href = address;
    link.download = "marked-sheet.csv";
    link.click();
    setTimeout(() => URL.revokeObjectURL(address), 0);
  };

  const { progress, keeping, unreachable, troubles, clashes, unread } = sheet;
  const notes = [
    said,
    state.trouble,
    unreachable,
    troubles === 1 ? "One answer is not kept: see its square." : "",
    troubles > 1 ? `${troubles} answers are not kept: see their squares.` : "",
    clashes === 1 ? "Another window wrote into one square: choose there which answer is to stand." : "",
    clashes > 1
      ? `Another window wrote into ${clashes} squares: choose there which answers are to stand.`
      : "",
    unread === 1 ? "One answer can’t be read; it is kept as it is." : "",
    unread > 1 ? `${unread} answers can’t be read; they are kept as they are.` : "",
  ].filter((words) => words !== "");
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)]">
      <header className="flex flex-wrap items-center gap-3 px-6 pt-4 pb-2">
        <h1 className="mr-2 text-title font-semibold">Marking</h1>
        <AddProblem house={house} full={rows.length >= MOST_ROWS} onAdd={addProblem} />
        <AddLearner
          known={known.filter(({ id: one }) => !learners.some((column) => column.id === one))}
          full={learners.length >= MOST_LEARNERS}
          onAdd={putLearner}
        />
        <div className="ml-auto flex items-center gap-1">
          {rows.length > 0 && (
            <PlaceLink
              href={ROUTES.marking}
              className="grid h-11 items-center rounded-lg px-3 text-note text-soft hover:bg-shade hover:text-ink"
            >
              New sheet
            </PlaceLink>
          )}
          <p role="status" className="mr-2 text-small text-soft">
            {progress
              ? progress.stopped
                ? `${progress.done} of ${progress.all} marked; all are kept`
                : `Kept. Marking ${progress.done} of ${progress.all}…`
              : rows.length === 0 && keeping === "kept"
                ? ""
                : KEEPING_WORDS[keeping]}
          </p>
          {progress && (
            <Button look="quiet" onClick={progress.stopped ? acts.goOn : acts.stop}>
              {progress.stopped ? "Mark the rest" : "Stop"}
            </Button>
          )}
          <SheetFile empty={rows.length === 0} onRead={readFile} onSave={saveFile} />
        </div>
      </header>
      <main
        aria-busy={!listening}
        className="grid min-h-0 grid-cols-[minmax(0,1fr)_340px] max-[1000px]:grid-cols-1 max-[1000px]:grid-rows-[minmax(0,1fr)_auto]"
      >
        <section
          ref={room}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a sheet larger than its room is scrolled by keys
          tabIndex={0}
          aria-label="Sheet"
          className="mx-6 min-h-0 min-w-0 overflow-auto pb-8 max-[700px]:mx-2"
        >
          {undo && (
            <p role="status" className="pb-1 text-note">
              {undo.words}{" "}
              <Button
                look="words"
                onClick={() => {
                  undo.back();
                  setUndo(undefined);
                }}
              >
                Undo
              </Button>
            </p>
          )}
          {notes.length > 0 && (
            <p role="status" className="pb-2 text-note text-rust">
              {notes.join(" ")}
            </p>
          )}
          {rows.length === 0 || learners.length === 0 ? (
            <p className="max-w-[56ch] pt-6 text-body leading-relaxed text-soft">
              {rows.length === 0
                ? "Type the problems of a paper sheet above, one after the other, and Enter. Then name a learner, type each answer and Enter: it is marked at once, and a wrong one is explained."
                : "Now name a learner, and type the answers down the column."}
            </p>
          ) : null}
          {rows.length === 0 && <SheetByCode />}
          {rows.length === 0 && recent.length > 0 && <RecentSheets sheets={recent} />}
          {rows.length === 0 && <UnreadNotes rows={aside} what="sheet" />}
          {rows.length > 0 && (
            <div className="w-max rounded border border-edge bg-page shadow-sheet">
              <SheetTable
                room={room}
                handle={table}
                rows={rows}
                learners={learners}
                cells={cells}
                selected={selected}
                acts={tableActs}
                nameOf={nameOf}
              />
            </div>
          )}
        </section>
        <SheetMargin
          id={id}
          house={house}
          state={state}
          selected={selected}
          ready={keeping === "kept"}
          acts={acts}
          onSet={addProblem}
        />
      </main>
      {file && (
        <Suspense fallback={null}>
          <FilePreview
            name={file.name}
            sheet={file.sheet}
            onTake={() => takeFile(file.sheet)}
            onClose={() => setFile(undefined)}
          />
        </Suspense>
      )}
    </div>
  );
}

const KEEPING_WORDS = { kept: "Kept", keeping: "Keeping…", notKept: "Not all is kept yet" } as const;
