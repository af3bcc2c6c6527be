import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import fc from "fast-check";
import { afterAll, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { openDatabase } from "@/data/database";
import { keptSquaresOf } from "@/data/marking/attempts";
import { applyActs, openSheet } from "@/data/marking/markingSheets";
import { packedCellsOf } from "@/data/marking/packedSquares";
import { squareKey } from "@/service/kept/markingSheet";
import { openedCells } from "@/ui/marking/state/packedSheet";

const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-packed-"));
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

const ROWS = ["row00001", "row00002", "row00003"];
const LEARNERS = ["learner1", "learner2"];

it("what the database packs for a page is read back as it stands, whatever was typed and however it is broken", () => {
  const data = openDatabase(folder);
  const now = new Date("2026-03-04T12:00:00Z");
  openSheet(data, "sheet0001", PRESETS.commaBelow, now);
  applyActs(
    data,
    "sheet0001",
    [
      ...ROWS.map((id) => ({ kind: "addRow" as const, id, problem: "1 + 2" })),
      ...LEARNERS.map((id) => ({ kind: "addLearner" as const, id, name: id })),
      { kind: "removeRow", id: "row00003" },
      { kind: "removeLearner", id: "learner2" },
    ],
    now,
  );
  const put = data.$client.prepare(
    `insert into learner_attempts (learner_id, at, row_id, task_id, given, verdict, faults, patterns, shown, probability, chosen, note, revision)
     values (?, 0, ?, 1, ?, ?, ?, ?, '[]', null, ?, ?, ?)`,
  );
  const square = fc.record({
    row: fc.constantFrom(...ROWS),
    learner: fc.constantFrom(...LEARNERS),
    given: fc.oneof(
      fc.string({ unit: "grapheme" }),
      fc.constantFrom('"', "\\", "</script>", "\u2028", "½", ""),
    ),
    verdict: fc.constantFrom("right", "form", "wrong", "unread", "waiting"),
    faults: fc.constantFrom("[]", '["improper"]', "", "[", "7"),
    patterns: fc.constantFrom(
      "[]",
      '["sub-column-gap"]',
      '["sub-column-gap","sub-pays-twice"]',
      "?",
      '{"a":1}',
    ),
    chosen: fc.constantFrom(0, 1),
    note: fc.oneof(fc.constant(""), fc.string()),
    revision: fc.nat(),
  });
  fc.assert(
    fc.property(
      fc.uniqueArray(square, { selector: ({ row, learner }) => squareKey(row, learner), maxLength: 6 }),
      (squares) => {
        data.$client.exec("delete from learner_attempts");
        for (const one of squares)
          put.run(
            one.learner,
            one.row,
            one.given,
            one.verdict,
            one.faults,
            one.patterns,
            one.chosen,
            one.note,
            one.revision,
          );
        const packed = packedCellsOf(data, "sheet0001");
        const opened = openedCells(packed);
        const cells = keptSquaresOf(data, "sheet0001", -1);
        expect(packed.unread).toBe(
          cells.filter(({ given, verdict }) => verdict === "unread" && given !== "").length,
        );
        const standing = new Map(cells.map(({ row, learner, ...kept }) => [squareKey(row, learner), kept]));
        for (const row of ROWS)
          for (const learner of LEARNERS) {
            const key = squareKey(row, learner);
            expect(opened(key)?.kept).toEqual(standing.get(key));
            expect(opened(key)).toBe(opened(key));
          }
      },
    ),
    { numRuns: 300 },
  );
  data.$client.close();
});
