import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import fc from "fast-check";
import { afterEach, describe, expect, it } from "vitest";
import { runsOf } from "@/core/testing/runs";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { keepBoard } from "../boards";
import { openDatabase, replaceDatabase } from "../database";
import { takeLock } from "../files/lock";
import { historyOf } from "../marking/patternCounts";
import { file, filled, folders, freshFolder, house, NOON } from "../testing/filledFolder";
import { backupFile, listBackups } from "./backupFiles";
import { makeBackup } from "./backups";
import { DOCUMENT_VERSION, readDocument } from "./document";
import { exportDocument } from "./exportDocument";
import { examine } from "./health";
import { importDocument } from "./importDocument";
import { insideOf } from "./inside";
import { moveAside, prepareRestore } from "./restore";
import { KEPT, keptOf } from "./retention";

afterEach(() => {
  for (const folder of folders.splice(0)) fs.rmSync(folder, { recursive: true, force: true });
});

const exported = (folder: string): string => {
  const out = path.join(freshFolder(), "all.json");
  expect(exportDocument(file(folder), out, NOON)).toEqual({ ok: true, value: { rows: {}, tables: [] } });
  return fs.readFileSync(out, "utf8");
};

/** A document in a file, as it is when it comes in. */
const inFile = (json: string): string => {
  const at = path.join(freshFolder(), "in.json");
  fs.writeFileSync(at, json);
  return at;
};

describe("backups", () => {
  it("are whole, checked and listed, and restore what was there", async () => {
    const { folder, data } = filled();
    const made = valueOfResult(await makeBackup(folder, "asked", NOON), "it was refused");
    expect(listBackups(folder)).toMatchObject([{ name: made.name, reason: "asked" }]);
    keepBoard(
      data,
      {
        id: "board0002",
        problem: "2 + 2",
        method: "column-addition",
        beside: undefined,
        house,
        step: 1,
        guess: "",
      },
      undefined,
      NOON,
    );
    data.$client.close();
    const ready = valueOfResult(
      prepareRestore(folder, backupFile(folder, made.name) ?? ""),
      "it was refused",
    );
    replaceDatabase(folder, ready);
    const back = openDatabase(folder);
    expect(insideOf(back.$client).counts).toEqual({ boards: 1, learners: 1, sheets: 1, answers: 1 });
    back.$client.close();
    expect(backupFile(folder, "../right-sum.sqlite")).toBeUndefined();
  });

  it("of what is damaged, newer or something else is refused, and nothing is changed by it", () => {
    const { folder, data } = filled();
    data.$client.close();
    const before = fs.readFileSync(file(folder));
    const other = path.join(freshFolder(), "other.sqlite");
    const cases: readonly (readonly [() => void, RegExp])[] = [
      [() => fs.writeFileSync(other, ""), /damaged/],
      [() => fs.writeFileSync(other, "x".repeat(5000)), /damaged/],
      [
        () => {
          fs.rmSync(other);
          new Database(other).exec("create table spokes (length integer)").close();
        },
        /none of Right Sum/,
      ],
      [
        () => {
          fs.copyFileSync(file(folder), other);
          new Database(other)
            .exec("insert into __drizzle_migrations (hash, created_at) values ('x', 9999999999999)")
            .close();
        },
        /newer Right Sum/,
      ],
    ];
    for (const [make, says] of cases) {
      make();
      const ready = prepareRestore(folder, other);
      expect(ready.ok ? "" : ready.error).toMatch(says);
    }
    expect(prepareRestore(folder, "/no/such/file").ok).toBe(false);
    expect(fs.readFileSync(file(folder)).equals(before)).toBe(true);
    const aside = moveAside(folder, "now");
    expect(fs.readFileSync(aside).equals(before)).toBe(true);
  });

  it("are made whatever the clock does: the new one stays, and none of before go in a heap", async () => {
    const { folder } = filled();
    const day = 24 * 60 * 60 * 1000;
    const madeAt = async (at: number): Promise<string> =>
      valueOfResult(await makeBackup(folder, "asked", new Date(at)), "it was refused").name;
    // Six in an hour, a clock put back, one years ahead for a day, and the right time again.
    const noon = NOON.getTime();
    const times = [0, 1, 2, 3, 4, 5].map((nth) => noon + nth * 60_000);
    for (const at of [...times, noon - 60_000, noon + 3650 * day, noon + day]) {
      const before = listBackups(folder).map(({ name }) => name);
      const made = await madeAt(at);
      const after = listBackups(folder).map(({ name }) => name);
      expect(after).toContain(made);
      expect(before.filter((name) => !after.includes(name)).length).toBeLessThanOrEqual(2);
    }
  });

  it("are kept for thirty days where somebody asked for them, or something took the place of all after them", () => {
    const now = new Date(2026, 10, 27, 20);
    const all = (["asked", "restore", "import", "daily", "migration"] as const).flatMap((reason) =>
      [1, 10, 29, 31].flatMap((days) =>
        // Several of one day, of which the rule alone keeps one.
        [2, 3, 4].map((hour) => ({ at: new Date(2026, 10, 27 - days, hour), reason, days })),
      ),
    );
    const kept = new Set(keptOf(all, now));
    for (const one of all) {
      const isWanted = ["asked", "restore", "import"].includes(one.reason) && one.days < 30;
      if (isWanted) expect(kept, JSON.stringify(one)).toContain(one);
    }
    expect(all.filter((one) => one.days === 31 && kept.has(one)).length).toBeLessThan(4);
    expect(all.filter((one) => one.reason === "migration" && kept.has(one)).length).toBeLessThan(6);
  });

  it("are kept by the rule: the last few, and the newest of each day, week and month", () => {
    const now = new Date(2026, 10, 27, 20);
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 800 * 24 }), { maxLength: 200 }), (hours) => {
        const all = [...new Set(hours)].map((ago) => ({
          at: new Date(now.getTime() - ago * 3_600_000),
          reason: "daily" as const,
        }));
        const kept = keptOf(all, now);
        const most = KEPT.last + KEPT.days + KEPT.weeks + KEPT.months;
        expect(kept.length).toBeLessThanOrEqual(most);
        const newest = [...all].sort((a, b) => b.at.getTime() - a.at.getTime());
        for (const one of newest.slice(0, KEPT.last)) expect(kept).toContain(one);
        // Each of the last seven days that had a backup still has its newest.
        for (let ago = 0; ago < KEPT.days; ago++) {
          const day = new Date(2026, 10, 27 - ago).toDateString();
          const [first] = newest.filter(({ at }) => at.toDateString() === day);
          if (first !== undefined) expect(kept).toContain(first);
        }
        // What is kept today is kept tomorrow by the same rule, unless its time has come.
        expect(keptOf(kept, now)).toEqual(kept);
      }),
    );
  });
});

describe("everything as one document", () => {
  it("comes back just as it was, with its counts", () => {
    const { folder } = filled();
    const json = exported(folder);
    const target = freshFolder();
    expect(importDocument(inFile(json), file(target), () => "[]")).toEqual({ ok: true, value: undefined });
    expect(JSON.parse(exported(target)).tables).toEqual(JSON.parse(json).tables);
    const data = openDatabase(target);
    expect(historyOf(data, "learner1").get("sub-column-gap")).toEqual({ shown: 1, chances: 1 });
    data.$client.close();
  });

  it("is refused with a number of changes from which none could be counted on", () => {
    const { folder } = filled();
    const document = JSON.parse(exported(folder));
    document.tables.boards[0].revision = Number.MAX_SAFE_INTEGER;
    expect(readDocument(inFile(JSON.stringify(document)), () => undefined)).toEqual({
      ok: false,
      error: "Number 1 of boards does not fit (revision).",
    });
  });

  it("damaged in any way is taken whole or not at all, with a sentence", () => {
    const { folder } = filled();
    const json = exported(folder);
    const target = freshFolder();
    let taken = 0;
    const damaged = fc.oneof(
      fc.nat(json.length - 1).map((at) => json.slice(0, at)),
      fc
        .tuple(fc.nat(json.length - 1), fc.string({ minLength: 1, maxLength: 3 }))
        .map(([at, by]) => json.slice(0, at) + by + json.slice(at + by.length)),
      fc
        .tuple(fc.nat(json.length - 1), fc.nat(60))
        .map(([at, more]) => json.slice(0, at) + json.slice(at + more)),
      fc.json(),
      fc.constantFrom(
        json.replace(`"version":${DOCUMENT_VERSION}`, `"version":${DOCUMENT_VERSION + 1}`),
        json.replace('"version":1', '"version":0'),
        json.replace('"row_id":"row00001"', '"row_id":"row99999"'),
        json.replace('"learner_id":"learner1"', '"learner_id":"nobody01"'),
        json.replace('"format":"right-sum"', '"format":"left-sum"'),
        json.replace('"tables":{', '"tables":{"spokes":[],'),
        json.replace('"verdict":"wrong"', '"verdict":"sideways"'),
        json.replace('"chosen":0', '"chosen":2'),
        json.replace('"boards":[', '"boards":[{"id":1},'),
        json.replace('"tables":{', '"tables":{"boards":[],'),
        json.replace('"tables":{', '"tables":{"boards":{"0":{}},'),
        json.replace('"tables":{', '"spokes":{'),
        json.replace('"format"', '"spokes":1,"format"'),
        json.replace(
          /"format":"right-sum","version":\d+,(.*)\}\s*$/s,
          `$1,"version":${DOCUMENT_VERSION},"format":"right-sum"}`,
        ),
        `${json}${json}`,
        `\ufeff${json}`,
        "",
        "null",
        "[]",
        "{}",
      ),
    );
    fc.assert(
      fc.property(damaged, (text) => {
        const done = importDocument(inFile(text), file(target), () => "[]");
        if (done.ok) {
          // What still fits is taken whole: nothing of it is missing afterwards.
          taken++;
          expect(JSON.parse(exported(target)).tables).toEqual(JSON.parse(text.replace("\ufeff", "")).tables);
        } else {
          expect(done.error).toMatch(/^\S.*\.$/s);
          expect(fs.existsSync(file(target))).toBe(false);
        }
        fs.rmSync(target, { recursive: true, force: true });
        fs.mkdirSync(target);
      }),
      { numRuns: runsOf("damagedDocuments") },
    );
    // Most of what is damaged is refused.
    expect(taken).toBeLessThan(runsOf("damagedDocuments") / 2);
  });

  it("of an older version is brought up to date, of a newer one refused", () => {
    const { folder } = filled();
    const json = exported(folder);
    const first = json
      .replace(`"version":${DOCUMENT_VERSION}`, '"version":1')
      .replaceAll('"patterns":', '"slips":');
    expect(first).not.toBe(json);
    const rows = (text: string): readonly unknown[] => {
      const taken: unknown[] = [];
      expect(readDocument(inFile(text), (table, row) => void taken.push([table, row])).ok).toBe(true);
      return taken;
    };
    expect(rows(first)).toEqual(rows(json));
    expect(readDocument(inFile(first), () => undefined, {})).toMatchObject({
      ok: false,
      error: expect.stringContaining("too old"),
    });
    expect(
      readDocument(
        inFile(json.replace(`"version":${DOCUMENT_VERSION}`, `"version":${DOCUMENT_VERSION + 1}`)),
        () => undefined,
      ),
    ).toMatchObject({
      ok: false,
      error: expect.stringContaining("newer Right Sum"),
    });
  });
});

describe("a damaged database", () => {
  it("is found, told and never changed, and what can be read of it goes out; sixty of them", () => {
    const { folder, data } = filled();
    for (let nth = 0; nth < 200; nth++)
      keepBoard(
        data,
        {
          id: `board1${String(nth).padStart(3, "0")}`,
          problem: `${nth} + 2.75`,
          method: "column-addition",
          beside: undefined,
          house,
          step: 2,
          guess: "",
        },
        undefined,
        NOON,
      );
    data.$client.close();
    const sound = fs.readFileSync(file(folder));
    let seed = 7;
    const next = (below: number): number => {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      return seed % below;
    };
    const found = new Map<string, number>();
    for (let nth = 0; nth < 60; nth++) {
      const where = freshFolder();
      const bytes = Buffer.from(sound);
      const kind = nth % 4;
      if (kind === 0) fs.writeFileSync(file(where), bytes.subarray(0, next(bytes.length)));
      else {
        const from = kind === 1 ? 0 : next(bytes.length - 2000);
        const length = kind === 3 ? 40 : 500 + next(6000);
        for (let at = from; at < Math.min(from + length, bytes.length); at++) bytes[at] = next(256);
        fs.writeFileSync(file(where), bytes);
      }
      const before = fs.readFileSync(file(where));
      const health = examine(where);
      found.set(health.kind, (found.get(health.kind) ?? 0) + 1);
      expect(["damaged", "empty", "foreign", "fine", "newer"]).toContain(health.kind);
      if (health.kind === "damaged") expect(health.found).not.toBe("");
      const out = path.join(where, "out.json");
      try {
        exportDocument(file(where), out, NOON);
        const salvaged = JSON.parse(fs.readFileSync(out, "utf8"));
        expect(Object.keys(salvaged.tables)).toContain("boards");
      } catch (error) {
        // Nothing at all can be read of some; that is said, and nothing else is done.
        expect(error).toBeInstanceOf(Error);
      }
      expect(fs.readFileSync(file(where)).equals(before)).toBe(true);
    }
    expect(found.get("damaged")).toBeGreaterThan(30);
  });

  it("is told from a fresh folder, a lost file and one that may not be written", async () => {
    expect(examine(freshFolder())).toEqual({ kind: "fresh" });
    const lost = freshFolder();
    fs.writeFileSync(`${file(lost)}-wal`, "x");
    expect(examine(lost)).toEqual({ kind: "missing" });
    const { folder, data } = filled();
    data.$client.close();
    expect(examine(folder)).toEqual({ kind: "fine", pending: false });
    valueOfResult(await makeBackup(folder, "asked", NOON), "it was refused");
    fs.rmSync(file(folder));
    expect(examine(folder)).toEqual({ kind: "missing" });
  });
});

describe("a folder's lock", () => {
  it("is one server's until it lets go, and tells others where that is", () => {
    const folder = freshFolder();
    const first = valueOfResult(takeLock(folder), "the first one gets it");
    first.sayWhere("http://127.0.0.1:3000");
    expect(takeLock(folder)).toEqual({
      ok: false,
      error: { kind: "held", address: "http://127.0.0.1:3000" },
    });
    first.release();
    const second = takeLock(folder);
    expect(second.ok).toBe(true);
    if (second.ok) second.value.release();
  });

  it("is taken where garbage stands, is refused where a folder does, and is one for all that link to the same file", () => {
    const { folder, data } = filled();
    data.$client.close();
    fs.writeFileSync(path.join(folder, ".right-sum-lock"), "no lock ".repeat(200));
    const first = valueOfResult(takeLock(folder), "garbage gives way");
    const other = freshFolder();
    fs.symlinkSync(file(folder), file(other));
    expect(takeLock(other)).toMatchObject({ ok: false, error: { kind: "held" } });
    first.release();
    const odd = freshFolder();
    fs.mkdirSync(path.join(odd, ".right-sum-lock"));
    expect(takeLock(odd)).toMatchObject({ ok: false, error: { kind: "noRoom" } });
  });
});
