import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { eq } from "drizzle-orm";
import { afterAll, describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { valueOfResult } from "@/core/testing/valueOfResult";
import type { BoardState } from "@/service/kept/board";
import { rowAsItIs } from "./aside/unread";
import { deleteBoard, findBoard, keepBoard, listBoards, pinBoard, renameBoard, restoreBoard } from "./boards";
import type { Data } from "./data";
import { openDatabase } from "./database";
import { boards, settings } from "./schema";
import { changeSetting, readSetting, unreadSettings } from "./settings";

const folders: string[] = [];

function freshData(): { readonly data: Data; readonly folder: string } {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-data-"));
  folders.push(folder);
  return { data: openDatabase(folder), folder };
}

afterAll(() => {
  for (const folder of folders) fs.rmSync(folder, { recursive: true, force: true });
});

const state = (id: string, problem: string): BoardState & { readonly id: string } => ({
  id,
  problem,
  method: "column-addition",
  beside: undefined,
  house: { ...PRESETS.gapsShort, narration: "placeValue" },
  step: 3,
  guess: "60",
});
const on = (day: number): Date => new Date(Date.UTC(2026, 2, day));
const problems = (data: Data, search = ""): readonly string[] =>
  listBoards(data, { search, most: 50 }).boards.map(({ problem }) => problem);

describe("kept boards", () => {
  it("come back as they were left, from another opening of the same file", () => {
    const { data, folder } = freshData();
    keepBoard(data, state("board0001", "40.3 + 7.8"), undefined, on(1));
    keepBoard(data, { ...state("board0001", "40.3 + 7.8"), step: 9 }, undefined, on(2));
    expect(findBoard(openDatabase(folder), "board0001")).toEqual({
      ...state("board0001", "40.3 + 7.8"),
      step: 9,
      name: "",
      pinned: false,
      openedAt: on(2),
      revision: expect.any(Number),
    });
  });

  it("are listed pinned first, then the newest, a page at a time", () => {
    const { data } = freshData();
    for (let day = 1; day <= 5; day++)
      keepBoard(data, state(`board000${day}`, `${day} + 1`), undefined, on(day));
    pinBoard(data, "board0002", true);
    expect(problems(data)).toEqual(["2 + 1", "5 + 1", "4 + 1", "3 + 1", "1 + 1"]);
    expect(listBoards(data, { search: "", most: 2 })).toMatchObject({ more: true });
    expect(listBoards(data, { search: "", most: 5 })).toMatchObject({ more: false });
  });

  it("are found by name and by numbers, however these are spaced", () => {
    const { data } = freshData();
    keepBoard(data, state("board0001", "5 − 2.004"), undefined, on(1));
    keepBoard(data, state("board0002", "100 + 50"), undefined, on(2));
    renameBoard(data, "board0002", "50% off the rims");
    expect(problems(data, "5-2.0")).toEqual(["5 − 2.004"]);
    expect(problems(data, "RIMS")).toEqual(["100 + 50"]);
    expect(problems(data, "50%")).toEqual(["100 + 50"]);
    expect(problems(data, "%")).toEqual(["100 + 50"]);
    expect(problems(data, "_")).toEqual([]);
  });

  it("are deleted with undo, and opened again bring themselves back", () => {
    const { data } = freshData();
    keepBoard(data, state("board0001", "1 + 2"), undefined, on(1));
    renameBoard(data, "board0001", "Bolts");
    deleteBoard(data, "board0001", on(2));
    expect(problems(data)).toEqual([]);
    expect(findBoard(data, "board0001")).toBeUndefined();
    restoreBoard(data, "board0001");
    expect(findBoard(data, "board0001")).toMatchObject({ name: "Bolts", step: 3 });
    deleteBoard(data, "board0001", on(3));
    keepBoard(data, state("board0001", "1 + 2"), undefined, on(4));
    expect(findBoard(data, "board0001")).toMatchObject({ name: "Bolts" });
  });
});

describe("a board in two windows", () => {
  it("is not written over by one that has not seen what the other wrote", () => {
    const { data } = freshData();
    const first = valueOfResult(
      keepBoard(data, state("board0001", "1 + 2"), 0, on(1)),
      "a new board is kept",
    );
    const second = keepBoard(data, { ...state("board0001", "1 + 2"), step: 5 }, first, on(2));
    expect(second).toMatchObject({ ok: true });
    const stale = keepBoard(data, { ...state("board0001", "1 + 2"), step: 7 }, first, on(3));
    expect(stale).toMatchObject({ ok: false, error: { code: "stale", now: { step: 5 } } });
    expect(findBoard(data, "board0001")?.step).toBe(5);
    // The same written twice, as after an answer that never came, is no clash.
    expect(keepBoard(data, { ...state("board0001", "1 + 2"), step: 5 }, first, on(4)).ok).toBe(true);
  });

  it("is no other window's where one closes before its last write was answered for, in whichever order both come", () => {
    const one = { ...state("board0001", "1 + 2"), step: 4 };
    const two = { ...one, step: 5 };
    const writes = [
      (data: Data, saw: number) => keepBoard(data, one, saw, on(2)),
      (data: Data, saw: number) => keepBoard(data, two, saw, on(3), one),
    ];
    for (const order of [writes, [...writes].reverse()]) {
      const { data } = freshData();
      const first = valueOfResult(
        keepBoard(data, state("board0001", "1 + 2"), 0, on(1)),
        "a new board is kept",
      );
      for (const write of order) write(data, first);
      expect(findBoard(data, "board0001")?.step).toBe(5);
    }
    // What is another window's still stands.
    const { data } = freshData();
    keepBoard(data, { ...one, guess: "3" }, 0, on(1));
    expect(keepBoard(data, two, 0, on(2), one)).toMatchObject({ ok: false });
  });
});

describe("rows that can't be read", () => {
  it("are set aside with a reason, and the others are listed", () => {
    const { data } = freshData();
    for (const id of ["board0001", "board0002", "board0003", "board0004", "board0005"])
      keepBoard(data, state(id, "1 + 2"), undefined, on(1));
    const broken: readonly (readonly [string, Partial<typeof boards.$inferInsert>])[] = [
      ["board0001", { house: "{" }],
      ["board0002", { method: "by-abacus" }],
      ["board0003", { house: '{"preset":"of-tomorrow"}' }],
      ["board0004", { version: 99 }],
    ];
    for (const [id, set] of broken) data.update(boards).set(set).where(eq(boards.id, id)).run();
    const { boards: read, unread } = listBoards(data, { search: "", most: 50 });
    expect(read.map(({ id }) => id)).toEqual(["board0005"]);
    expect(unread.map(({ id }) => id).sort()).toEqual(broken.map(([id]) => id));
    for (const { why } of unread) expect(why).toMatch(/^(?:its|it) .+/);
    for (const [id] of broken) {
      expect(findBoard(data, id)).toBeUndefined();
      expect(rowAsItIs(data, "boards", id)).toMatchObject({ id, problem: "1 + 2" });
    }
    expect(rowAsItIs(data, "sqlite_master", "boards")).toBeUndefined();
  });
});

describe("settings", () => {
  it("are changed from what stands there, and broken ones are set aside first", () => {
    const { data } = freshData();
    expect(readSetting(data, "view")).toBeUndefined();
    changeSetting(data, "view", { square: 44 });
    changeSetting(data, "view", { theme: "slate" });
    expect(readSetting(data, "view")).toEqual({ square: 44, theme: "slate" });
    expect(unreadSettings(data)).toEqual([]);
    data.update(settings).set({ value: '{"square":' }).run();
    expect(readSetting(data, "view")).toBeUndefined();
    expect(unreadSettings(data)).toMatchObject([{ table: "settings", id: "view" }]);
    changeSetting(data, "view", { square: 60 });
    expect(readSetting(data, "view")).toEqual({ square: 60 });
    expect(rowAsItIs(data, "set_aside", "1")).toMatchObject({ content: '{"square":' });
  });
});
