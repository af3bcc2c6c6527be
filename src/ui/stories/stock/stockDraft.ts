import type { StockList } from "@/core/stories";

/** What is being written of a list. */
export interface StockDraft {
  readonly name: string;
  readonly text: string;
  /** None where the list has the money of the house, or is metric. */
  readonly currency?: StockList["currency"];
  readonly system?: StockList["system"];
}

/** What a new list begins with. */
export const NEW_LIST: StockDraft = { name: "A list of your own", text: "" };
