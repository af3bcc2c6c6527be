import "server-only";

import { createHash } from "node:crypto";
import { z } from "zod";
import { choicesOf, type HouseRules } from "@/core/house";
import { cleanName, LONGEST_NAME, MOST_LEARNERS } from "@/core/marking";
import { applyActs, type Data, findSheet, type KeptSheet, noteGiven, openSheet } from "@/data";
import type { RowResult } from "@/service/requests";
import { compute } from "@/threads/pool";

/** The rows of a kept sheet as its page shows them: worked, with what they train. */
export async function rowsShown(
  house: HouseRules,
  rows: KeptSheet["rows"],
): Promise<readonly RowResult[] | { readonly message: string }> {
  const asked = rows.map(({ problem, skill, notch, story }) => ({
    problem,
    story,
    ...(skill === undefined || notch === undefined ? {} : { skill, notch: notch + 1 }),
  }));
  const worked = await compute("sheetRows", { house: choicesOf(house), rows: asked, seed: 1 });
  if (!worked.ok) return worked.error;
  return worked.value.ok ? worked.value.value.rows : worked.value.error;
}

/** Who a sheet is given to, by the ids that their window knows them by. */
export const learnersSchema = z
  .array(z.object({ id: z.string().regex(/^[a-z0-9]{8,40}$/), name: z.string().min(1).max(LONGEST_NAME) }))
  .max(MOST_LEARNERS);

/** The ids of the rows in which the problems of a sheet are marked: the same ones whenever it is opened. A problem that stands on it twice has two. */
function rowIds({ id, rows }: KeptSheet): readonly string[] {
  const times = new Map<string, number>();
  return rows.map(({ problem }) => {
    const nth = times.get(problem) ?? 0;
    times.set(problem, nth + 1);
    return createHash("sha256").update(`${id} ${nth} ${problem}`).digest("hex").slice(0, 24);
  });
}

/**
 * Makes the marking sheet of a kept sheet, under the same id, with learners as its columns, and notes that they have
 * it: one transaction. Where it is marked already, what is new is added to it, and nothing is taken away.
 */
export function openForMarking(
  data: Data,
  sheet: KeptSheet,
  learners: readonly { readonly id: string; readonly name: string }[],
  now: Date,
): void {
  data.transaction((write) => {
    const before = findSheet(write, sheet.id);
    openSheet(write, sheet.id, before?.house ?? sheet.house, now);
    const ids = rowIds(sheet);
    const rows = sheet.rows.map(
      ({ problem }, nth) => ({ kind: "addRow", id: ids[nth] ?? "", problem }) as const,
    );
    const columns = learners.map(
      ({ id, name }) => ({ kind: "addLearner", id, name: cleanName(name) }) as const,
    );
    const aliases = applyActs(write, sheet.id, [...rows, ...columns], now);
    noteGiven(
      write,
      sheet.id,
      learners.map(({ id }) => aliases.get(id) ?? id),
      now,
    );
  });
}

/** What may stand in the name of a file everywhere. */
export const fileName = (name: string): string => name.replaceAll(/[^\p{L}\p{N} ]/gu, "").trim() || "sheet";
