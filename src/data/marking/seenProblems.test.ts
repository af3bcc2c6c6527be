import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import type { SheetAct } from "@/service/kept/markingSheet";
import type { Data } from "../data";
import { openDatabase } from "../database";
import { keepHandedIn } from "./attempts";
import { addLearner } from "./learners";
import { applyActs, openSheet } from "./markingSheets";
import { seenProblems } from "./seenProblems";

let folder = "";
let data: Data;
beforeAll(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-met-"));
  data = openDatabase(folder);
});
afterAll(() => {
  data.$client.close();
  fs.rmSync(folder, { recursive: true, force: true });
});

const NOW = new Date("2026-11-29T10:00:00Z");
const HOUSE = PRESETS.fillersTrueValue;
const [IRIS, OWEN] = [
  { id: "learneriris00001", name: "Iris" },
  { id: "learnerowen00001", name: "Owen" },
];
const PROBLEMS = ["53.2 − 17.8", "6 × 45", "12 ÷ 5"];

/** Puts problems and learners on a marking sheet. */
const put = (sheet: string, acts: readonly SheetAct[]): void => {
  data.transaction((write) => {
    openSheet(write, sheet, HOUSE, NOW);
    applyActs(write, sheet, acts, NOW);
  });
};
const rows = (sheet: string, problems: readonly string[]): readonly SheetAct[] =>
  problems.map((problem, nth) => ({ kind: "addRow", id: `${sheet}${nth}`, problem }));

const met = (): Record<string, number> =>
  Object.fromEntries(seenProblems(data, "spokesheet000001", PROBLEMS));

describe("problems that were met before", () => {
  it("are counted for each learner: on other sheets and on paper, each once, and not on the sheet itself", () => {
    for (const one of [IRIS, OWEN]) addLearner(data, one, NOW);
    expect(met()).toEqual({});
    put("spokesheet000001", [...rows("rowofspokes0000", PROBLEMS), { kind: "addLearner", ...IRIS }]);
    expect(met()).toEqual({});
    put("cablesheet000001", [
      ...rows("rowofcables0000", ["6 × 45", "6 × 45", "12 ÷ 5", "1 + 1"]),
      { kind: "addLearner", ...IRIS },
    ]);
    expect(met()).toEqual({ [IRIS.id]: 2 });
    keepHandedIn(
      data,
      {
        learnerId: OWEN.id,
        problem: "53.2 − 17.8",
        house: HOUSE,
        given: "35.4",
        mark: { verdict: "right", faults: [], patterns: [], probability: undefined, shown: [], chances: [] },
        marks: "[]",
        hints: 0,
        estimate: "",
        judged: undefined,
        seconds: 10,
        sentId: undefined,
      },
      NOW,
    );
    expect(met()).toEqual({ [IRIS.id]: 2, [OWEN.id]: 1 });
  });

  it("are not counted where the row or the learner was taken off again", () => {
    put("cablesheet000001", [{ kind: "removeRow", id: "rowofcables00002" }]);
    expect(met()).toEqual({ [IRIS.id]: 1, [OWEN.id]: 1 });
    put("cablesheet000001", [{ kind: "removeLearner", id: IRIS.id }]);
    expect(met()).toEqual({ [OWEN.id]: 1 });
  });
});
