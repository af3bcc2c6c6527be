import "server-only";

import type { HouseRules } from "@/core/house";
import type { OwnRung } from "@/core/sheets";
import type { StockList } from "@/core/stories";
import { database, readSetting } from "@/data";
import { houseKept } from "@/service/kept/house";
import { viewKept } from "@/service/kept/keptView";
import { rungsKept } from "@/service/kept/ownRungs";
import { type OwnStories, ownStoriesKept } from "@/service/kept/ownStories";
import { type StockKept, stockInUse, stockKept } from "@/service/kept/stock";
import { FIRST_VIEW, type View } from "@/service/kept/view";

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

/** The tutor's own rungs. */
export const ownRungs = (): readonly OwnRung[] => rungsKept(readSetting(database(), "rungs"));

/** The tutor's own stories. */
export const ownStories = (): OwnStories => ownStoriesKept(readSetting(database(), "ownStories"));

/** The tutor's stock lists. */
export const ownStock = (): StockKept => stockKept(readSetting(database(), "stock"));

/** The list that stories and the shop are about. */
export const usedStock = (): StockList => stockInUse(ownStock());
