import type { Metadata } from "next";
import type { ReactElement } from "react";
import { priced, TOOLS, weighed } from "@/core/shop";
import { houseOfStock } from "@/core/stories";
import { ShopScreen } from "@/ui/shop";
import { type Parameters, parametersOf } from "../reading/parameters";
import { savedHouse, usedStock } from "../reading/saved";

export const metadata: Metadata = { title: "Shop" };

/** How many things lie on the shelf. */
const ON_THE_SHELF = 12;

export default async function ShopPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { tool: asked } = await parametersOf(searchParams);
  const stock = usedStock();
  const tool = [...TOOLS, "till" as const].find((one) => one === asked) ?? "scale";
  return (
    <ShopScreen
      key={tool}
      tool={tool}
      things={weighed(stock, ON_THE_SHELF)}
      prices={priced(stock, ON_THE_SHELF)}
      house={houseOfStock(stock, savedHouse())}
    />
  );
}
