import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import {
  type BoardState,
  deleteBoard,
  findBoard,
  keepBoard,
  listBoards,
  pinBoard,
  renameBoard,
  restoreBoard,
} from "./boards";
import { type Data, openDatabase } from "./database";
import { readSetting, writeSetting } from "./settings";

const folders: string[] = [];

function freshData(): { readonly data: Data; readonly folder: string } {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-data-"));
  folders.push(folder);
  return { data: openDatabase(folder), folder };
}

afterAll(() => {
  for (const folder of folders) fs.rmSync(folder, { recursive: true, force: true });
});

const state = (id: string, problem: string): BoardState => ({
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
    keepBoard(data, state("board0001", "40.3 + 7.8"), on(1));
    keepBoard(data, { ...state("board0001", "40.3 + 7.8"), step: 9 }, on(2));
    expect(findBoard(openDatabase(folder), "board0001")).toEqual({
      ...state("board0001", "40.3 + 7.8"),
      step: 9,
      name: "",
      pinned: false,
      openedAt: on(2),
    });
  });

  it("are listed pinned first, then the newest, a page at a time", () => {
    const { data } = freshData();
    for (let day = 1; day <= 5; day++) keepBoard(data, state(`board000${day}`, `${day} + 1`), on(day));
    pinBoard(data, "board0002", true);
    expect(problems(data)).toEqual(["2 + 1", "5 + 1", "4 + 1", "3 + 1", "1 + 1"]);
    expect(listBoards(data, { search: "", most: 2 })).toMatchObject({ more: true });
    expect(listBoards(data, { search: "", most: 5 })).toMatchObject({ more: false });
  });

  it("are found by name and by numbers, however these are spaced", () => {
    const { data } = freshData();
    keepBoard(data, state("board0001", "5 − 2.004"), on(1));
    keepBoard(data, state("board0002", "100 + 50"), on(2));
    renameBoard(data, "board0002", "50% off the rims");
    expect(problems(data, "5-2.0")).toEqual(["5 − 2.004"]);
    expect(problems(data, "RIMS")).toEqual(["100 + 50"]);
    expect(problems(data, "50%")).toEqual(["100 + 50"]);
    expect(problems(data, "%")).toEqual(["100 + 50"]);
    expect(problems(data, "_")).toEqual([]);
  });

  it("are deleted with undo, and opened again bring themselves back", () => {
    const { data } = freshData();
    keepBoard(data, state("board0001", "1 + 2"), on(1));
    renameBoard(data, "board0001", "Bolts");
    deleteBoard(data, "board0001", on(2));
    expect(problems(data)).toEqual([]);
    expect(findBoard(data, "board0001")).toBeUndefined();
    restoreBoard(data, "board0001");
    expect(findBoard(data, "board0001")).toMatchObject({ name: "Bolts", step: 3 });
    deleteBoard(data, "board0001", on(3));
    keepBoard(data, state("board0001", "1 + 2"), on(4));
    expect(findBoard(data, "board0001")).toMatchObject({ name: "Bolts" });
  });
});

describe("settings", () => {
  it("are replaced by name", () => {
    const { data } = freshData();
    expect(readSetting(data, "view")).toBeUndefined();
    writeSetting(data, "view", { square: 44 });
    writeSetting(data, "view", { square: 60 });
    expect(readSetting(data, "view")).toEqual({ square: 60 });
  });
});
