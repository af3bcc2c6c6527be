import { eq } from "drizzle-orm";
import { z } from "zod";
import { done, failed, type Result } from "@/core/result";
import type { Unread } from "@/service/kept/unread";
import type { Data } from "./data";
import { jsonOf } from "./houseOf";
import { type DataWriter, nextRevision, type Stale } from "./revision";
import { setAside, settings } from "./schema";
import type { WholeRow } from "./wholeRow";

/** The settings that are kept: the tutor's house rules, how the screen is to look, and which stock list is in use. */
const SETTING_NAMES = ["house", "view", "stock"] as const;
type SettingName = (typeof SETTING_NAMES)[number];

const textOf = (data: Pick<Data, "select">, name: SettingName): string | undefined =>
  data.select().from(settings).where(eq(settings.name, name)).get()?.value;

/** The JSON value kept under a name; none where there is none or it is broken. Its reader checks what it holds. */
export function readSetting(data: Pick<Data, "select">, name: SettingName): unknown {
  const text = textOf(data, name);
  return text === undefined ? undefined : jsonOf(text, z.unknown());
}

/** Changes the value under a name in one step, from what stands there; what is broken is set aside first. */
export function changeSetting<Value>(data: Data, name: SettingName, change: (now: unknown) => Value): Value {
  return data.transaction((write) => {
    const after = change(readSetting(write, name));
    writeSetting(write, name, after);
    return after;
  });
}

/** Writes a value under a name, in a transaction that is open, and gives its revision. */
function writeSetting(write: DataWriter, name: SettingName, value: unknown): number {
  const before = textOf(write, name);
  if (before !== undefined && jsonOf(before, z.unknown()) === undefined)
    write
      .insert(setAside)
      .values({ origin: `settings: ${name}`, content: before })
      .run();
  const set = { value: JSON.stringify(value), revision: nextRevision(write) };
  write
    .insert(settings)
    .values({ name, ...set } satisfies WholeRow<typeof settings>)
    .onConflictDoUpdate({ target: settings.name, set })
    .run();
  return set.revision;
}

/** A value that is kept under a name, with the revision it has; 0 where none is kept. */
export interface KeptSetting {
  readonly value: unknown;
  readonly revision: number;
}

/** What is kept under a name, with its revision. */
export function settingNow(data: Pick<Data, "select">, name: SettingName): KeptSetting {
  const row = data.select().from(settings).where(eq(settings.name, name)).get();
  return { value: readSetting(data, name), revision: row?.revision ?? 0 };
}

/**
 * Keeps a whole value under a name. Where another window has written since revision `saw`, nothing is written, and what
 * stands there comes back; but for `after`, which the same window wrote before and was not answered for.
 */
export function keepSetting(
  data: Data,
  name: SettingName,
  value: object,
  { saw, after }: { readonly saw: number | undefined; readonly after: object | undefined },
): Result<number, Stale<KeptSetting>> {
  return data.transaction((write) => {
    const now = settingNow(write, name);
    const stands = (other: object | undefined): boolean =>
      other !== undefined && JSON.stringify(now.value) === JSON.stringify(other);
    if (saw !== undefined && saw !== now.revision) {
      if (stands(value)) return done(now.revision);
      if (!stands(after)) return failed({ code: "stale", now });
    }
    return done(writeSetting(write, name, value));
  });
}

/** The settings that are broken, which go unused until they are written anew. */
export const unreadSettings = (data: Data): readonly Unread[] =>
  SETTING_NAMES.filter(
    (name) => textOf(data, name) !== undefined && readSetting(data, name) === undefined,
  ).map((name) => ({ table: "settings", id: name, why: "it is not whole" }));
