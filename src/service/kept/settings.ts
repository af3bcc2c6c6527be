import { houseRulesFrom, SWITCH_NAMES } from "@/core/house";
import { viewSchema } from "./keptView";
import { stockUseSchema } from "./stockList";

/** What this Right Sum understands of a setting, which is kept as entries under names of their own. */
interface SettingEntries {
  /** The names it knows. An entry of another name is a newer Right Sum's, and stays beside them as it is. */
  readonly names: readonly string[];
  /** Whether an entry of a known name can be read. */
  readonly fits: (name: string, value: unknown) => boolean;
}

/** The settings that are kept: the tutor's house rules, how the screen is to look, and which stock list is in use. */
const SETTINGS = {
  house: {
    names: ["preset", ...SWITCH_NAMES],
    fits: (name, value) => typeof value === "string" && houseRulesFrom({ [name]: value }).ok,
  },
  view: {
    names: Object.keys(viewSchema.shape),
    fits: (name, value) => viewSchema.partial().safeParse({ [name]: value }).success,
  },
  stock: {
    names: Object.keys(stockUseSchema.shape),
    fits: (name, value) => stockUseSchema.partial().safeParse({ [name]: value }).success,
  },
} as const satisfies Readonly<Record<string, SettingEntries>>;

export type SettingName = keyof typeof SETTINGS;

export const SETTING_NAMES: readonly SettingName[] = ["house", "view", "stock"];

/** The entries of a setting parted into those that can be read here and those that can't. */
export function partEntries(
  name: SettingName,
  entries: Readonly<Record<string, unknown>>,
): { readonly read: Readonly<Record<string, unknown>>; readonly unread: Readonly<Record<string, unknown>> } {
  const { names, fits }: SettingEntries = SETTINGS[name];
  const isRead = ([entry, value]: readonly [string, unknown]): boolean =>
    names.includes(entry) && fits(entry, value);
  const all = Object.entries(entries);
  return {
    read: Object.fromEntries(all.filter(isRead)),
    unread: Object.fromEntries(all.filter((entry) => !isRead(entry))),
  };
}

/** Whether an entry of a setting has a name that this Right Sum knows. */
export const isKnownEntry = (name: SettingName, entry: string): boolean => {
  const { names }: SettingEntries = SETTINGS[name];
  return names.includes(entry);
};
