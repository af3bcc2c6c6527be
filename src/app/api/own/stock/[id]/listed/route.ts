import { keptStockList } from "@/service/kept/stockList";
import { ownListedRoute } from "../../../../ownRoutes";

/** Deletes a stock list of the tutor's own, or brings it back. */
export const PUT = ownListedRoute(keptStockList);
