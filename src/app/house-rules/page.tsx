import type { Metadata } from "next";
import type { ReactElement } from "react";
import { HouseRulesScreen } from "@/ui/house";
import { savedHouse } from "../saved";
import { saveHouse } from "./saveHouse";

export const metadata: Metadata = { title: "House rules" };

export default function HouseRulesPage(): ReactElement {
  return <HouseRulesScreen start={savedHouse()} save={saveHouse} />;
}
