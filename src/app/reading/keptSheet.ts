import "server-only";

import { createHash, randomInt } from "node:crypto";
import { z } from "zod";
import { choicesOf, type HouseRules } from "@/core/house";
import { cleanName, LONGEST_NAME, MOST_LEARNERS } from "@/core/marking";
import {
  applyActs,
  type Data,
  type DataWriter,
  findKeptSheet,
  findSheet,
  giveOut,
  isReadOnly,
  type KeptSheet,
  noteGiven,
  openSheet,
  type SheetVersion,
  versionToMark,
} from "@/data";
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

/** An id that follows from a text, always the same one. */
const idOf = (text: string): string => createHash("sha256").update(text).digest("hex").slice(0, 24);

/** A random number below one, as whole numbers make it. */
export const chance = (): number => randomInt(1_000_000) / 1_000_000;

const outside = () => ({ now: new Date(), chance, idOf });

/** The ids of the rows in which problems are marked on a marking sheet: the same ones whenever it is opened. A problem that stands on it twice has two. */
function rowIds(marked: string, rows: SheetVersion["rows"]): readonly string[] {
  const times = new Map<string, number>();
  return rows.map(({ problem }) => {
    const nth = times.get(problem) ?? 0;
    times.set(problem, nth + 1);
    return idOf(`${marked} ${nth} ${problem}`);
  });
}

/** A sheet as it is given out now, under the code that stands for its problems; as it is where nothing is written. */
export function sheetToGiveOut(data: Data, id: string): KeptSheet | undefined {
  const sheet = findKeptSheet(data, id);
  if (sheet === undefined || isReadOnly()) return sheet;
  return { ...sheet, code: data.transaction((write) => giveOut(write, sheet, outside()).code) };
}

/** Which sheet is to be marked: a kept one as it stands, or what was given out under a code. */
type ToMark = { readonly sheet: string } | { readonly code: string };

type Learners = z.infer<typeof learnersSchema>;

/**
 * Makes the marking sheet of a sheet that was given out, with learners as its columns, and notes that they have it: one
 * transaction. Where it is marked already they are added to it, and nothing is taken away; where it has no more room,
 * to another one. Gives the id of the marking sheet; none where there is no such sheet.
 */
export function openForMarking(data: Data, which: ToMark, learners: Learners, now: Date): string | undefined {
  return data.transaction((write) => {
    const version = versionOf(write, which);
    if (version === undefined) return undefined;
    const id = withRoom(write, version.markedAs, learners);
    openSheet(write, id, version.house, now);
    const ids = rowIds(id, version.rows);
    const rows = version.rows.map(
      ({ problem }, nth) => ({ kind: "addRow", id: ids[nth] ?? "", problem }) as const,
    );
    const columns = learners.map(
      ({ id: learner, name }) => ({ kind: "addLearner", id: learner, name: cleanName(name) }) as const,
    );
    const aliases = applyActs(write, id, [...rows, ...columns], now);
    noteGiven(
      write,
      version.sheet,
      learners.map(({ id: learner }) => aliases.get(learner) ?? learner),
      now,
    );
    return id;
  });
}

function versionOf(write: DataWriter, which: ToMark): SheetVersion | undefined {
  if ("code" in which) return versionToMark(write, which.code, outside());
  const sheet = findKeptSheet(write, which.sheet);
  return sheet && giveOut(write, sheet, outside());
}

/** The first marking sheet of a version, or of those that follow it, on which learners have room or stand already. */
function withRoom(write: DataWriter, first: string, learners: Learners): string {
  for (let nth = 1; ; nth++) {
    const id = nth === 1 ? first : idOf(`${first} ${nth}`);
    const there = new Set(findSheet(write, id)?.learners.map(({ name }) => name));
    for (const { name } of learners) there.add(cleanName(name));
    if (there.size <= MOST_LEARNERS) return id;
  }
}

/** What may stand in the name of a file everywhere. */
export const fileName = (name: string): string => name.replaceAll(/[^\p{L}\p{N} ]/gu, "").trim() || "sheet";
