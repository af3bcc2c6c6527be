import type { Metadata } from "next";
import type { ReactElement } from "react";
import { WORKSHOP } from "@/core/wording";
import { database, unreadOwnThings } from "@/data";
import { stockCsv } from "@/render/formats/stockFile";
import { keptStockList } from "@/service/kept/stockList";
import { StockScreen } from "@/ui/stories";
import { identified, ownStock, usedStock } from "../../reading/saved";

export const metadata: Metadata = { title: "Stock lists" };

export default function StockPage(): ReactElement {
  return (
    <StockScreen
      shipped={WORKSHOP}
      shippedCsv={stockCsv(WORKSHOP)}
      lists={ownStock().map((one) => ({ value: identified(one), revision: one.revision }))}
      used={usedStock().id}
      unread={unreadOwnThings(database(), keptStockList)}
    />
  );
}
