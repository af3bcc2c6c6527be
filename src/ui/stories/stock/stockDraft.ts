import { z } from "zod";
import { CURRENCY_IDS } from "@/core/quantity";
import { type StockList, UNIT_SYSTEMS } from "@/core/stories";
import { readStock, stockCsv } from "@/render/formats/stockFile";
import type { KeptClient } from "../../saving/keptClient";
import { ownClient } from "../../saving/own/ownClient";

/** What is being written of a list. */
export interface StockDraft {
  readonly name: string;
  readonly text: string;
  /** None where the list has the money of the house, or is metric. */
  readonly currency?: StockList["currency"];
  readonly system?: StockList["system"];
}

/** The same as it is remembered. */
export const stockDraftSchema: z.ZodType<StockDraft> = z.object({
  name: z.string(),
  text: z.string(),
  currency: z.enum(CURRENCY_IDS).optional(),
  system: z.enum(UNIT_SYSTEMS).optional(),
});

/** A list as it is written: a thing a line. */
export const draftOfList = (list: StockList): StockDraft => ({
  name: list.name,
  text: stockCsv(list),
  currency: list.currency,
  system: list.system,
});

/** The list that is written, of the lines that are things. */
export const listOfDraft = (id: string, { name, text, currency, system }: StockDraft): StockList => ({
  id,
  name: name.trim() || "A list of your own",
  things: readStock(text).flatMap((row) => ("thing" in row ? [row.thing] : [])),
  ...(currency === undefined ? {} : { currency }),
  ...(system === undefined ? {} : { system }),
});

/** A stock list of the tutor's own, as it is kept. */
export const STOCK_CLIENT: KeptClient<StockList> = ownClient("stockList", () =>
  import("@/service/kept/stockList").then((module) => module.keptStockList),
);
