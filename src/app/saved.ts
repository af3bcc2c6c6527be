import { z } from "zod";
import { FIRST_PRESET, type HouseRules, houseRulesFrom, PRESETS } from "@/core/house";
import { database, houseChoicesSchema, readSetting } from "@/data";
import { FIRST_VIEW, PACES, SQUARE_SIZES, THEMES, type View } from "@/ui/view";

export const viewSchema = z.object({
  theme: z.enum(THEMES),
  square: z.literal(SQUARE_SIZES),
  placeNames: z.boolean(),
  sayLine: z.boolean(),
  estimateWaits: z.boolean(),
  aloud: z.boolean(),
  pace: z.literal(PACES),
});

/** A view as it was kept; a new tutor's where none was, or for what it lacks. */
export function viewKept(value: unknown): View {
  const view = viewSchema.partial().safeParse(value);
  // An absent setting is the first view's, and so is one that is there and empty.
  const there = Object.entries(view.data ?? {}).filter(([, setting]) => setting !== undefined);
  return { ...FIRST_VIEW, ...Object.fromEntries(there) };
}

/** House rules as they were kept, or the first preset. */
export function houseKept(value: unknown): HouseRules {
  const choices = houseChoicesSchema.safeParse(value);
  const house = choices.success ? houseRulesFrom(choices.data) : undefined;
  return house?.ok ? house.value : PRESETS[FIRST_PRESET];
}

/** How the tutor last had the screen, or how a new one begins; that too where the data can't be read, so that its page can. */
export function savedView(): View {
  try {
    return viewKept(readSetting(database(), "view"));
  } catch {
    return FIRST_VIEW;
  }
}

/** The tutor's own house rules, or the first preset. */
export const savedHouse = (): HouseRules => houseKept(readSetting(database(), "house"));
