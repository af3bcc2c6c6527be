import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { PRESETS } from "@/core/house";
import { keepBoard } from "../boards";
import type { Data } from "../data";
import { openDatabase } from "../database";
import { applyActs, findSheet, openSheet } from "../marking/markingSheets";
import { keepCells } from "../marking/squares";

export const folders: string[] = [];
export const freshFolder = (): string => {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-keeping-"));
  folders.push(folder);
  return folder;
};
export const file = (folder: string): string => path.join(folder, "right-sum.sqlite");
export const NOON = new Date("2026-03-04T12:00:00Z");
export const house = PRESETS.fillersTrueValue;

/** A folder with a little of everything in it. */
export function filled(): { readonly folder: string; readonly data: Data } {
  const folder = freshFolder();
  const data = openDatabase(folder);
  keepBoard(
    data,
    {
      id: "board0001",
      problem: "1 + 2",
      method: "column-addition",
      beside: undefined,
      house,
      step: 2,
      guess: "3",
    },
    undefined,
    NOON,
  );
  data.transaction((write) => {
    openSheet(write, "sheet0001", house, NOON);
    applyActs(
      write,
      "sheet0001",
      [
        { kind: "addRow", id: "row00001", problem: "53.2 − 17.8" },
        { kind: "addLearner", id: "learner1", name: "Ada" },
      ],
      NOON,
    );
    const sheet = findSheet(write, "sheet0001");
    if (sheet === undefined) throw new Error("there is no sheet");
    keepCells(
      write,
      sheet,
      [
        {
          row: "row00001",
          learner: "learner1",
          saw: 0,
          given: "44.6",
          note: "“so” = 1",
          mark: {
            verdict: "wrong",
            faults: [],
            patterns: ["sub-column-gap"],
            probability: 0.9,
            shown: ["sub-column-gap"],
            chances: ["sub-column-gap"],
          },
        },
      ],
      NOON,
    );
  });
  return { folder, data };
}
