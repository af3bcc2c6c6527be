import type { Metadata } from "next";
import type { ReactElement } from "react";
import { database, settingNow, unreadSettings } from "@/data";
import { houseKept } from "@/service/kept/house";
import { HouseRulesScreen } from "@/ui/house";
import { samplesShown } from "../reading/drawings";

export const metadata: Metadata = { title: "House rules" };

export default async function HouseRulesPage(): Promise<ReactElement> {
  const data = database();
  const { value, revision } = settingNow(data, "house");
  const house = houseKept(value);
  return (
    <HouseRulesScreen
      key={revision}
      start={house}
      revision={revision}
      samples={await samplesShown(house)}
      unread={unreadSettings(data, ["house"])}
    />
  );
}
