import type { HouseRules } from "../../house";

/** What a carried number is called once it has arrived in its column. */
export const ARRIVED: Readonly<Record<HouseRules["carryTerm"], string>> = {
  carry: "carried",
  regroup: "regrouped",
  exchange: "exchanged",
};
