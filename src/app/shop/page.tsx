import type { Metadata } from "next";
import type { ReactElement } from "react";
import { priced, TOOLS, weighed } from "@/core/shop";
import { WORKSHOP } from "@/core/wording";
import { ShopScreen } from "@/ui/shop";
import { type Parameters, parametersOf } from "../parameters";
import { savedHouse } from "../saved";

export const metadata: Metadata = { title: "Shop" };

/** How many things lie on the shelf. */
const ON_THE_SHELF = 12;

export default async function ShopPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const { tool: asked } = await parametersOf(searchParams);
  const tool = [...TOOLS, "till" as const].find((one) => one === asked) ?? "scale";
  return (
    <ShopScreen
      key={tool}
      tool={tool}
      things={weighed(WORKSHOP, ON_THE_SHELF)}
      prices={priced(WORKSHOP, ON_THE_SHELF)}
      house={savedHouse()}
    />
  );
}
