import { eq } from "drizzle-orm";
import { z } from "zod";
import type { Data } from "./database";
import { jsonOf } from "./houseOf";
import { nextRevision } from "./revision";
import { setAside, settings } from "./schema";
import type { Unread } from "./unread";

/** The settings that are kept: the tutor's house rules, how the screen is to look, the rungs they made, and their stock lists. */
const SETTING_NAMES = ["house", "view", "rungs", "stock", "ownStories"] as const;
export type SettingName = (typeof SETTING_NAMES)[number];

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
    const before = textOf(write, name);
    if (before !== undefined && jsonOf(before, z.unknown()) === undefined)
      write
        .insert(setAside)
        .values({ origin: `settings: ${name}`, content: before })
        .run();
    const after = change(readSetting(write, name));
    const set = { value: JSON.stringify(after), revision: nextRevision(write) };
    write
      .insert(settings)
      .values({ name, ...set })
      .onConflictDoUpdate({ target: settings.name, set })
      .run();
    return after;
  });
}

/** The settings that are broken, which go unused until they are written anew. */
export const unreadSettings = (data: Data): readonly Unread[] =>
  SETTING_NAMES.filter(
    (name) => textOf(data, name) !== undefined && readSetting(data, name) === undefined,
  ).map((name) => ({ table: "settings", id: name, why: "it is not whole" }));
