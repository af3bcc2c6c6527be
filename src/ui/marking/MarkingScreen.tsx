"use client";

import { Download, Upload } from "lucide-react";
import { type ReactElement, useEffect, useMemo, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { readProblem } from "@/core/problem";
import type { SlipId } from "@/core/slips";
import { readErrorWords } from "@/core/wording";
import { ROUTES } from "../routes";
import { AddLearner } from "./AddLearner";
import { AddProblem } from "./AddProblem";
import { AnswerMargin } from "./AnswerMargin";
import { blockFrom, csvOf, fieldsOf, isBlock, sheetFromCsv } from "./columns";
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
import { type At, fieldId, SheetTable, type TableActs } from "./SheetTable";
import { useSheet } from "./useSheet";

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
  const file = useRef<HTMLInputElement>(null);
  const [listening, setListening] = useState(false);
  useEffect(() => setListening(true), []);
  const problems = rows.map(({ problem }) => problem);
  const latest = useRef({ rows, learners, cells, sheet });
  latest.current = { rows, learners, cells, sheet };

  const acts = useMemo((): TableActs => {
    const focus = (row: number, learner: string): void => {
      const field = document.getElementById(fieldId(row, learner));
      if (field instanceof HTMLInputElement) {
        field.focus();
        field.select();
      }
    };
    const commit = (row: number, learner: string): void => {
      const cell = latest.current.cells.get(keyOf(row, learner));
      if (cell?.keeping === "typing") latest.current.sheet.mark({ row, learner, given: cell.typed });
    };
    return {
      type: (row, learner, typed) => latest.current.sheet.type(row, learner, typed),
      enter: (row, learner, by) => {
        commit(row, learner);
        if (by === "stay") return;
        const { rows: all, learners: columns } = latest.current;
        const at = columns.findIndex((column) => column.id === learner);
        const last = all.length - 1;
        if (by === "up") focus(Math.max(0, row - 1), learner);
        else if (row < last) focus(row + 1, learner);
        else focus(0, columns[at + 1]?.id ?? columns[0]?.id ?? learner);
      },
      select: setSelected,
      paste: (row, learner, text) => {
        if (!isBlock(text)) return false;
        const { rows: all, learners: columns } = latest.current;
        const { sent, outside } = blockFrom(fieldsOf(text, "\t"), row, learner, all.length, columns);
        setSaid(
          outside > 0
            ? `${outside} pasted answers reach past the sheet and were left out. Add rows or learners, and paste again.`
            : `${sent.length} answers pasted.`,
        );
        void latest.current.sheet.markMany(sent.filter(({ given }) => given !== ""));
        return true;
      },
      nextExplanation: (row, learner) => {
        const cell = latest.current.cells.get(keyOf(row, learner));
        const explanations = cell?.mark?.explanations ?? [];
        const now = explanations.findIndex(({ slips }) => slips.join() === cell?.mark?.slips.join());
        const next = explanations[(now + 1) % explanations.length];
        if (cell && next) latest.current.sheet.mark({ row, learner, given: cell.typed, slips: next.slips });
      },
      removeRow: (row) => {
        const { rows: all, learners: columns, cells: squares } = latest.current;
        const left = all.filter((_, index) => index !== row).map(({ problem }) => problem);
        latest.current.sheet.reshape(left, columns);
        // The answers below move up with their problems.
        const moved = columns.flatMap(({ id: learner }) =>
          left.flatMap((_, index): readonly SentCell[] =>
            index < row
              ? []
              : [{ row: index, learner, given: squares.get(keyOf(index + 1, learner))?.typed ?? "" }],
          ),
        );
        const last = columns.map(({ id: learner }) => ({ row: left.length, learner, given: "" }));
        for (const one of last) latest.current.sheet.type(one.row, one.learner, "");
        void latest.current.sheet.markMany(moved);
      },
      removeLearner: (learner) => {
        const { rows: all, learners: columns } = latest.current;
        latest.current.sheet.reshape(
          all.map(({ problem }) => problem),
          columns.filter((column) => column.id !== learner),
        );
      },
    };
  }, []);

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
          <input
            ref={file}
            type="file"
            accept=".csv,text/csv"
            aria-label="Read a sheet from CSV"
            className="sr-only"
            tabIndex={-1}
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              event.target.value = "";
              if (chosen) void readFile(chosen);
            }}
          />
          <button
            type="button"
            onClick={() => file.current?.click()}
            className="flex h-11 items-center gap-2 rounded-lg px-3 text-[15px] text-soft hover:bg-shade hover:text-ink"
          >
            <Upload aria-hidden="true" className="size-[18px]" /> Read CSV
          </button>
          <button
            type="button"
            disabled={rows.length === 0}
            onClick={saveFile}
            className="flex h-11 items-center gap-2 rounded-lg px-3 text-[15px] text-soft hover:bg-shade hover:text-ink disabled:opacity-50"
          >
            <Download aria-hidden="true" className="size-[18px]" /> Save CSV
          </button>
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
