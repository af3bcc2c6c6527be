import { choicesOf, FIRST_PRESET, type HouseRules, houseRulesFrom, PRESETS } from "@/core/house";
import { houseChoicesSchema, houseRequested } from "../houseRequested";
import { kept } from "./kept";

/** The house rules that new boards begin with. There is one of them. */
export const keptHouse = kept({
  name: "house",
  called: "list of house rules",
  state: houseChoicesSchema,
  check: houseRequested,
  stateOf: (house: HouseRules) => choicesOf(house),
});

/** House rules as they were kept, or the first preset. */
export function houseKept(value: unknown): HouseRules {
  const choices = houseChoicesSchema.safeParse(value);
  const house = choices.success ? houseRulesFrom(choices.data) : undefined;
  return house?.ok ? house.value : PRESETS[FIRST_PRESET];
}
