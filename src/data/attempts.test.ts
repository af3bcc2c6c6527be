import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterEach, describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import {
  type Attempt,
  attemptsOf,
  attemptsOnSheet,
  clearAttempt,
  clearRowsFrom,
  countsOf,
  historyOf,
  keepAttempt,
} from "./attempts";
import { type Data, openDatabase } from "./database";
import { findLearner, keepLearner, listLearners, removeLearner, restoreLearner } from "./learners";
import {
  deleteMarkingSheet,
  findMarkingSheet,
  keepMarkingSheet,
  listMarkingSheets,
  restoreMarkingSheet,
} from "./markingSheets";

const folders: string[] = [];
const fresh = (): { readonly data: Data; readonly folder: string } => {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-data-"));
  folders.push(folder);
  return { data: openDatabase(folder), folder };
};
afterEach(() => {
  for (const folder of folders.splice(0)) fs.rmSync(folder, { recursive: true, force: true });
});

const house = { ...PRESETS.commaBelow, narration: "short" } as const;
const NOON = new Date("2026-03-04T12:00:00Z");

const attempt = (id: string, row: number, more: Partial<Attempt> = {}): Attempt => ({
  id,
  learnerId: "ada",
  sheet: { id: "sheet", row },
  problem: "53,2 − 17,8",
  house,
  given: "44,6",
  verdict: "wrong",
  slips: ["sub-column-gap"],
  probability: 0.98,
  chosen: false,
  note: "",
  marks: undefined,
  hints: 0,
  estimate: "",
  seconds: undefined,
  ...more,
});

describe("attempts", () => {
  it("come back as they were kept, after the database was opened anew", () => {
    const { data, folder } = fresh();
    const kept = attempt("one", 0, {
      marks: "[]",
      hints: 2,
      estimate: "36",
      seconds: 40,
      note: "so so",
      chosen: true,
      probability: undefined,
    });
    keepAttempt(data, kept, [{ slip: "sub-column-gap", shown: true }], NOON);
    const [found] = attemptsOf(openDatabase(folder), "ada", 10);
    expect(found).toEqual({ ...kept, at: NOON });
    expect(countsOf(data, ["ada", "bo"])).toEqual(new Map([["ada", 1]]));
  });

  it("on a sheet take one another's place, with what they showed", () => {
    const { data } = fresh();
    keepAttempt(data, attempt("one", 0), [{ slip: "sub-column-gap", shown: true }], NOON);
    keepAttempt(
      data,
      attempt("two", 1),
      [
        { slip: "sub-column-gap", shown: true },
        { slip: "sub-pays-twice", shown: false },
      ],
      NOON,
    );
    keepAttempt(
      data,
      attempt("three", 0, { given: "35,4", verdict: "right", slips: [] }),
      [{ slip: "sub-column-gap", shown: false }],
      NOON,
    );
    expect(
      attemptsOnSheet(data, "sheet")
        .map(({ id }) => id)
        .sort(),
    ).toEqual(["three", "two"]);
    expect(historyOf(data, "ada")).toEqual(
      new Map([
        ["sub-column-gap", { shown: 1, chances: 2 }],
        ["sub-pays-twice", { shown: 0, chances: 1 }],
      ]),
    );
    clearAttempt(data, "sheet", 1, "ada");
    expect(historyOf(data, "ada")).toEqual(new Map([["sub-column-gap", { shown: 0, chances: 1 }]]));
    clearRowsFrom(data, "sheet", 0);
    expect(attemptsOnSheet(data, "sheet")).toEqual([]);
    expect(historyOf(data, "ada").size).toBe(0);
  });

  it("away from sheets stand side by side", () => {
    const { data } = fresh();
    for (const id of ["one", "two"]) keepAttempt(data, attempt(id, 0, { sheet: undefined }), [], NOON);
    expect(attemptsOf(data, "ada", 10)).toHaveLength(2);
    expect(attemptsOf(data, "ada", 1)).toHaveLength(1);
    expect(attemptsOf(data, "bo", 10)).toEqual([]);
  });
});

describe("learners", () => {
  it("are listed by name, renamed, taken off and brought back with all they did", () => {
    const { data } = fresh();
    keepLearner(data, { id: "z", name: "Zoe" }, NOON);
    keepLearner(data, { id: "a", name: "Ada" }, NOON);
    keepLearner(data, { id: "z", name: "Bo" }, NOON);
    expect(listLearners(data).map(({ name }) => name)).toEqual(["Ada", "Bo"]);
    removeLearner(data, "a", NOON);
    expect(listLearners(data).map(({ name }) => name)).toEqual(["Bo"]);
    expect(findLearner(data, "a")).toEqual({ id: "a", name: "Ada" });
    restoreLearner(data, "a");
    expect(listLearners(data)).toHaveLength(2);
    expect(findLearner(data, "nobody")).toBeUndefined();
  });
});

describe("marking sheets", () => {
  it("are kept with their rows and columns, listed newest first, deleted and brought back", () => {
    const { data } = fresh();
    const sheet = { id: "one", house, problems: ["53,2 − 17,8", "1/2 + 1/3"], learners: ["ada"] };
    keepMarkingSheet(data, sheet, NOON);
    keepMarkingSheet(data, { ...sheet, id: "two", problems: [] }, new Date(NOON.getTime() + 1000));
    expect(findMarkingSheet(data, "one")).toEqual(sheet);
    expect(listMarkingSheets(data, 5).map(({ id }) => id)).toEqual(["two", "one"]);
    deleteMarkingSheet(data, "two", NOON);
    expect(findMarkingSheet(data, "two")).toBeUndefined();
    expect(listMarkingSheets(data, 5)).toHaveLength(1);
    restoreMarkingSheet(data, "two");
    expect(findMarkingSheet(data, "two")?.problems).toEqual([]);
  });
});
