import type { Metadata } from "next";
import type { ReactElement } from "react";
import { database, unreadSettings } from "@/data";
import { HouseRulesScreen } from "@/ui/house";
import { savedHouse } from "../saved";

export const metadata: Metadata = { title: "House rules" };

export default function HouseRulesPage(): ReactElement {
  return <HouseRulesScreen start={savedHouse()} unread={unreadSettings(database())} />;
}
