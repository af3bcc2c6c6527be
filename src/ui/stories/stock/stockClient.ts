import type { StockList } from "@/core/stories";
import type { KeptClient } from "../../saving/keptClient";
import { ownClient } from "../../saving/own/ownClient";

/** A stock list of the tutor's own, as it is kept. */
export const STOCK_CLIENT: KeptClient<StockList> = ownClient("stockList", () =>
  import("@/service/kept/stockList").then((module) => module.keptStockList),
);
