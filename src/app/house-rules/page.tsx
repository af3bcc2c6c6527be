import type { Metadata } from "next";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { database, settingNow, unreadSettings } from "@/data";
import { houseKept } from "@/service/kept/house";
import { compute } from "@/threads/pool";
import { HouseRulesScreen } from "@/ui/house";

export const metadata: Metadata = { title: "House rules" };

export default async function HouseRulesPage(): Promise<ReactElement> {
  const data = database();
  const { value, revision } = settingNow(data, "house");
  const house = houseKept(value);
  const samples = await compute("switchSamples", { house: choicesOf(house) });
  return (
    <HouseRulesScreen
      key={revision}
      start={house}
      revision={revision}
      samples={samples.ok ? samples.value : undefined}
      unread={unreadSettings(data)}
    />
  );
}
