import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { afterAll, describe, expect, it } from "vitest";
import { chancesOf } from "@/service/requests/marking/marking";
import { paperMarks } from "@/service/requests/marking/paperMarks";
import { rowAsItIs } from "./aside/unread";
import { examine } from "./backup/health";
import { listBoards } from "./boards";
import { openDatabase } from "./database";
import { attemptsOf, keptSquaresOf } from "./marking/attempts";
import { listLearners } from "./marking/learners";
import { findSheet, listSheets } from "./marking/markingSheets";
import { historyOf, recount } from "./marking/patternCounts";
import { readSetting } from "./settings";

/** One and the same data, as it was kept before each change of what it is kept in. */
const FIXTURES = ["before-rows-by-id", "before-error-patterns"] as const;

const folders = new Map(
  FIXTURES.map((name) => {
    const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-old-"));
    fs.copyFileSync(`src/data/fixtures/${name}.sqlite`, path.join(folder, "right-sum.sqlite"));
    return [name, folder];
  }),
);
afterAll(() => {
  for (const folder of folders.values()) fs.rmSync(folder, { recursive: true, force: true });
});

/** What the old database held, read with nothing of ours. */
const before = new Database("src/data/fixtures/before-rows-by-id.sqlite", { readonly: true });
const all = (query: string): readonly Record<string, unknown>[] =>
  before.prepare(query).all() as Record<string, unknown>[];
const old = {
  answers: all(
    "select a.*, s.problems from attempts a join marking_sheets s on s.id = a.sheet_id order by a.id",
  ),
  boards: all("select id from boards where deleted_at is null"),
  learners: all("select id, name from learners order by name"),
  chances: all(
    "select learner_id as learner, slip as pattern, sum(shown) as shown, count(*) as chances from attempt_slips group by 1, 2",
  ),
  counts: all("select learner_id as learner, count(*) as answers from attempts group by 1"),
};
before.close();

describe.each(FIXTURES)("a database of %s", (name) => {
  const folder = folders.get(name) ?? "";

  it("is known for one that has to be brought up to date", () => {
    expect(examine(folder)).toEqual({ kind: "fine", pending: true });
  });

  it("keeps everything: each answer beside its problem, with its note, its patterns and its counts", () => {
    const data = openDatabase(folder);
    expect(examine(folder)).toEqual({ kind: "fine", pending: false });
    expect(
      listBoards(data, { search: "", most: 99 })
        .boards.map(({ id }) => id)
        .sort(),
    ).toEqual(old.boards.map(({ id }) => id).sort());
    expect(listLearners(data).map(({ id, name }) => ({ id, name }))).toEqual(old.learners);
    for (const answer of old.answers) {
      const problems: unknown = JSON.parse(String(answer.problems));
      const problem = Array.isArray(problems) ? problems[Number(answer.row)] : undefined;
      const sheet = findSheet(data, String(answer.sheet_id));
      const row = sheet?.rows.find((one) => one.problem === problem);
      const cell = keptSquaresOf(data, String(answer.sheet_id)).find(
        (one) => one.row === row?.id && one.learner === answer.learner_id,
      );
      expect(cell).toMatchObject({
        given: answer.given,
        verdict: answer.verdict,
        note: answer.note,
        patterns: JSON.parse(String(answer.slips)),
      });
    }
    expect(old.answers.length).toBeGreaterThan(20);
    for (const { learner, answers } of old.counts)
      expect(listLearners(data).find(({ id }) => id === learner)?.answers).toBe(answers);
    for (const { learner, pattern, shown, chances } of old.chances) {
      const found = [...historyOf(data, String(learner))].find(([id]) => id === pattern)?.[1];
      expect(found).toEqual({ shown, chances });
    }
    expect(readSetting(data, "view")).toMatchObject({ theme: "slate", square: 60 });
    data.$client.close();
  });

  it("counts the same when everything is counted anew", () => {
    const data = openDatabase(folder);
    recount(data, chancesOf);
    for (const { learner, pattern, shown, chances } of old.chances) {
      const found = [...historyOf(data, String(learner))].find(([id]) => id === pattern)?.[1];
      expect({ learner, pattern, ...found }).toEqual({ learner, pattern, shown, chances });
    }
    data.$client.close();
  });

  it("keeps a learner's paper, and sets a broken sheet aside whole", () => {
    const data = openDatabase(folder);
    const [learner = ""] = old.counts.map((one) => String(one.learner));
    const paper = listLearners(data)
      .flatMap(({ id }) => attemptsOf(data, id, 99).attempts)
      .find(({ hints }) => hints === 2);
    expect(paper).toMatchObject({ estimate: "35" });
    expect(learner).not.toBe("");
    const stored: unknown = JSON.parse(
      String(data.$client.prepare("select marks from papers").pluck().get()),
    );
    expect(Array.isArray(stored) && paperMarks(stored)).toEqual([
      { kind: "rule", row: 1, from: 0, to: 2, strokes: 1 },
      ...(name === "before-error-patterns"
        ? [{ kind: "small", col: 1, row: 0, position: "low", text: "1" }]
        : []),
    ]);
    expect(listSheets(data, 9).sheets.map(({ id }) => id)).not.toContain("brokensheet00000001");
    const aside = rowAsItIs(data, "set_aside", "1");
    expect(aside).toMatchObject({ origin: "marking_sheets" });
    expect(JSON.stringify(aside)).toContain("1 + 1");
    data.$client.close();
  });
});
