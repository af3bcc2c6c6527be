import type { HouseRules } from "../../house";
import type { Relation } from "../../problem";

/** What a carried number is called once it has arrived in its column. */
export const ARRIVED: Readonly<Record<HouseRules["carryTerm"], string>> = {
  carry: "carried",
  regroup: "regrouped",
  exchange: "exchanged",
};

/** How one number lies to another. */
export const RELATION_WORDS: Readonly<Record<Relation, string>> = {
  "<": "is less than",
  "=": "is equal to",
  ">": "is more than",
};
