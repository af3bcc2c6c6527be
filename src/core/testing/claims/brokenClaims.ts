import { asText } from "../../asText";
import { type Claiming, falseSteps } from "../../claims";

/** What a working states and does not hold, as text: nothing, of a sound one. */
export function brokenClaims(working: Claiming): readonly string[] {
  const { steps, left } = falseSteps(working);
  return [
    ...steps.map((index) => asText(working.steps[index]?.reason)),
    ...left.map((chain) => `something was carried and never written: ${chain}`),
  ];
}
