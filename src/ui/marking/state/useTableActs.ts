"use client";

import { useMemo, useRef } from "react";
import { squareKey } from "@/service/kept/markingSheet";
import type { MarkingState } from "./markingState";
import { blockFrom, isBlock } from "./pasted";
import type { At, TableActs } from "./tableActs";
import type { SheetActs } from "./useMarkingSheet";

/** What reads and writes a sheet as a block of text: loaded once there is a sheet, and not with an empty page. */
export const loadColumns = () => import("./columns");

/** What is said where it could not be loaded. */
export const NOT_LOADED = "Right Sum does not answer, so this was not done. Try it again in a moment.";

/** What was taken away, in words, and the way back. */
export interface Undo {
  readonly words: string;
  readonly back: () => void;
}

/** What the table asks for, done on the sheet. The acts stay the same, so that only squares that changed are drawn. */
export function useTableActs(
  now: {
    readonly state: MarkingState;
    readonly acts: SheetActs;
    readonly show: (row: number, column: number) => void;
  },
  setSelected: (at: At) => void,
  setSaid: (words: string) => void,
  setUndo: (undo: Undo) => void,
): TableActs {
  const latest = useRef(now);
  latest.current = now;
  return useMemo(
    (): TableActs => ({
      type: (row, learner, typed) => latest.current.acts.type(row, learner, typed),
      enter: (row, learner, by) => {
        latest.current.acts.enter(row, learner);
        if (by === "stay") return;
        const { rows, learners } = latest.current.state;
        const [at, across] = [
          rows.findIndex(({ id }) => id === row),
          learners.findIndex(({ id }) => id === learner),
        ];
        if (by === "up") latest.current.show(Math.max(0, at - 1), across);
        else if (at < rows.length - 1) latest.current.show(at + 1, across);
        else latest.current.show(0, (across + 1) % Math.max(1, learners.length));
      },
      select: setSelected,
      paste: (row, learner, text) => {
        if (!isBlock(text)) return false;
        const take = (fields: readonly (readonly string[])[]): void => {
          const { rows, learners } = latest.current.state;
          const block = blockFrom(fields, row, learner, rows, learners);
          const answers = block.answers.filter(({ given }) => given !== "");
          setSaid(
            block.outside > 0
              ? `${block.outside} pasted answers reach past the sheet and were left out. Add rows or learners, and paste again.`
              : `${answers.length} answers pasted.`,
          );
          latest.current.acts.change(answers);
        };
        void loadColumns().then(
          ({ fieldsOf }) => take(fieldsOf(text, "\t").fields),
          () => setSaid(NOT_LOADED),
        );
        return true;
      },
      nextExplanation: (row, learner) => {
        const cell = latest.current.state.cells.get(squareKey(row, learner));
        const explanations = cell?.explanations ?? [];
        const stands = (cell?.change?.patterns ?? cell?.kept?.patterns ?? []).join();
        const at = explanations.findIndex(({ patterns }) => patterns.join() === stands);
        const next = explanations[(at + 1) % explanations.length];
        if (next) latest.current.acts.change([{ row, learner, patterns: next.patterns }]);
      },
      choose: (row, learner, mine) => latest.current.acts.choose(row, learner, mine),
      removeRow: (row) => {
        const at = latest.current.state.rows.findIndex(({ id }) => id === row);
        latest.current.acts.act([{ kind: "removeRow", id: row }]);
        setUndo({
          words: `Row ${at + 1} was taken away with its answers.`,
          back: () => latest.current.acts.act([{ kind: "restoreRow", id: row }]),
        });
      },
      removeLearner: (learner) => {
        const name = latest.current.state.learners.find(({ id }) => id === learner)?.name ?? "";
        latest.current.acts.act([{ kind: "removeLearner", id: learner }]);
        setUndo({
          words: `${name} was taken off this sheet; the answers are kept.`,
          back: () => latest.current.acts.act([{ kind: "restoreLearner", id: learner }]),
        });
      },
    }),
    [setSelected, setSaid, setUndo],
  );
}
