import { asText } from "../../asText";
import { type PaperLayout, standsInColumns } from "../../board";
import type { HouseRules } from "../../house";
import { sameAnswer } from "../../marking";
import {
  answerOf,
  drawn,
  EVERY_METHOD,
  type MethodId,
  type Reason,
  type Step,
  type Working,
  type WorkingBy,
  type WorkingToDraw,
  workingOf,
} from "../../methods";
import {
  type Answer,
  AS_IT_COMES,
  decimalsOf,
  fractionOf,
  fractionsOf,
  INVERSE,
  measuresOf,
  moneyProblem,
  operandsOf,
  type Problem,
  type SignedOperation,
  writeAnswer,
} from "../../problem";
import type { Amount, Measure } from "../../quantity";
import { overridesFor } from "../contract/decisionOverride";
import type { PatternAct } from "../contract/errorPattern";
import type { PatternId } from "../contract/patternIds";
import { patternsNamed } from "../errorPatterns";
import { slipValue } from "../explaining/patternResults";
import { answerValueIn } from "../explaining/value";
import { isSlip } from "../slips/slipFacts";
import { type Slip, slipsOf } from "../slips/slips";
import { type PatternReason, type WrongWorking, wrongWorking } from "../wrongWorking";

/** A wrong working beside the sound one by the same method, and the step at which it leaves it. */
export interface Replay {
  readonly wrong: WorkingBy<Reason | PatternReason, MethodId>;
  readonly sound: Working;
  /** The index of the first step that is done otherwise. */
  readonly departs: number;
}

/**
 * The whole likely working behind an explanation. A slip can fall anywhere: the one that leads to `given`
 * is replayed, and nothing is known of it without. None where the patterns do not come into the problem.
 */
export function replayOf(
  problem: Problem,
  house: HouseRules,
  patterns: readonly PatternId[],
  given?: Answer,
): Replay | undefined {
  const right = answerOf(problem, house);
  const acts = patternsNamed(patterns) ?? slipActs(problem, right, patterns, given);
  const wrong = acts === undefined ? undefined : wrongWorking(problem, house, acts);
  if (wrong === undefined || sameAnswer(problem, right, wrong.answer)) return undefined;
  const sound = soundBeside(wrong, house, acts ?? []);
  const made = drawn(wrong);
  return { wrong: made, sound, departs: departure(made, sound) };
}

/** The careless slips of a kind that lead to an answer, each with what went wrong in it. */
export function slipsBehind(
  problem: Problem,
  right: Answer,
  [pattern, more]: readonly PatternId[],
  given: Answer | undefined,
): readonly Slip[] {
  if (pattern === undefined || more !== undefined || given === undefined || !isSlip(pattern)) return [];
  const value = answerValueIn(problem, given);
  return slipsOf(problem, right).filter(
    (slip) => slip.id === pattern && slipValue(problem, right, slip)?.key === value.key,
  );
}

function slipActs(
  problem: Problem,
  right: Answer,
  patterns: readonly PatternId[],
  given: Answer | undefined,
): readonly PatternAct[] | undefined {
  const [slip] = slipsBehind(problem, right, patterns, given);
  return slip === undefined ? undefined : [slip.act];
}

/** The sound working by the wrong one's method and rules, so that the two can be laid side by side. */
function soundBeside(wrong: WrongWorking, house: HouseRules, acts: readonly PatternAct[]): Working {
  const rules = { ...wrong.house, currency: house.currency };
  const soundly = acts.flatMap((act) => act.soundly ?? []);
  if (soundly.length === 0) return workingOf(wrong.problem, rules, wrong.method);
  const worked = (problem: Problem, here: HouseRules, method: MethodId): WorkingToDraw<Reason, MethodId> =>
    EVERY_METHOD.workingOtherwise(problem, here, method, overridesFor(soundly, method), (inner, inHouse) =>
      worked(inner, inHouse, EVERY_METHOD.preferredMethod(inner, inHouse)),
    );
  return drawn(worked(wrong.problem, rules, wrong.method));
}

/** The digits of a step, the small ones too, and where they stand: under each other where the page has columns, else only beside each other. */
function digitsPlaced({ marks, page }: Step<unknown>, first: PaperLayout): string {
  const digits = marks
    .filter((mark) => mark.kind === "glyph" || mark.kind === "small")
    .filter(({ text }) => /\d/.test(text));
  const from = standsInColumns(page?.layout ?? first) ? 0 : Math.min(...digits.map(({ col }) => col));
  return digits.map(({ text, col, row }) => `${text} ${col - from} ${row}`).join();
}

/** The first step that is done otherwise: what it says is another thing, or its digits stand elsewhere. A longer line under them is no other way. */
function departure(wrong: Replay["wrong"], sound: Working): number {
  const at = wrong.steps.findIndex((step, index) => {
    const beside = sound.steps[index];
    return (
      beside === undefined ||
      asText(step.reason) !== asText(beside.reason) ||
      digitsPlaced(step, wrong.layout) !== digitsPlaced(beside, sound.layout)
    );
  });
  return at < 0 ? wrong.steps.length - 1 : at;
}

/** A wrong answer taken back: what it comes to with the operation undone, and what it would have to come to. */
export interface UndoneAnswer {
  readonly problem: Problem;
  readonly comes: Answer;
  readonly ought: string;
}

/** The wrong answer checked by the inverse; none where the operation is not undone in one line. */
export function undoingOf(problem: Problem, wrong: Answer, house: HouseRules): UndoneAnswer | undefined {
  const [first, second, more] = operandsOf(problem);
  if (first === undefined || second === undefined || more !== undefined) return undefined;
  const undone = inverseProblem(problem, wrong);
  if (undone === undefined) return undefined;
  const comes = answerOf(undone, house);
  // A quotient that never ends is no check at a glance.
  if (comes.kind !== "decimal" && comes.kind !== "amount" && comes.kind !== "measure") {
    if (comes.kind !== "fraction" && comes.kind !== "mixed") return undefined;
  }
  return { problem: undone, comes, ought: writeAnswer(first, house) };
}

function inverseProblem(problem: Problem, wrong: Answer): Problem | undefined {
  const op = (["add", "subtract", "multiply", "divide"] as const).find((one) => one === problem.op);
  const second = operandsOf(problem)[1];
  if (op === undefined || second === undefined) return undefined;
  const inverse: SignedOperation = INVERSE[op];
  if (inverse === "divide" && fractionOf(second).n === 0n) return undefined;
  switch (problem.kind) {
    case "decimals":
      return wrong.kind === "decimal" && second.kind === "decimal" && !wrong.negative && !endless(op, second)
        ? decimalsOf(inverse, [wrong, second], AS_IT_COMES)
        : undefined;
    case "fractions":
      return (wrong.kind === "decimal" || wrong.kind === "fraction" || wrong.kind === "mixed") &&
        (second.kind === "decimal" || second.kind === "fraction" || second.kind === "mixed") &&
        !wrong.negative
        ? fractionsOf(inverse, [wrong, second], AS_IT_COMES)
        : undefined;
    case "money":
      return (op === "add" || op === "subtract") && isPositiveAmount(wrong) && isPositiveAmount(second)
        ? moneyProblem(inverse, [wrong, second], problem, AS_IT_COMES)
        : undefined;
    case "measures":
      return (op === "add" || op === "subtract") && isPositiveMeasure(wrong) && isPositiveMeasure(second)
        ? measuresOf(inverse, [wrong, second], AS_IT_COMES)
        : undefined;
    case "signed":
    case "quantities":
    case "chain":
      return undefined;
  }
}

/** Only what lies above zero is a problem that can be set. */
const isPositiveAmount = (one: Answer): one is Amount => one.kind === "amount" && !one.numeral.negative;
const isPositiveMeasure = (one: Answer): one is Measure => one.kind === "measure" && !one.negative;

/** Whether undoing a product would divide, which may never end. */
const endless = (
  op: SignedOperation,
  second: { readonly whole: string; readonly fraction: string },
): boolean => op === "multiply" && !/^0*[1245]0*$/.test(second.whole + second.fraction);
