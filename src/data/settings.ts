import { eq } from "drizzle-orm";
import { z } from "zod";
import { done, failed, type Result } from "@/core/result";
import { isKnownEntry, partEntries, SETTING_NAMES, type SettingName } from "@/service/kept/settings";
import type { Unread } from "@/service/kept/unread";
import { putAside } from "./aside/setAside";
import type { Data } from "./data";
import { jsonOf } from "./houseOf";
import { type DataWriter, nextRevision, type Stale } from "./revision";
import { settings } from "./schema";
import type { WholeRow } from "./wholeRow";

type Entries = Readonly<Record<string, unknown>>;

const entriesSchema: z.ZodType<Entries> = z.record(z.string(), z.unknown());

const textOf = (data: Pick<Data, "select">, name: SettingName): string | undefined =>
  data.select().from(settings).where(eq(settings.name, name)).get()?.value;

/** The entries kept under a name, each that can be read here; none where there is none or it is broken. */
export function readSetting(data: Pick<Data, "select">, name: SettingName): Entries | undefined {
  const text = textOf(data, name);
  const entries = text === undefined ? undefined : jsonOf(text, entriesSchema);
  return entries && partEntries(name, entries).read;
}

/** Changes the entries that are named, in one step; all others stay as they are, those too that can't be read here. */
export const changeSetting = (data: Data, name: SettingName, named: Entries): void => {
  data.transaction((write) => writeSetting(write, name, named, (entry) => Object.hasOwn(named, entry)));
};

/**
 * Writes entries under a name, in a transaction that is open, and gives their revision. Of what stood there the
 * entries that they do not replace stay; where one that could not be read is replaced, all that stood there is set
 * aside first.
 */
function writeSetting(
  write: DataWriter,
  name: SettingName,
  entries: Entries,
  replaces: (entry: string) => boolean,
): number {
  const text = textOf(write, name);
  const before = text === undefined ? {} : jsonOf(text, entriesSchema);
  const unread = Object.keys(partEntries(name, before ?? {}).unread);
  if (text !== undefined && (before === undefined || unread.some(replaces)))
    putAside(write, `settings: ${name}`, text);
  const staying = Object.entries(before ?? {}).filter(([entry]) => !replaces(entry));
  const set = {
    value: JSON.stringify({ ...Object.fromEntries(staying), ...entries }),
    revision: nextRevision(write),
  };
  write
    .insert(settings)
    .values({ name, ...set } satisfies WholeRow<typeof settings>)
    .onConflictDoUpdate({ target: settings.name, set })
    .run();
  return set.revision;
}

/** The entries that are kept under a name, with the revision they have; 0 where none are kept. */
export interface KeptSetting {
  readonly value: Entries | undefined;
  readonly revision: number;
}

/** What is kept under a name, with its revision. */
export function settingNow(data: Pick<Data, "select">, name: SettingName): KeptSetting {
  const row = data.select().from(settings).where(eq(settings.name, name)).get();
  return { value: readSetting(data, name), revision: row?.revision ?? 0 };
}

/**
 * Keeps a whole value under a name: it takes the place of every entry whose name is known here. Where another window
 * has written since revision `saw`, nothing is written, and what stands there comes back; but for `after`, which the
 * same window wrote before and was not answered for.
 */
export function keepSetting(
  data: Data,
  name: SettingName,
  value: Entries,
  { saw, after }: { readonly saw: number | undefined; readonly after: Entries | undefined },
): Result<number, Stale<KeptSetting>> {
  return data.transaction((write) => {
    const now = settingNow(write, name);
    const stands = (other: Entries | undefined): boolean =>
      other !== undefined && JSON.stringify(now.value) === JSON.stringify(other);
    if (saw !== undefined && saw !== now.revision) {
      if (stands(value)) return done(now.revision);
      if (!stands(after)) return failed({ code: "stale", now });
    }
    return done(writeSetting(write, name, value, (entry) => isKnownEntry(name, entry)));
  });
}

/** The settings of which something can't be read here; it goes unused. */
export function unreadSettings(data: Pick<Data, "select">, names = SETTING_NAMES): readonly Unread[] {
  return names.flatMap((name) => {
    const text = textOf(data, name);
    if (text === undefined) return [];
    const entries = jsonOf(text, entriesSchema);
    if (entries === undefined) return [{ table: "settings", id: name, why: "it is not whole" }];
    const unread = Object.keys(partEntries(name, entries).unread);
    if (unread.length === 0) return [];
    const which = unread.map((entry) => `“${entry}”`).join(", ");
    return [
      { table: "settings", id: name, why: `${which} can’t be read: a newer Right Sum may have set it` },
    ];
  });
}
