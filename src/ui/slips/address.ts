import { choicesOf, type HouseRules } from "@/core/house";
import type { SlipId } from "@/core/slips";
import { ROUTES } from "../routes";

/** The address of a wrong way: a problem, the slips behind it, and the answer that was given. */
export function wrongWayAddress(
  line: string,
  house: HouseRules,
  slips: readonly SlipId[] = [],
  given?: string,
): string {
  const parameters = new URLSearchParams({ problem: line });
  if (slips.length > 0) parameters.set("slips", slips.join(","));
  if (given !== undefined) parameters.set("given", given);
  for (const [name, setting] of Object.entries(choicesOf(house))) parameters.set(name, setting);
  return `${ROUTES.wrongWay}?${parameters}`;
}
