import type { Metadata } from "next";
import type { ReactElement } from "react";
import { WORKSHOP } from "@/core/wording";
import { StockScreen } from "@/ui/stories";
import { ownStock } from "../../reading/saved";

export const metadata: Metadata = { title: "Stock lists" };

export default function StockPage(): ReactElement {
  const { lists, used } = ownStock();
  return <StockScreen shipped={WORKSHOP} lists={lists} used={used} />;
}
