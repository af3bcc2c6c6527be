import type { PatternId } from "@/core/errorPatterns";
import { choicesOf, type HouseRules } from "@/core/house";
import { ROUTES } from "./routes";

/** The address of a wrong way: a problem, the patterns behind it, and the answer that was given. */
export function wrongWayAddress(
  line: string,
  house: HouseRules,
  patterns: readonly PatternId[] = [],
  given?: string,
): string {
  const parameters = new URLSearchParams({ problem: line });
  if (patterns.length > 0) parameters.set("patterns", patterns.join(","));
  if (given !== undefined) parameters.set("given", given);
  for (const [name, setting] of Object.entries(choicesOf(house))) parameters.set(name, setting);
  return `${ROUTES.wrongWay}?${parameters}`;
}
