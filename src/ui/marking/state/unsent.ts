import { z } from "zod";
import { PATTERN_IDS } from "@/core/errorPatterns";
import type { SheetAct } from "@/service/kept/markingSheet";
import { type MarkingState, withActs, withChanges, withTyping } from "./markingState";
import { withCells } from "./squares";

const change = z.object({
  key: z.string(),
  given: z.string().optional(),
  patterns: z.array(z.enum(PATTERN_IDS)).optional(),
  chosenFor: z.string().optional(),
  note: z.string().optional(),
  entered: z.boolean(),
  saw: z.number(),
});

const act: z.ZodType<SheetAct> = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("addRow"), id: z.string(), problem: z.string() }),
  z.object({ kind: z.literal("addLearner"), id: z.string(), name: z.string() }),
  z.object({
    kind: z.enum(["removeRow", "restoreRow", "removeLearner", "restoreLearner"]),
    id: z.string(),
  }),
]);

const unsent = z.object({ acts: z.array(act), changes: z.array(change) });

/**
 * The sheet with what a window had not handed over before it went away. What it changed was changed from a
 * revision that it remembers, so that what was written since is not written over without a word.
 */
export function withUnsent(state: MarkingState, left: unknown): MarkingState {
  const read = unsent.safeParse(left);
  if (!read.success) return state;
  let after = withActs(state, read.data.acts);
  for (const { key, entered, saw, given, patterns, chosenFor, note } of read.data.changes) {
    const [row = "", learner = ""] = key.split(" ");
    const kept = after.cells.get(key)?.kept;
    const what = {
      ...(given === undefined ? {} : { given }),
      ...(patterns === undefined ? {} : { patterns }),
      ...(note === undefined ? {} : { note }),
    };
    const already = given === undefined || kept?.given === given;
    if (already && patterns === undefined && (note === undefined || kept?.note === note)) continue;
    after =
      entered || given === undefined
        ? withChanges(after, [{ row, learner, ...what }])
        : withTyping(after, row, learner, given);
    const cell = after.cells.get(key);
    if (cell?.change === undefined) continue;
    const changed = {
      ...cell,
      change: { ...cell.change, saw, ...(chosenFor === undefined ? {} : { chosenFor }) },
    };
    after = { ...after, cells: withCells(after.cells, new Map([[key, changed]])) };
  }
  return after;
}
