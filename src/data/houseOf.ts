import { isDeepStrictEqual } from "node:util";
import { z } from "zod";
import { type HouseRules, houseRulesFrom } from "@/core/house";
import { done, failed, type Result } from "@/core/result";
import { houseChoicesSchema } from "@/service/houseRequested";

/** A text of JSON as a schema has it; none where it is broken or of another shape. */
export function jsonOf<Value>(text: string, schema: z.ZodType<Value>): Value | undefined {
  try {
    return schema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}

/** Whether a text of JSON holds anything that its schema does not take from it: a newer Right Sum may have added it. */
export const holdsMore = (text: string, schema: z.ZodType): boolean =>
  !isDeepStrictEqual(jsonOf(text, z.unknown()), jsonOf(text, schema));

/** The house rules that a row was written under, or why they can't be read. */
export function houseOf(text: string): Result<HouseRules, string> {
  const choices = jsonOf(text, houseChoicesSchema);
  const house = choices === undefined ? undefined : houseRulesFrom(choices);
  return house?.ok ? done(house.value) : failed("its house rules can’t be read");
}
