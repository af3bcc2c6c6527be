import { z } from "zod";
import { type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { done, failed, type Result } from "@/core/result";
import { houseRefusalWords } from "@/core/wording";
import type { Refusal } from "./refusal";

/** House choices as they come from outside: names and settings, checked further by the core. */
export const houseChoicesSchema = z.record(z.string().max(40), z.string().max(300));

/** The house rules of some choices, those of the first preset where none are named; or why there are no such rules. */
export function houseRequested(choices: HouseChoices | undefined): Result<HouseRules, Refusal> {
  const house = houseRulesFrom(choices ?? {});
  if (house.ok) return done(house.value);
  return failed({ code: house.error.kind, message: houseRefusalWords(house.error) });
}
