import type { HouseRules } from "../../house";
import type { Relation } from "../../problem";

/** What a carried number is called once it has arrived in its column. */
export const ARRIVED: Readonly<Record<HouseRules["carryTerm"], string>> = {
  carry: "carried",
  regroup: "regrouped",
  exchange: "exchanged",
};

/** What is done with a carried number in short: carried, regrouped or exchanged for as many as it was, or only kept in mind. */
export function carriedOn(carried: number, house: Pick<HouseRules, "carryPlace" | "carryTerm">): string {
  if (house.carryPlace === "unwritten") return `keep *${carried}* in mind`;
  switch (house.carryTerm) {
    case "carry":
      return `carry *${carried}*`;
    case "regroup":
      return `regroup ${carried * 10} as *${carried}*`;
    case "exchange":
      return `exchange ${carried * 10} for *${carried}*`;
  }
}

/** How one number lies to another. */
export const RELATION_WORDS: Readonly<Record<Relation, string>> = {
  "<": "is less than",
  "=": "is equal to",
  ">": "is more than",
};
