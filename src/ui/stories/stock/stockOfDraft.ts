import type { StockList } from "@/core/stories";
import { readStock, stockCsv } from "@/render/formats/stockFile";
import { NEW_LIST, type StockDraft } from "./stockDraft";

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
  name: name.trim() || NEW_LIST.name,
  things: readStock(text).flatMap((row) => ("thing" in row ? [row.thing] : [])),
  ...(currency === undefined ? {} : { currency }),
  ...(system === undefined ? {} : { system }),
});
