import { z } from "zod";
import { CURRENCY_IDS } from "@/core/quantity";
import { done } from "@/core/result";
import { type Measured, MOST_THINGS, type StockList, UNIT_SYSTEMS } from "@/core/stories";
import { WORKSHOP } from "@/core/wording";
import { ownThing } from "./ownThing";

const figure = z.number().int().min(-100).max(10_000_000);
const plausible = z.tuple([figure, figure]).optional();

/** What is plausible of each measure, where it is known. */
const measures = {
  price: plausible,
  mass: plausible,
  length: plausible,
  volume: plausible,
  height: plausible,
  time: plausible,
  temperature: plausible,
} satisfies Record<Measured, typeof plausible>;

const listSchema = z.object({
  name: z.string().trim().min(1).max(60),
  things: z
    .array(z.object({ one: z.string().min(1).max(60), many: z.string().min(1).max(60), ...measures }))
    .max(MOST_THINGS),
  currency: z.enum(CURRENCY_IDS).optional(),
  system: z.enum(UNIT_SYSTEMS).optional(),
});

/** A list of things that stories and the shop are about. */
export const keptStockList = ownThing("stockList", {
  called: "list",
  most: 20,
  // As large a list as there can be, in bytes.
  largest: 200_000,
  state: listSchema,
  check: (list) => done<Omit<StockList, "id">>(list),
  stateOf: (list: Omit<StockList, "id">) => listSchema.parse(list),
});

/** Which list stories and the shop are about, as it is sent and kept. */
export const stockUseSchema = z.object({ used: z.string().max(40) });

/** The list of some that is in use, whatever stands where that is kept; the workshop's own where none is. */
export function stockInUse(lists: readonly StockList[], kept: unknown): StockList {
  const use = stockUseSchema.safeParse(kept);
  return lists.find(({ id }) => use.success && id === use.data.used) ?? WORKSHOP;
}
