import type { Metadata } from "next";
import type { ReactElement } from "react";
import { database, settingNow, unreadSettings } from "@/data";
import { houseKept } from "@/service/kept/house";
import { HouseRulesScreen } from "@/ui/house";

export const metadata: Metadata = { title: "House rules" };

export default function HouseRulesPage(): ReactElement {
  const data = database();
  const { value, revision } = settingNow(data, "house");
  return (
    <HouseRulesScreen
      key={revision}
      start={houseKept(value)}
      revision={revision}
      unread={unreadSettings(data)}
    />
  );
}
