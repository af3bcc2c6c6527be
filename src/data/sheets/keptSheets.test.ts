import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { exportDocument } from "../backup/exportDocument";
import { importDocument } from "../backup/importDocument";
import type { Data } from "../data";
import { openDatabase } from "../database";
import { addLearner } from "../marking/learners";
import { findKeptSheet, givenTo, keepSheet, listKeptSheets, noteGiven, setSheetAside } from "./keptSheets";
import { giveOut, versionToMark } from "./sheetVersions";

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
    expect(importDocument(json, file, () => "[]").ok).toBe(true);
    const again = openDatabase(path.dirname(file));
    expect(findKeptSheet(again, "spokesheet000001")).toEqual(findKeptSheet(data, "spokesheet000001"));
    expect(givenTo(again, "spokesheet000001")).toHaveLength(1);
    again.$client.close();
  });

  it("are marked under their code as they were given out, whatever has become of them since", () => {
    const id = "spokesheet000009";
    const outside = { now: NOW, chance: chances(), idOf: (text: string) => `id of ${text}` };
    const given = () => {
      const sheet = findKeptSheet(data, id);
      if (sheet === undefined) throw new Error("the sheet is there");
      return data.transaction((write) => giveOut(write, sheet, outside));
    };
    const typed = (code: string) =>
      data.transaction((write) => versionToMark(write, ` ${code.toLowerCase()} `, outside));
    const put = (problems: readonly string[]) => {
      const rows = problems.map((problem) => ({ problem }));
      const state = { ...content("Spokes"), rows };
      expect(keepSheet(data, id, state, { saw: undefined }, NOW, outside.chance).ok).toBe(true);
    };
    put(["1 + 2", "3 + 4"]);
    const first = given();
    expect(first).toMatchObject({
      sheet: id,
      markedAs: id,
      rows: [{ problem: "1 + 2" }, { problem: "3 + 4" }],
    });
    expect(given()).toEqual(first);
    put(["5 + 6"]);
    // Changed, and not given out yet: its code still stands for what was printed.
    expect(typed(first.code)).toEqual(first);
    const second = given();
    expect(second.code).not.toBe(first.code);
    expect(second).toMatchObject({ sheet: id, rows: [{ problem: "5 + 6" }] });
    expect(second.markedAs).not.toBe(first.markedAs);
    expect(findKeptSheet(data, id)?.code).toBe(second.code);
    expect([typed(first.code), typed(second.code)]).toEqual([first, second]);
    for (const { code } of [first, second])
      expect(listKeptSheets(data, { search: code, archived: false, most: 9 }).sheets).toMatchObject([{ id }]);
    expect(typed("nothing")).toBeUndefined();
  });

  it("changed in one window are not taken for the same in another that changed their house alone", () => {
    const id = "spokesheet000008";
    kept(id, "Spokes");
    const saw = findKeptSheet(data, id)?.revision;
    const withHouse = (house: typeof PRESETS.gapsShort) =>
      keepSheet(data, id, { ...content("Spokes"), house }, { saw }, NOW, chances());
    expect(withHouse(PRESETS.commaBelow).ok).toBe(true);
    expect(withHouse(PRESETS.gapsShort)).toMatchObject({ ok: false, error: { code: "stale" } });
  });
});
