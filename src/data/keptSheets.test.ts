import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { exportDocument, importDocument } from "./backup/transfer";
import type { Data } from "./data";
import { openDatabase } from "./database";
import {
  findKeptSheet,
  givenTo,
  keepSheet,
  listKeptSheets,
  noteGiven,
  setSheetAside,
  sheetOfCode,
} from "./keptSheets";
import { addLearner } from "./marking/learners";

let folder = "";
let data: Data;
beforeAll(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-kept-"));
  data = openDatabase(folder);
});
afterAll(() => {
  data.$client.close();
  fs.rmSync(folder, { recursive: true, force: true });
});

const NOW = new Date("2026-11-28T10:00:00Z");
const HOUSE = { ...PRESETS.gapsShort, decimalMark: "comma" as const };

/** Chances that repeat themselves at first, so that a code that is taken comes up. */
const chances = (): (() => number) => {
  let nth = 0;
  return () => {
    nth += 1;
    return nth <= 6 ? 0.5 : (nth % 31) / 31;
  };
};

const content = (name: string) => ({
  name,
  house: HOUSE,
  drawing: 1,
  seed: 7,
  rows: [
    { problem: "53,2 − 17,8", skill: "subtract-one-exchange", notch: 1, locked: true },
    { problem: "100 % of 7_5" },
  ],
});

const kept = (id: string, name: string, saw = 0) =>
  keepSheet(data, id, content(name), { saw }, NOW, chances());

describe("kept sheets", () => {
  it("come back as they were kept, under a code of their own", () => {
    const [first, second] = [kept("spokesheet000001", "Spokes"), kept("spokesheet000002", "Cables")];
    if (!first.ok || !second.ok) throw new Error("a sheet was not kept");
    expect(findKeptSheet(data, "spokesheet000001")).toMatchObject({ ...content("Spokes"), archived: false });
    expect(first.value.code).toMatch(/^[2-9A-HJKMNP-Z]{6}$/);
    expect(second.value.code).not.toBe(first.value.code);
    expect(sheetOfCode(data, ` ${first.value.code.toLowerCase()} `)?.id).toBe("spokesheet000001");
    expect(sheetOfCode(data, "nothing")).toBeUndefined();
  });

  it("are not written over by a window that has not seen the last change; what is sent twice does no harm", () => {
    const before = findKeptSheet(data, "spokesheet000001");
    const next = kept("spokesheet000001", "Spokes and nipples", before?.revision);
    expect(next.ok && next.value.code).toBe(before?.code);
    const late = kept("spokesheet000001", "An older window", before?.revision);
    expect(late).toMatchObject({ ok: false, error: { code: "stale", now: { name: "Spokes and nipples" } } });
    expect(kept("spokesheet000001", "Spokes and nipples", before?.revision).ok).toBe(true);
  });

  it("are searched by name, code and problem, and nothing in a search is a sign for anything", () => {
    const found = (search: string) =>
      listKeptSheets(data, { search, archived: false, most: 9 }).sheets.map(({ name }) => name);
    expect(found("nipples")).toEqual(["Spokes and nipples"]);
    expect(found("53,2")).toHaveLength(2);
    expect(found("100 %")).toHaveLength(2);
    expect(found("%%")).toEqual([]);
    expect(found("7_5")).toHaveLength(2);
    expect(found("53_2")).toEqual([]);
    expect(found(findKeptSheet(data, "spokesheet000002")?.code ?? "")).toContain("Cables");
  });

  it("are put out of the way and taken away, and brought back", () => {
    const names = (archived: boolean) =>
      listKeptSheets(data, { search: "", archived, most: 9 }).sheets.map(({ name }) => name);
    expect(setSheetAside(data, "spokesheet000002", { archived: true }, NOW)).toBe(true);
    expect([names(false), names(true)]).toEqual([["Spokes and nipples"], ["Cables"]]);
    setSheetAside(data, "spokesheet000002", { deleted: true }, NOW);
    expect([names(true), findKeptSheet(data, "spokesheet000002")]).toEqual([[], undefined]);
    // A window that still has it open does not bring it back by what is done there.
    expect(kept("spokesheet000002", "Cables, longer", 2)).toEqual({ ok: false, error: { code: "deleted" } });
    expect(findKeptSheet(data, "spokesheet000002")).toBeUndefined();
    setSheetAside(data, "spokesheet000002", { deleted: false }, NOW);
    expect(names(true)).toEqual(["Cables"]);
    expect(setSheetAside(data, "nosuchsheet00000", { deleted: true }, NOW)).toBe(false);
  });

  it("that can't be read are told, stay as they are, and are not written over", () => {
    kept("spokesheet000003", "Rims");
    data.$client.prepare("update kept_sheets set rows = '[{' where id = ?").run("spokesheet000003");
    const { sheets, unread } = listKeptSheets(data, { search: "", archived: false, most: 9 });
    expect(sheets.map(({ id }) => id)).not.toContain("spokesheet000003");
    expect(unread).toEqual([
      { table: "kept_sheets", id: "spokesheet000003", why: "its problems can’t be read" },
    ]);
    expect(kept("spokesheet000003", "Rims", 1)).toEqual({ ok: false, error: { code: "unread" } });
    data.$client.prepare("delete from kept_sheets where id = ?").run("spokesheet000003");
  });

  it("know who was given them, and go out and come in whole with everything else", () => {
    const learner = addLearner(data, { id: "learneriris00001", name: "Iris" }, NOW);
    data.transaction((write) => noteGiven(write, "spokesheet000001", [learner.id], NOW));
    data.transaction((write) => noteGiven(write, "spokesheet000001", [learner.id], NOW));
    expect(givenTo(data, "spokesheet000001")).toEqual([{ id: learner.id, name: "Iris", at: NOW }]);
    const [json, file] = [path.join(folder, "all.json"), path.join(folder, "again", "right-sum.sqlite")];
    fs.mkdirSync(path.dirname(file));
    exportDocument(path.join(folder, "right-sum.sqlite"), json, NOW);
    expect(importDocument(fs.readFileSync(json, "utf8"), file, () => "[]").ok).toBe(true);
    const again = openDatabase(path.dirname(file));
    expect(findKeptSheet(again, "spokesheet000001")).toEqual(findKeptSheet(data, "spokesheet000001"));
    expect(givenTo(again, "spokesheet000001")).toHaveLength(1);
    again.$client.close();
  });
});
