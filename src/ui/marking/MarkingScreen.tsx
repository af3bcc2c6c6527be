"use client";

import { type ReactElement, useEffect, useMemo, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { readProblem } from "@/core/problem";
import type { SlipId } from "@/core/slips";
import { readErrorWords } from "@/core/wording";
import { ROUTES } from "../routes";
import { AddLearner } from "./AddLearner";
import { AddProblem } from "./AddProblem";
import { AnswerMargin } from "./AnswerMargin";
import { csvOf, sheetFromCsv } from "./columns";
import { LearnerMargin } from "./LearnerMargin";
import {
  type Cell,
  type Column,
  keyOf,
  MOST_LEARNERS,
  MOST_ROWS,
  type SentCell,
  type SheetRow,
} from "./marks";
import { type RecentActs, type RecentSheet, RecentSheets } from "./RecentSheets";
import { SheetFile } from "./SheetFile";
import { type At, SheetTable } from "./SheetTable";
import { useSheet } from "./useSheet";
import { type Undo, useTableActs } from "./useTableActs";

/** Marking: problems down, learners across; an answer typed and Enter, and it is marked and explained. */
export function MarkingScreen({
  start,
  known,
  names,
  recent,
  recentActs,
  addLearner,
}: {
  readonly start: {
    readonly id: string;
    readonly house: HouseRules;
    readonly rows: readonly SheetRow[];
    readonly learners: readonly Column[];
    readonly cells: readonly (readonly [string, Cell])[];
  };
  /** All learners on the list. */
  readonly known: readonly Column[];
  readonly names: Readonly<Record<string, string>>;
  /** The sheets that were marked last. */
  readonly recent: readonly RecentSheet[];
  readonly recentActs: RecentActs;
  /** Puts a learner on the list under a name; the same one where the name is there already. */
  readonly addLearner: (name: string) => Promise<Column>;
}): ReactElement {
  // The sheet stays the one it was begun as, whatever the server sends after a learner was added.
  const [{ id, house, ...begun }] = useState(start);
  const sheet = useSheet({ id, house, ...begun, cells: useMemo(() => new Map(begun.cells), [begun.cells]) });
  const { rows, learners, cells } = sheet;
  const [selected, setSelected] = useState<At | undefined>();
  const [said, setSaid] = useState("");
  const [undo, setUndo] = useState<Undo | undefined>();
  const [listening, setListening] = useState(false);
  useEffect(() => setListening(true), []);
  const problems = rows.map(({ problem }) => problem);
  const latest = useRef({ rows, learners, cells, sheet });
  latest.current = { rows, learners, cells, sheet };

  const acts = useTableActs(latest.current, setSelected, setSaid, setUndo);

  const addProblem = (line: string): void => {
    sheet.reshape([...problems, line], learners);
  };
  const putLearner = async (name: string): Promise<void> => {
    const learner = known.find((one) => one.name === name) ?? (await addLearner(name));
    if (latest.current.learners.some((one) => one.id === learner.id)) return;
    latest.current.sheet.reshape(
      latest.current.rows.map(({ problem }) => problem),
      [...latest.current.learners, learner],
    );
  };
  const readFile = async (chosen: File): Promise<void> => {
    const read = sheetFromCsv(await chosen.text());
    if (read === undefined) {
      setSaid(
        "This file has no problems. Its first column should hold them, under a heading; each other column a learner’s answers.",
      );
      return;
    }
    const bad = read.problems.findIndex((line) => !readProblem(line, house).ok);
    const line = read.problems[bad];
    if (line !== undefined) {
      const problem = readProblem(line, house);
      setSaid(`Row ${bad + 1}, “${line}”: ${problem.ok ? "" : readErrorWords(problem.error, house)}`);
      return;
    }
    const columns: Column[] = [];
    for (const { name } of read.columns.slice(0, MOST_LEARNERS)) {
      columns.push(known.find((one) => one.name === name) ?? (await addLearner(name.slice(0, 40))));
    }
    sheet.reshape(read.problems.slice(0, MOST_ROWS), columns);
    await sheet.markMany(
      read.columns.flatMap(({ answers }, across) =>
        answers.slice(0, MOST_ROWS).flatMap((given, row): readonly SentCell[] => {
          const learner = columns[across];
          return learner === undefined || given === "" ? [] : [{ row, learner: learner.id, given }];
        }),
      ),
    );
    setSaid(`${read.problems.length} problems and ${columns.length} learners read.`);
  };
  const saveFile = (): void => {
    const address = URL.createObjectURL(new Blob([csvOf(rows, learners, cells)], { type: "text/csv" }));
    const link = document.createElement("a");
    link.href = address;
    link.download = "marked-sheet.csv";
    link.click();
    setTimeout(() => URL.revokeObjectURL(address), 0);
  };

  const learner = learners.find((one) => one.id === selected?.learner);
  const row = selected === undefined ? undefined : rows[selected.row];
  const cell = selected && cells.get(keyOf(selected.row, selected.learner));
  const unread = [...cells.values()].filter(
    ({ mark, typed }) => typed !== "" && mark?.verdict === "unread",
  ).length;
  const answered =
    learner === undefined
      ? ""
      : rows.map((_, index) => cells.get(keyOf(index, learner.id))?.mark?.verdict ?? "").join();
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)]">
      <header className="flex flex-wrap items-center gap-3 px-6 pt-4 pb-2">
        <h1 className="mr-2 text-[24px] font-semibold">Marking</h1>
        <AddProblem house={house} full={rows.length >= MOST_ROWS} onAdd={addProblem} />
        <AddLearner
          known={known.filter(({ id: one }) => !learners.some((column) => column.id === one))}
          full={learners.length >= MOST_LEARNERS}
          onAdd={putLearner}
        />
        <div className="ml-auto flex items-center gap-1">
          {rows.length > 0 && (
            <a
              href={ROUTES.marking}
              className="grid h-11 items-center rounded-lg px-3 text-[15px] text-soft hover:bg-shade hover:text-ink"
            >
              New sheet
            </a>
          )}
          <p role="status" className="mr-2 text-[13px] text-soft">
            {sheet.progress
              ? `Marking ${sheet.progress.done} of ${sheet.progress.all}…`
              : sheet.unkept
                ? "Keeping…"
                : rows.length > 0
                  ? "Kept"
                  : ""}
          </p>
          {sheet.progress && (
            <button
              type="button"
              onClick={sheet.stop}
              className="h-11 rounded-lg px-3 font-semibold text-rust"
            >
              Stop
            </button>
          )}
          <SheetFile empty={rows.length === 0} onRead={readFile} onSave={saveFile} />
        </div>
      </header>
      <main
        aria-busy={!listening}
        className="grid min-h-0 grid-cols-[minmax(0,1fr)_340px] max-[1000px]:grid-cols-1 max-[1000px]:grid-rows-[minmax(0,1fr)_auto]"
      >
        <section
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a sheet larger than its room is scrolled by keys
          tabIndex={0}
          aria-label="Sheet"
          className="mx-6 min-h-0 min-w-0 overflow-auto pb-8 max-[700px]:mx-2"
        >
          {undo && (
            <p role="status" className="pb-1 text-[15px]">
              {undo.words}{" "}
              <button
                type="button"
                onClick={() => {
                  undo.back();
                  setUndo(undefined);
                }}
                className="min-h-9 font-semibold text-plumb"
              >
                Undo
              </button>
            </p>
          )}
          {(said !== "" || unread > 0) && (
            <p role="status" className="pb-2 text-[15px] text-rust">
              {said} {unread === 1 && "One answer can’t be read; it is kept as it is."}
              {unread > 1 && `${unread} answers can’t be read; they are kept as they are.`}
            </p>
          )}
          {rows.length === 0 || learners.length === 0 ? (
            <p className="max-w-[56ch] pt-6 text-lg leading-relaxed text-soft">
              {rows.length === 0
                ? "Type the problems of a paper sheet above, one after the other, and Enter. Then name a learner, type each answer and Enter: it is marked at once, and a wrong one is explained."
                : "Now name a learner, and type the answers down the column."}
            </p>
          ) : null}
          {rows.length === 0 && recent.length > 0 && <RecentSheets sheets={recent} acts={recentActs} />}
          {rows.length > 0 && (
            <div className="w-max rounded border border-edge bg-page shadow-sheet">
              <SheetTable
                rows={rows}
                learners={learners}
                cells={cells}
                selected={selected}
                acts={acts}
                nameOf={(slip) => names[slip] ?? slip}
              />
            </div>
          )}
        </section>
        <aside
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a margin longer than its room is scrolled by keys
          tabIndex={0}
          aria-label="Margin"
          className="flex min-h-0 flex-col gap-6 overflow-y-auto py-2 pr-6 pl-1 max-[1000px]:max-h-[38vh] max-[1000px]:px-8"
        >
          {row && learner && selected ? (
            <>
              <AnswerMargin
                row={row}
                learnerName={learner.name}
                cell={cell}
                house={house}
                names={names}
                onSet={addProblem}
                onChoose={(slips: readonly SlipId[]) =>
                  cell && sheet.mark({ ...selected, given: cell.typed, slips, note: cell.mark?.note ?? "" })
                }
                onNote={(note) =>
                  cell &&
                  sheet.mark({
                    ...selected,
                    given: cell.typed,
                    note,
                    ...(cell.mark ? { slips: cell.mark.slips } : {}),
                  })
                }
              />
              <hr className="border-edge" />
              <LearnerMargin sheetId={id} learner={learner} answered={answered} ready={!sheet.unkept} />
            </>
          ) : (
            <p className="pt-2 text-[15.5px] leading-normal text-soft">
              Enter goes down the column, then to the next learner. A column copied from a spreadsheet can be
              pasted into any square.
            </p>
          )}
        </aside>
      </main>
    </div>
  );
}
