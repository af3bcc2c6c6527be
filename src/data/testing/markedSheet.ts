import { PRESETS } from "@/core/house";
import { type AnswerMark, WAITING } from "@/service/kept/attempt";
import type { SheetAct } from "@/service/kept/markingSheet";
import type { Data } from "../data";
import { keptSquaresOf } from "../marking/attempts";
import { applyActs, findSheet, openSheet } from "../marking/markingSheets";
import { type CellWrite, keepCells } from "../marking/squares";

export const house = { ...PRESETS.commaBelow, narration: "short" } as const;
export const NOON = new Date("2026-03-04T12:00:00Z");
export const SHEET = "sheet0001";

export const gap: AnswerMark = {
  ...WAITING,
  verdict: "wrong",
  patterns: ["sub-column-gap"],
  probability: 0.9,
  shown: ["sub-column-gap"],
  chances: ["sub-column-gap", "sub-pays-twice"],
};
export const right: AnswerMark = {
  ...gap,
  verdict: "right",
  patterns: [],
  probability: undefined,
  shown: [],
};

export const act = (data: Data, ...acts: readonly SheetAct[]) =>
  data.transaction((write) => {
    openSheet(write, SHEET, house, NOON);
    return applyActs(write, SHEET, acts, NOON);
  });
export const keep = (data: Data, ...cells: readonly CellWrite[]) =>
  data.transaction((write) => {
    const sheet = findSheet(write, SHEET);
    if (sheet === undefined) throw new Error("there is no sheet");
    return keepCells(write, sheet, cells, NOON);
  });
export const begin = (data: Data): void => {
  act(
    data,
    { kind: "addRow", id: "row00001", problem: "53,2 − 17,8" },
    { kind: "addRow", id: "row00002", problem: "1/2 + 1/3" },
    { kind: "addLearner", id: "learner1", name: "Ada" },
    { kind: "addLearner", id: "learner2", name: "Bo" },
  );
};
/** What stands on the sheet, row by row and learner by learner. */
export const standing = (data: Data): readonly string[] =>
  keptSquaresOf(data, SHEET)
    .filter(({ given }) => given !== "")
    .map(({ row, learner, given }) => `${row} ${learner} ${given}`)
    .sort();
