import { z } from "zod";
import { CURRENCY_IDS } from "@/core/quantity";
import { done } from "@/core/result";
import { type Measured, MOST_THINGS, type StockList, UNIT_SYSTEMS } from "@/core/stories";
import { WORKSHOP } from "@/core/wording";
import { ownThing } from "./ownThing";

/** From and to, in the small unit; it goes up. */
const between = (least: number) => {
  const figure = z.number().int().min(least).max(10_000_000);
  return z
    .tuple([figure, figure])
    .refine(([from, to]) => from < to, "the smaller one comes first")
    .optional();
};
const plausible = between(1);
/** Only degrees lie below zero. */
const degrees = between(-1000);

/** What is plausible of each measure, where it is known. */
const measures = {
  price: plausible,
  mass: plausible,
  length: plausible,
  volume: plausible,
  height: plausible,
  time: plausible,
  temperature: degrees,
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
