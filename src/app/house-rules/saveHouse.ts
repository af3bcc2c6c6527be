"use server";

import { choicesOf, houseRulesFrom } from "@/core/house";
import { database, writeSetting } from "@/data";
import { houseChoicesSchema } from "../saved";

/** Keeps the house rules that new boards begin with. */
export async function saveHouse(choices: Readonly<Record<string, string>>): Promise<void> {
  const house = houseRulesFrom(houseChoicesSchema.parse(choices));
  if (!house.ok) throw new Error("saveHouse: the page sent house rules it does not have");
  writeSetting(database(), "house", choicesOf(house.value));
}
