import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import fc from "fast-check";
import { afterEach, describe, expect, it } from "vitest";
import { type AnswerMark, WAITING } from "@/service/kept/attempt";
import type { Data } from "../data";
import { openDatabase } from "../database";
import { markingSheets } from "../schema";
import { countsAnewEqual } from "../testing/countedAnew";
import { act, begin, gap, house, keep, NOON, right, SHEET, standing } from "../testing/markedSheet";
import { attemptsOf, keepHandedIn, keptSquaresOf } from "./attempts";
import {
  addLearner,
  findLearner,
  listLearners,
  removeLearner,
  renameLearner,
  restoreLearner,
} from "./learners";
import { deleteSheet, findSheet, listSheets, openSheet, restoreSheet } from "./markingSheets";
import { historyOf } from "./patternCounts";
import { type CellWrite, waitingOn } from "./squares";

const folders: string[] = [];
const fresh = (): { readonly data: Data; readonly folder: string } => {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-data-"));
  folders.push(folder);
  return { data: openDatabase(folder), folder };
};
afterEach(() => {
  for (const folder of folders.splice(0)) fs.rmSync(folder, { recursive: true, force: true });
});

describe("a sheet", () => {
  it("comes back as it was kept, after the database was opened anew", () => {
    const { data, folder } = fresh();
    begin(data);
    keep(data, { row: "row00001", learner: "learner1", saw: 0, given: "44,6", mark: gap, note: "so so" });
    const again = openDatabase(folder);
    expect(findSheet(again, SHEET)).toMatchObject({
      house,
      rows: [
        { id: "row00001", problem: "53,2 − 17,8" },
        { id: "row00002", problem: "1/2 + 1/3" },
      ],
      learners: [
        { id: "learner1", name: "Ada" },
        { id: "learner2", name: "Bo" },
      ],
    });
    expect(keptSquaresOf(again, SHEET)).toMatchObject([
      { row: "row00001", learner: "learner1", given: "44,6", verdict: "wrong", note: "so so" },
    ]);
    expect(attemptsOf(again, "learner1", 10).attempts).toMatchObject([
      { problem: "53,2 − 17,8", given: "44,6", house, at: NOON },
    ]);
  });

  it("is listed newest first, taken away and brought back; one that can't be read is set aside", () => {
    const { data } = fresh();
    begin(data);
    data.transaction((write) => openSheet(write, "sheet0002", house, new Date(NOON.getTime() + 1000)));
    expect(listSheets(data, 5).sheets.map(({ id }) => id)).toEqual(["sheet0002", SHEET]);
    expect(deleteSheet(data, SHEET, NOON)).toBe(true);
    expect(deleteSheet(data, "nosheet00", NOON)).toBe(false);
    expect(findSheet(data, SHEET)).toBeUndefined();
    restoreSheet(data, SHEET);
    expect(findSheet(data, SHEET)?.rows).toHaveLength(2);
    data.update(markingSheets).set({ house: "{" }).run();
    expect(listSheets(data, 5)).toMatchObject({ sheets: [], unread: [{ id: "sheet0002" }, { id: SHEET }] });
  });

  it("keeps each answer beside its problem when rows are taken away and brought back", () => {
    const { data } = fresh();
    begin(data);
    keep(
      data,
      { row: "row00001", learner: "learner1", saw: 0, given: "44,6", mark: gap },
      { row: "row00002", learner: "learner1", saw: 0, given: "5/6", mark: right },
    );
    act(data, { kind: "removeRow", id: "row00001" });
    expect(standing(data)).toEqual(["row00002 learner1 5/6"]);
    expect(historyOf(data, "learner1").get("sub-column-gap")).toEqual({ shown: 0, chances: 1 });
    expect(findLearner(data, "learner1")?.answers).toBe(1);
    countsAnewEqual(data);
    // Twice is once.
    act(data, { kind: "removeRow", id: "row00001" }, { kind: "restoreRow", id: "row00001" });
    act(data, { kind: "restoreRow", id: "row00001" });
    expect(standing(data)).toEqual(["row00001 learner1 44,6", "row00002 learner1 5/6"]);
    expect(historyOf(data, "learner1").get("sub-column-gap")).toEqual({ shown: 1, chances: 2 });
    expect(findSheet(data, SHEET)?.rows.map(({ id }) => id)).toEqual(["row00001", "row00002"]);
    countsAnewEqual(data);
  });

  it("brings a learner back beside another one who got the name meanwhile, and tells them apart", () => {
    const { data } = fresh();
    begin(data);
    removeLearner(data, "learner1", NOON);
    addLearner(data, { id: "learner8", name: "Ada" }, NOON);
    restoreLearner(data, "learner1");
    expect(findLearner(data, "learner1")?.name).toBe("Ada 2");
    expect(findLearner(data, "learner8")?.name).toBe("Ada");
  });

  it("takes a name that is on the list already for the learner who has it", () => {
    const { data } = fresh();
    begin(data);
    const aliases = act(data, { kind: "addLearner", id: "learner9", name: " A\u200bda " });
    expect([...aliases]).toEqual([["learner9", "learner1"]]);
    expect(findSheet(data, SHEET)?.learners).toHaveLength(2);
  });
});

describe("answers from two windows", () => {
  const write = (saw: number, given: string, mark = right): CellWrite => ({
    row: "row00001",
    learner: "learner1",
    saw,
    given,
    mark,
  });

  it("to different squares are both kept", () => {
    const { data } = fresh();
    begin(data);
    keep(data, write(0, "35,4"));
    keep(data, { ...write(0, "5/6"), row: "row00002" });
    expect(standing(data)).toHaveLength(2);
  });

  it("to one square: the second is told what stands there, and nothing is lost", () => {
    const { data } = fresh();
    begin(data);
    const [first] = keep(data, write(0, "35,4")).kept;
    expect(keep(data, write(0, "44,6", gap))).toMatchObject({
      kept: [],
      clashes: [{ given: "35,4", revision: first?.revision }],
    });
    expect(standing(data)).toEqual(["row00001 learner1 35,4"]);
    // The same again is no clash, and neither is one that has seen it.
    expect(keep(data, write(0, "35,4")).clashes).toEqual([]);
    const [seen] = keptSquaresOf(data, SHEET);
    expect(keep(data, write(seen?.revision ?? 0, "44,6", gap)).kept).toMatchObject([{ given: "44,6" }]);
    countsAnewEqual(data);
  });

  it("to squares that are gone are refused by name, and the others kept", () => {
    const { data } = fresh();
    begin(data);
    act(data, { kind: "removeRow", id: "row00002" }, { kind: "removeLearner", id: "learner2" });
    const done = keep(
      data,
      write(0, "35,4"),
      { ...write(0, "5/6"), row: "row00002" },
      { ...write(0, "5/6"), learner: "learner2" },
      { ...write(0, "5/6"), row: "unknown01" },
    );
    expect(done.kept).toHaveLength(1);
    expect(done.refused.map(({ why }) => why)).toEqual(["noSuchRow", "noSuchLearner", "noSuchRow"]);
  });

  it("leave the tutor's note where another explanation is taken, and where the answer changes", () => {
    const { data } = fresh();
    begin(data);
    keep(data, { ...write(0, "44,6", gap), note: "says it rightly" });
    const saw = (): number => keptSquaresOf(data, SHEET)[0]?.revision ?? 0;
    keep(data, { row: "row00001", learner: "learner1", saw: saw(), patterns: ["sub-pays-twice"] });
    expect(keptSquaresOf(data, SHEET)[0]).toMatchObject({
      note: "says it rightly",
      patterns: ["sub-pays-twice"],
      chosen: true,
      verdict: "wrong",
      given: "44,6",
    });
    keep(data, { ...write(saw(), "44,7", gap) });
    expect(keptSquaresOf(data, SHEET)[0]).toMatchObject({ note: "says it rightly", chosen: false });
    countsAnewEqual(data);
  });

  it("keep no explanation of one answer beside another that came meanwhile", () => {
    const { data } = fresh();
    begin(data);
    keep(data, write(0, "44,6", gap));
    const saw = keptSquaresOf(data, SHEET)[0]?.revision ?? 0;
    keep(data, write(saw, "35,4", right));
    const late = keep(data, {
      row: "row00001",
      learner: "learner1",
      saw,
      chosenFor: "44,6",
      patterns: ["sub-pays-twice"],
    });
    expect(late.clashes).toMatchObject([{ given: "35,4" }]);
    expect(keptSquaresOf(data, SHEET)[0]).toMatchObject({ given: "35,4", patterns: [], chosen: false });
    countsAnewEqual(data);
  });

  it("that are many wait on disk, and are marked where nothing was typed over them", () => {
    const { data } = fresh();
    begin(data);
    keep(data, { row: "row00001", learner: "learner1", saw: 0, given: "35,4" });
    keep(data, { row: "row00002", learner: "learner1", saw: 0, given: "2/5" });
    const sheet = findSheet(data, SHEET);
    if (sheet === undefined) throw new Error("there is no sheet");
    const { cells, left } = waitingOn(data, sheet, 1);
    expect([cells.length, left]).toEqual([1, 2]);
    expect(findLearner(data, "learner1")?.answers).toBe(2);
    const [one] = cells;
    keep(
      data,
      ...cells.map(({ row, learner, given, revision }) => ({
        row,
        learner,
        given,
        saw: revision,
        mark: right,
      })),
    );
    expect(keptSquaresOf(data, SHEET).find(({ row }) => row === one?.row)?.verdict).toBe("right");
    expect(waitingOn(data, sheet, 9).left).toBe(1);
    countsAnewEqual(data);
  });
});

describe("counts", () => {
  it("equal those made anew, whatever was done in whatever order", () => {
    const marks = [right, gap, { ...WAITING, verdict: "unread" } as AnswerMark, undefined];
    const step = fc.record({
      what: fc.constantFrom("write", "clear", "removeRow", "restoreRow", "stale", "handIn"),
      row: fc.constantFrom("row00001", "row00002"),
      learner: fc.constantFrom("learner1", "learner2"),
      given: fc.constantFrom("1", "2", "3"),
      mark: fc.constantFrom(...marks),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 25 }), (steps) => {
        const { data } = fresh();
        begin(data);
        for (const { what, row, learner, given, mark } of steps) {
          const there = keptSquaresOf(data, SHEET).find(
            (cell) => cell.row === row && cell.learner === learner,
          );
          const saw = what === "stale" ? 0 : (there?.revision ?? 0);
          if (what === "removeRow" || what === "restoreRow") act(data, { kind: what, id: row });
          else if (what === "handIn")
            keepHandedIn(
              data,
              {
                learnerId: learner,
                problem: "0,5 × 8",
                house,
                given,
                mark: mark ?? right,
                marks: "[]",
                hints: 1,
                estimate: "9",
                judged: { pattern: "check-times-always-grows", shown: given === "1" },
                seconds: 4,
                sentId: undefined,
              },
              NOON,
            );
          else
            keep(data, {
              row,
              learner,
              saw,
              given: what === "clear" ? "" : given,
              ...(mark === undefined || what === "clear" ? {} : { mark }),
            });
        }
        countsAnewEqual(data);
        data.$client.close();
      }),
      { numRuns: 40 },
    );
  });
});

describe("work that was handed in", () => {
  it("is kept once however often it is sent, and other work beside it", () => {
    const { data } = fresh();
    begin(data);
    const work = {
      learnerId: "learner1",
      problem: "0,5 × 8",
      house,
      given: "4",
      mark: gap,
      marks: "[]",
      hints: 0,
      estimate: "",
      judged: undefined,
      seconds: 4,
    };
    for (const sentId of ["sent0001", "sent0001", "sent0002", undefined, undefined])
      keepHandedIn(data, { ...work, sentId }, NOON);
    expect(attemptsOf(data, "learner1", 99).attempts).toHaveLength(4);
    expect(historyOf(data, "learner1").get("sub-column-gap")).toEqual({ shown: 4, chances: 4 });
    countsAnewEqual(data);
  });
});

describe("learners", () => {
  it("are listed by name, renamed, taken off and brought back with all they did", () => {
    const { data } = fresh();
    addLearner(data, { id: "z", name: "Zoe" }, NOON);
    addLearner(data, { id: "a", name: "Ada" }, NOON);
    expect(addLearner(data, { id: "b", name: "Zoe" }, NOON)).toEqual({ id: "z", name: "Zoe" });
    const zoe = findLearner(data, "z");
    expect(renameLearner(data, "z", "Ada", zoe?.revision ?? 0)).toMatchObject({
      error: { code: "nameTaken" },
    });
    expect(renameLearner(data, "z", "Bo", zoe?.revision ?? 0)).toMatchObject({ ok: true });
    expect(renameLearner(data, "z", "Cy", zoe?.revision ?? 0)).toMatchObject({
      error: { code: "stale", now: { name: "Bo" } },
    });
    expect(renameLearner(data, "nobody", "Cy", 0)).toMatchObject({ error: { code: "noSuchLearner" } });
    expect(listLearners(data).map(({ name }) => name)).toEqual(["Ada", "Bo"]);
    expect(removeLearner(data, "a", NOON)).toBe(true);
    expect(removeLearner(data, "nobody", NOON)).toBe(false);
    expect(listLearners(data).map(({ name }) => name)).toEqual(["Bo"]);
    restoreLearner(data, "a");
    expect(listLearners(data)).toHaveLength(2);
  });
});
