import type { HouseRules } from "../house";
import type { Step } from "../methods";
import { fractionOf, operandsOf, type Problem } from "../problem";
import type { Quantity } from "../quantity";
import type { RunReason } from "./runReason";

/** The number that a step sets out; `all` where it writes the whole line, none where it writes none of them. */
function setOutBy(reason: RunReason): readonly Quantity[] | "all" | undefined {
  switch (reason.kind) {
    case "writeOperand":
    case "writeFactor":
    case "writeMultiplicand":
    case "writeAlongside":
    case "writeToCompare":
    case "writeToRound":
    case "pullApart":
    case "writeMultiplier":
      return [reason.numeral];
    case "writeToShift":
      return [reason.numeral, reason.by];
    case "writeUnitRow":
      return [reason.measure];
    case "writeDivision":
    case "writeFractions":
    case "writeSigned":
    case "writeAmounts":
    case "writeMeasures":
    case "writeQuantities":
    case "writeChain":
    case "readBack":
      return "all";
    default:
      return undefined;
  }
}

/** Where in a problem the numbers stand that have been set out after some steps: each is ticked off as it is copied. */
export function tickedOff(
  problem: Problem,
  steps: readonly Pick<Step<RunReason>, "reason" | "stage">[],
): ReadonlySet<number> {
  const operands = operandsOf(problem);
  const ticked = new Set<number>();
  for (const { reason, stage } of steps) {
    if (stage !== "setOut") continue;
    const written = setOutBy(reason);
    if (written === "all") return new Set(operands.keys());
    for (const one of written ?? []) {
      const at = operands.findIndex(
        (operand, index) => !ticked.has(index) && fractionOf(operand).equals(fractionOf(one)),
      );
      if (at >= 0) ticked.add(at);
    }
  }
  return ticked;
}

/** A run's steps with the numbers read back once they are all set out, where the house ticks them off. */
export function withReadBack(
  problem: Problem,
  steps: readonly Step<RunReason>[],
  { copying }: HouseRules,
): readonly Step<RunReason>[] {
  if (copying === "trusted") return steps;
  const begins = steps.findIndex(({ stage }) => stage === "setOut");
  const work = steps.findIndex(({ stage }, index) => index > begins && stage !== "setOut");
  if (begins < 0 || work < 0) return steps;
  const page = steps[work - 1]?.page;
  const readBack: Step<RunReason> = {
    stage: "setOut",
    reason: { kind: "readBack", problem },
    marks: [],
    focus: [],
    ...(page === undefined ? {} : { page }),
  };
  return [...steps.slice(0, work), readBack, ...steps.slice(work)];
}
