"use client";

import { useMemo, useRef } from "react";
import { blockFrom, fieldsOf, isBlock } from "./columns";
import { type Cell, type Column, keyOf, type SentCell, type SheetRow } from "./marks";
import { type At, fieldId, type TableActs } from "./SheetTable";
import type { useSheet } from "./useSheet";

/** What was taken away, in words, and the way back. */
export interface Undo {
  readonly words: string;
  readonly back: () => void;
}

/** What the table asks for, done on the sheet. The acts stay the same, so that only squares that changed are drawn. */
export function useTableActs(
  now: {
    readonly rows: readonly SheetRow[];
    readonly learners: readonly Column[];
    readonly cells: ReadonlyMap<string, Cell>;
    readonly sheet: ReturnType<typeof useSheet>;
  },
  setSelected: (at: At) => void,
  setSaid: (words: string) => void,
  setUndo: (undo: Undo) => void,
): TableActs {
  const latest = useRef(now);
  latest.current = now;
  return useMemo((): TableActs => {
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
        const { rows: before, learners: columns, cells: squares } = latest.current;
        const problems = before.map(({ problem }) => problem);
        latest.current.sheet.reshape(
          problems.filter((_, index) => index !== row),
          columns,
        );
        // The answers below move up with their problems.
        void latest.current.sheet.markMany([
          ...answersFrom(squares, columns, row + 1, before.length, -1),
          ...columns.map(({ id }) => ({ row: before.length - 1, learner: id, given: "" })),
        ]);
        setUndo({
          words: `Row ${row + 1} was taken away.`,
          back: () => {
            latest.current.sheet.reshape(problems, columns);
            void latest.current.sheet.markMany(answersFrom(squares, columns, row, before.length, 0));
          },
        });
      },
      removeLearner: (learner) => {
        const { rows: before, learners: columns } = latest.current;
        const problems = before.map(({ problem }) => problem);
        const name = columns.find(({ id }) => id === learner)?.name ?? "";
        latest.current.sheet.reshape(
          problems,
          columns.filter(({ id }) => id !== learner),
        );
        setUndo({
          words: `${name} was taken off this sheet; the answers are kept.`,
          back: () =>
            latest.current.sheet.reshape(
              latest.current.rows.map(({ problem }) => problem),
              columns,
            ),
        });
      },
    };
  }, [setSelected, setSaid, setUndo]);
}

/** The answers of some rows as they stand, with the tutor's choices and notes, to be put so many rows further down. */
function answersFrom(
  cells: ReadonlyMap<string, Cell>,
  columns: readonly Column[],
  from: number,
  to: number,
  by: number,
): readonly SentCell[] {
  return columns.flatMap(({ id: learner }) =>
    Array.from({ length: to - from }, (_, nth): SentCell => {
      const cell = cells.get(keyOf(from + nth, learner));
      return {
        row: from + nth + by,
        learner,
        given: cell?.typed ?? "",
        ...(cell?.mark?.chosen === true ? { slips: cell.mark.slips } : {}),
        ...(cell?.mark !== undefined && cell.mark.note !== "" ? { note: cell.mark.note } : {}),
      };
    }),
  );
}
