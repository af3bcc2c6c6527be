"use client";

import { useMemo, useRef } from "react";
import { blockFrom, fieldsOf, isBlock } from "./columns";
import { type Cell, type Column, keyOf, type SentCell, type SheetRow } from "./marks";
import { type At, fieldId, type TableActs } from "./SheetTable";
import type { useSheet } from "./useSheet";

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
  }, [setSelected, setSaid]);
}
