"use client";

import { useVirtualizer } from "@tanstack/react-virtual";
import { X } from "lucide-react";
import { type ReactElement, type RefObject, useImperativeHandle, useRef } from "react";
import { type Column, type MarkingRow, squareKey } from "@/service/kept/markingSheet";
import { AnswerCell } from "./AnswerCell";
import type { Cells } from "./state/squares";
import { type At, fieldId, type TableActs } from "./state/tableActs";

/** Brings a square into view and puts the cursor into it. */
export interface TableHandle {
  readonly show: (row: number, column: number) => void;
}

const ROW_HEIGHT = 63;
const COLUMN_WIDTH = 192;
const HEAD_WIDTH = 250;
/** What is drawn beyond the edge, so that a step by key or wheel finds it there. */
const BEYOND = { rows: 4, columns: 1 };
/** The room that a sheet is drawn for before its own is known. */
const FIRST_ROOM = { width: 900, height: 640 };
/** How many frames a square that was out of view is given to be drawn. */
const MOST_FRAMES = 12;

/**
 * Problems down, learners across: a field for each answer, and under it what it was marked. Only what is in
 * view is drawn, so that a large sheet is as quick as a small one.
 */
export function SheetTable({
  room,
  handle,
  rows,
  learners,
  cells,
  selected,
  acts,
  nameOf,
}: {
  /** What the sheet scrolls in. */
  readonly room: RefObject<HTMLElement | null>;
  readonly handle: RefObject<TableHandle | null>;
  readonly rows: readonly MarkingRow[];
  readonly learners: readonly Column[];
  readonly cells: Cells;
  readonly selected: At | undefined;
  readonly acts: TableActs;
  readonly nameOf: (pattern: string) => string;
}): ReactElement {
  const down = useVirtualizer({
    count: rows.length,
    getScrollElement: () => room.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: BEYOND.rows,
    initialRect: FIRST_ROOM,
    getItemKey: (index) => rows[index]?.id ?? index,
    scrollPaddingStart: ROW_HEIGHT,
    scrollPaddingEnd: ROW_HEIGHT,
  });
  const across = useVirtualizer({
    horizontal: true,
    count: learners.length,
    getScrollElement: () => room.current,
    estimateSize: () => COLUMN_WIDTH,
    overscan: BEYOND.columns,
    initialRect: FIRST_ROOM,
    getItemKey: (index) => learners[index]?.id ?? index,
    scrollPaddingStart: HEAD_WIDTH,
    scrollPaddingEnd: COLUMN_WIDTH / 2,
  });
  const latest = useRef({ rows, learners });
  latest.current = { rows, learners };
  useImperativeHandle(handle, () => ({
    show: (row, column) => {
      const [at, learner] = [latest.current.rows[row], latest.current.learners[column]];
      if (at === undefined || learner === undefined) return;
      const id = fieldId(at.id, learner.id);
      const focus = (): boolean => {
        const field = document.getElementById(id);
        if (!(field instanceof HTMLInputElement)) return false;
        field.focus();
        field.select();
        return true;
      };
      if (focus()) return;
      down.scrollToIndex(row);
      across.scrollToIndex(column);
      const wait = (frames: number): void => {
        if (!focus() && frames > 0) requestAnimationFrame(() => wait(frames - 1));
      };
      wait(MOST_FRAMES);
    },
  }));
  const lines = down.getVirtualItems();
  const columns = across.getVirtualItems();
  const [top, bottom] = [lines[0]?.start ?? 0, down.getTotalSize() - (lines.at(-1)?.end ?? 0)];
  const [left, right] = [columns[0]?.start ?? 0, across.getTotalSize() - (columns.at(-1)?.end ?? 0)];
  const span = columns.length + 1 + (left > 0 ? 1 : 0) + (right > 0 ? 1 : 0);
  const gap = (width: number, key: string): ReactElement | null =>
    width > 0 ? <td key={key} aria-hidden="true" style={{ minWidth: width, width }} /> : null;
  const filler = (height: number): ReactElement | null =>
    height > 0 ? (
      <tr>
        <td colSpan={span} style={{ height }} />
      </tr>
    ) : null;
  return (
    <table
      aria-rowcount={rows.length + 1}
      aria-colcount={learners.length + 1}
      className="table-fixed border-separate border-spacing-0"
      style={{ width: HEAD_WIDTH + across.getTotalSize() }}
    >
      <thead>
        <tr>
          <th
            scope="col"
            style={{ width: HEAD_WIDTH }}
            className="sticky top-0 left-0 z-20 border-b border-edge bg-page px-4 py-2 text-left text-small font-normal text-soft"
          >
            Problem
          </th>
          {gap(left, "left")}
          {columns.map(({ index }) => {
            const learner = learners[index];
            return (
              learner && (
                <th
                  key={learner.id}
                  scope="col"
                  aria-colindex={index + 2}
                  style={{ width: COLUMN_WIDTH }}
                  className="sticky top-0 z-10 border-b border-l border-edge bg-page px-2 py-1 text-left"
                >
                  <span className="flex items-center justify-between gap-1">
                    <span className="truncate font-semibold">{learner.name}</span>
                    <button
                      type="button"
                      aria-label={`Take ${learner.name} off this sheet`}
                      title={`Take ${learner.name} off this sheet`}
                      onClick={() => acts.removeLearner(learner.id)}
                      className="grid size-9 shrink-0 place-items-center rounded-lg text-soft hover:bg-shade hover:text-ink"
                    >
                      <X aria-hidden="true" className="size-4" />
                    </button>
                  </span>
                </th>
              )
            );
          })}
          {gap(right, "right")}
        </tr>
      </thead>
      <tbody>
        {filler(top)}
        {lines.map(({ index }) => {
          const row = rows[index];
          return (
            row && (
              <tr
                key={row.id}
                ref={down.measureElement}
                data-index={index}
                aria-rowindex={index + 2}
                className="group"
              >
                <RowHead row={row} number={index + 1} onRemove={acts.removeRow} />
                {gap(left, "left")}
                {columns.map(({ index: column }) => {
                  const learner = learners[column];
                  return (
                    learner && (
                      <AnswerCell
                        key={learner.id}
                        row={row.id}
                        learner={learner.id}
                        label={`${learner.name}, ${row.problem}`}
                        cell={cells.get(squareKey(row.id, learner.id))}
                        bySense={row.story?.whole !== undefined}
                        selected={selected?.row === row.id && selected.learner === learner.id}
                        acts={acts}
                        nameOf={nameOf}
                      />
                    )
                  );
                })}
                {gap(right, "right")}
              </tr>
            )
          );
        })}
        {filler(bottom)}
      </tbody>
    </table>
  );
}

function RowHead({
  row: { id, problem, right },
  number,
  onRemove,
}: {
  readonly row: MarkingRow;
  readonly number: number;
  readonly onRemove: (row: string) => void;
}): ReactElement {
  return (
    <th
      scope="row"
      className="sticky left-0 z-10 border-b border-edge bg-page px-4 py-1.5 text-left font-normal"
    >
      <span className="flex items-center gap-2">
        <span className="w-6 shrink-0 text-right text-small text-soft">{number}</span>
        <span className="min-w-0 flex-1">
          <span className="block font-board text-body leading-tight wrap-anywhere">{problem}</span>
          <span className="block font-board text-note text-soft wrap-anywhere">{right || "…"}</span>
        </span>
        <button
          type="button"
          aria-label={`Take away row ${number}`}
          title="Take away this row"
          onClick={() => onRemove(id)}
          className="grid size-9 shrink-0 place-items-center rounded-lg text-soft opacity-0 group-hover:opacity-100 hover:bg-shade hover:text-ink focus-visible:opacity-100"
        >
          <X aria-hidden="true" className="size-4" />
        </button>
      </span>
    </th>
  );
}
