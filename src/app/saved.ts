import { z } from "zod";
import { FIRST_PRESET, type HouseRules, houseRulesFrom, PRESETS } from "@/core/house";
import { database, readSetting } from "@/data";
import { FIRST_VIEW, PACES, SQUARE_SIZES, THEMES, type View } from "@/ui/view";

export const viewSchema: z.ZodType<View, unknown> = z.object({
  theme: z.enum(THEMES),
  square: z.literal(SQUARE_SIZES),
  placeNames: z.boolean(),
  sayLine: z.boolean(),
  estimateWaits: z.boolean(),
  // A view that was kept before there was a voice has none.
  aloud: z.boolean().default(false),
  pace: z.literal(PACES),
});

/** House choices as they come from outside: names and settings, checked further by the core. */
export const houseChoicesSchema = z.record(z.string().max(40), z.string().max(300));

/** How the tutor last had the screen, or how a new one begins. */
export function savedView(): View {
  const view = viewSchema.safeParse(readSetting(database(), "view"));
  return view.success ? view.data : FIRST_VIEW;
}

/** The tutor's own house rules, or the first preset. */
export function savedHouse(): HouseRules {
  const choices = houseChoicesSchema.safeParse(readSetting(database(), "house"));
  const house = choices.success ? houseRulesFrom(choices.data) : undefined;
  return house?.ok ? house.value : PRESETS[FIRST_PRESET];
}
