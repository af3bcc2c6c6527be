import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import fc from "fast-check";
import { afterAll, describe, expect, it } from "vitest";
import { keptRung } from "@/service/kept/ownRung";
import { keptStory } from "@/service/kept/ownStory";
import { keptStockList } from "@/service/kept/stockList";
import { rowAsItIs } from "../aside/unread";
import type { Data } from "../data";
import { FILE_NAME, openDatabase } from "../database";
import { findOwnThing, keepOwnThing, listOwnThings, setOwnThingDeleted, unreadOwnThings } from "./ownThings";

const folders: string[] = [];
const open = (): { readonly data: Data; readonly folder: string } => {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-own-"));
  folders.push(folder);
  return { data: openDatabase(folder), folder };
};
afterAll(() => {
  for (const folder of folders) fs.rmSync(folder, { recursive: true, force: true });
});

const story = (text: string) =>
  ({ text, form: "altogether", line: "", left: [], turned: false, answer: "" }) as const;

/** What a tutor does in one of three windows with one of two stories. */
const acts = fc.array(
  fc.record({
    window: fc.nat(2),
    id: fc.constantFrom("story0000001", "story0000002"),
    act: fc.constantFrom("keep", "keep", "keep", "look", "delete", "bring back"),
  }),
  { maxLength: 40 },
);

describe("own stories in several windows", () => {
  it("lose nothing that was acknowledged but to one who has seen it", () => {
    const { data } = open();
    fc.assert(
      fc.property(acts, (done) => {
        data.$client.exec("delete from own_things");
        // What each window has seen of each story: its text and revision; and what was last acknowledged of it.
        const seen = new Map<string, { readonly text: string; readonly revision: number }>();
        const acknowledged = new Map<string, string>();
        for (const [nth, { window, id, act }] of done.entries()) {
          const key = `${window} ${id}`;
          if (act === "delete" || act === "bring back") {
            setOwnThingDeleted(data, keptStory, id, act === "delete", new Date(0));
            continue;
          }
          if (act === "look") {
            const there = findOwnThing(data, keptStory, id);
            if (there) seen.set(key, { text: there.value.text, revision: there.revision });
            continue;
          }
          const text = `${nth} by ${window}`;
          const saw = seen.get(key)?.revision ?? 0;
          const kept = keepOwnThing(data, keptStory, id, story(text), { saw, after: undefined });
          if (kept.ok) {
            // Whoever writes over something has seen just that.
            const before = acknowledged.get(id);
            if (before !== undefined) expect(seen.get(key)?.text).toBe(before);
            acknowledged.set(id, text);
            seen.set(key, { text, revision: kept.value.revision });
          } else if (kept.error.code === "stale") {
            expect(kept.error.now.value.text).toBe(acknowledged.get(id));
          }
        }
        for (const [id, text] of acknowledged) {
          setOwnThingDeleted(data, keptStory, id, false, new Date(0));
          expect(findOwnThing(data, keptStory, id)?.value.text).toBe(text);
        }
      }),
      { numRuns: 60 },
    );
    data.$client.close();
  });
});

describe("a rung that a newer Right Sum made", () => {
  const NEWER = JSON.stringify({
    lines: ["##%"],
    always: [],
    never: [],
    name: "Percent",
    strand: "percentages",
  });

  it("stays as it is beside all that is done with the others, and can be had whole", () => {
    const { data } = open();
    data.$client
      .prepare(
        "insert into own_things (id, kind, state, made, revision) values ('rung00000002', 'rung', ?, 1, 1)",
      )
      .run(NEWER);
    const rung = {
      lines: ["## + ##"],
      always: [],
      never: [],
      name: "Mine",
      strand: "addingSubtracting",
    } as const;
    expect(keepOwnThing(data, keptRung, "rung00000001", rung, { saw: 0, after: undefined }).ok).toBe(true);
    expect(keepOwnThing(data, keptRung, "rung00000002", rung, { saw: 1, after: undefined })).toEqual({
      ok: false,
      error: { code: "unread" },
    });
    expect(listOwnThings(data, keptRung).map(({ id }) => id)).toEqual(["rung00000001"]);
    expect(unreadOwnThings(data, keptRung).map(({ id }) => id)).toEqual(["rung00000002"]);
    expect(rowAsItIs(data, "own_things", "rung00000002")).toMatchObject({ state: NEWER });
    data.$client.close();
  });
});

describe("what stood among the settings", () => {
  it("gets rows of its own, entry by entry; what is no thing with an id is set aside as it is", () => {
    const { data, folder } = open();
    const put = data.$client.prepare("insert into settings (name, value, revision) values (?, ?, 1)");
    put.run(
      "ownStories",
      JSON.stringify({
        stories: [
          { id: "story0000002", ...story("two") },
          { id: "story0000001", ...story("one") },
        ],
      }),
    );
    put.run("rungs", JSON.stringify([{ name: "without an id" }, { id: "rung00000003", lines: 7 }]));
    put.run("stock", JSON.stringify({ lists: [], used: "somewhere" }));
    data.$client.close();
    for (const _ of ["once", "again"]) {
      const again = openDatabase(folder);
      expect(listOwnThings(again, keptStory).map(({ value }) => value.text)).toEqual(["one", "two"]);
      expect(unreadOwnThings(again, keptRung)).toMatchObject([{ id: "rung00000003" }]);
      expect(again.$client.prepare("select name, value from settings").all()).toEqual([
        { name: "stock", value: '{"used":"somewhere"}' },
      ]);
      expect(again.$client.prepare("select origin, content from set_aside").all()).toEqual([
        { origin: "settings: rungs", content: '{"name":"without an id"}' },
      ]);
      again.$client.close();
    }
    expect(fs.existsSync(path.join(folder, FILE_NAME))).toBe(true);
  });
});

describe("a stock list", () => {
  const listed = (measure: string, range: readonly number[]) =>
    keptStockList.state.safeParse({
      name: "Garden",
      things: [{ one: "rose", many: "roses", [measure]: range }],
    }).success;

  it("has figures that go up, and below nothing degrees alone", () => {
    for (const measure of ["price", "mass", "length", "volume", "height", "time"]) {
      expect(listed(measure, [100, 300]), measure).toBe(true);
      for (const range of [[300, 100], [100, 100], [-100, -1], [0, 5], [100], [1.5, 3]])
        expect(listed(measure, range), `${measure} ${range}`).toBe(false);
    }
    expect(listed("temperature", [-14, 30])).toBe(true);
    expect(listed("temperature", [30, -14])).toBe(false);
  });
});
