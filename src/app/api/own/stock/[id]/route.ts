import { keptStockList } from "@/service/kept/stockList";
import { ownRoutes } from "../../../ownRoutes";

/** Keeps a stock list of the tutor's own whole, or gives it. */
export const { PUT, GET } = ownRoutes(keptStockList);
