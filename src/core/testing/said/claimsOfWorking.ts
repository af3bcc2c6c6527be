import { runOf } from "../../checks";
import type { HouseRules } from "../../house";
import { EVERY_METHOD, type MethodId, workingOf } from "../../methods";
import type { Problem } from "../../problem";
import { plain, stepWords } from "../../wording";
import { claimsOf, type SaidClaims } from "./claimsOf";

/** What is claimed in all that a working says, gives as reasons and asks, its checks with it; and how many lines that are. */
export function claimsOfWorking(
  problem: Problem,
  house: HouseRules,
  method: MethodId,
): SaidClaims & { readonly lines: number } {
  const run = runOf(workingOf(problem, house, method), EVERY_METHOD);
  const lines = run.steps.flatMap(({ reason }) => {
    const { say, why, ask } = stepWords(reason, house);
    return [say, why, ask].map(plain).filter((line) => line !== "");
  });
  const claims = lines.map((line) => claimsOf(line, house));
  return {
    lines: lines.length,
    read: claims.reduce((total, { read }) => total + read, 0),
    faults: claims.flatMap(({ faults }) => faults),
  };
}
