import "server-only";

import type { HouseRules } from "@/core/house";
import type { OwnRung } from "@/core/sheets";
import type { StockList } from "@/core/stories";
import { database, listOwnThings, type OwnOnDisk, readSetting } from "@/data";
import { houseKept } from "@/service/kept/house";
import { viewKept } from "@/service/kept/keptView";
import { keptRung } from "@/service/kept/ownRung";
import { keptStory, type OwnStory } from "@/service/kept/ownStory";
import { keptStockList, stockInUse } from "@/service/kept/stockList";
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

/** A value of the tutor's own with its id. */
export const identified = <Value extends object>({
  id,
  value,
}: Pick<OwnOnDisk<Value>, "id" | "value">): Value & { readonly id: string } => ({ ...value, id });

/** The tutor's own rungs, in the order they were made. */
export const ownRungs = (): readonly OwnRung[] => listOwnThings(database(), keptRung).map(identified);

/** The tutor's own stories, the newest first. */
export const ownStories = (): readonly OwnOnDisk<OwnStory>[] =>
  [...listOwnThings(database(), keptStory)].reverse();

/** The tutor's stock lists, in the order they were made. */
export const ownStock = (): readonly OwnOnDisk<Omit<StockList, "id">>[] =>
  listOwnThings(database(), keptStockList);

/** The list that stories and the shop are about. */
export const usedStock = (): StockList =>
  stockInUse(ownStock().map(identified), readSetting(database(), "stock"));
