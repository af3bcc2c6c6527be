import { eq } from "drizzle-orm";
import type { Data } from "./database";
import { settings } from "./schema";

/** The settings that are kept: the tutor's house rules, and how the screen is to look. */
export type SettingName = "house" | "view";

/** The JSON value kept under a name, or `undefined`; its reader checks what it holds. */
export function readSetting(data: Data, name: SettingName): unknown {
  const row = data.select().from(settings).where(eq(settings.name, name)).get();
  return row && JSON.parse(row.value);
}

/** Keeps a value that JSON can hold under a name. */
export function writeSetting(data: Data, name: SettingName, value: unknown): void {
  const text = JSON.stringify(value);
  data
    .insert(settings)
    .values({ name, value: text })
    .onConflictDoUpdate({ target: settings.name, set: { value: text } })
    .run();
}
