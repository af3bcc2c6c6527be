import type { HouseRules } from "../../house";
import type { Relation } from "../../problem";

const ARRIVED: Readonly<Record<HouseRules["carryTerm"], string>> = {
  carry: "carried",
  regroup: "regrouped",
  exchange: "exchanged",
};

type Carrying = Pick<HouseRules, "carryPlace" | "carryTerm">;

/** What a carried number is called once it has arrived in its column: where carries are not written, it was kept in mind. */
export const arrivedCarry = ({ carryPlace, carryTerm }: Carrying): string =>
  carryPlace === "unwritten" ? "kept in mind" : ARRIVED[carryTerm];

/** What is done with a carried number: carried, regrouped or exchanged for as many as it was, or only kept in mind. In words for what it counts, `carried` of the next place are `made` of this one. */
export function carriedOn(
  carried: number,
  house: Carrying,
  counted: { readonly made: string; readonly carried: string } = {
    made: String(carried * 10),
    carried: String(carried),
  },
): string {
  if (house.carryPlace === "unwritten") return `keep *${counted.carried}* in mind`;
  switch (house.carryTerm) {
    case "carry":
      return `carry *${counted.carried}*`;
    case "regroup":
      return `regroup ${counted.made} as *${counted.carried}*`;
    case "exchange":
      return `exchange ${counted.made} for *${counted.carried}*`;
  }
}

/** What is done to a larger unit or place that is broken up for a smaller one. */
export const BREAKS: Readonly<Record<HouseRules["borrowTerm"], string>> = {
  borrow: "Borrow",
  regroup: "Regroup",
  exchange: "Exchange",
};

/** How one number lies to another. */
export const RELATION_WORDS: Readonly<Record<Relation, string>> = {
  "<": "is less than",
  "=": "is equal to",
  ">": "is more than",
};
