import type { HouseRules } from "../../house";
import { sameAnswer } from "../../marking";
import { answerOf } from "../../methods";
import {
  type Answer,
  divisorOf,
  type Expression,
  exactAnswer,
  isAmount,
  operandsOf,
  type Problem,
  roundedTo,
  type SignedOperation,
} from "../../problem";
import { MINOR_PLACES } from "../../quantity";
import { goTogether } from "../contract/eitherOr";
import type { ErrorPattern, PatternSkill } from "../contract/errorPattern";
import type { PatternId } from "../contract/patternIds";
import { PATTERNS } from "../errorPatterns";
import { type Slip, slipsOf } from "../slips/slips";
import { leavesAlone, wrongWorking } from "../wrongWorking";
import { inHouse } from "./inHouse";
import { columnsInside, inMoney } from "./moneyColumns";
import { answerValueIn, isSameValue, ratioValue, type Value } from "./value";

/** One way to a wrong answer: the patterns on it, and the answer, in value. */
export interface PatternResult {
  readonly patterns: readonly PatternId[];
  /** A pattern of the problem's own kind, one of what is worked inside it, or a slip. */
  readonly cause: "pattern" | "inner" | "slip";
  readonly value: Value;
  /** The answer as it is written at its end; none where a slip only changes what it is worth. */
  readonly answer?: Answer;
  /** Whether it is worked as the house works. */
  readonly ofHouse: boolean;
  /** How many ways of its kind there are for each that leads to this answer, where it is a slip that can fall anywhere; 1 for a pattern. */
  readonly among: number;
}

/** A problem with its right answer, and every wrong way that is known. */
export interface PatternResults {
  readonly problem: Problem;
  readonly right: Answer;
  readonly ways: readonly PatternResult[];
}

/** The skill of columns, and of shifting, that an operation is worked with. */
const SKILLS_OF: Readonly<Record<SignedOperation, readonly PatternSkill[]>> = {
  add: ["addition"],
  subtract: ["subtraction"],
  multiply: ["multiplication", "shifting"],
  divide: ["division", "shifting"],
};

const isSignedOperation = (op: string): op is SignedOperation => Object.hasOwn(SKILLS_OF, op);

const columnsOf = (op: string): readonly PatternSkill[] => (isSignedOperation(op) ? SKILLS_OF[op] : []);

/** The operations in an expression. */
const operationsIn = (expression: Expression): readonly SignedOperation[] =>
  expression.kind === "quantity"
    ? []
    : [expression.op, ...operationsIn(expression.left), ...operationsIn(expression.right)];

/** The skills whose patterns can come into a problem: those of the problem itself, and those of what is worked inside it. */
interface SkillsIn {
  readonly own: readonly PatternSkill[];
  readonly inside: readonly PatternSkill[];
}

function skillsIn(problem: Problem): SkillsIn {
  const { op } = problem;
  const only = (...own: readonly PatternSkill[]): SkillsIn => ({ own, inside: [] });
  switch (problem.kind) {
    case "decimals":
      if (op === "compare" || op === "order" || op === "round") return only("judging");
      return only(...columnsOf(op), ...(op === "subtract" ? (["integers"] as const) : []), "across");
    case "fractions":
      if (op === "compare" || op === "order") return only("judging");
      return { own: ["fractions"], inside: problem.form.kind === "asDecimal" ? ["division"] : [] };
    case "signed":
      return { own: ["integers"], inside: op === "terms" ? ["addition", "subtraction"] : columnsOf(op) };
    case "money":
      return only("money", ...columnsOf(op), "across");
    case "measures":
      return only("units");
    case "quantities":
      return only("judging");
    case "chain":
      return {
        own: operandsOf(problem).some(isAmount) ? ["chains", "money"] : ["chains"],
        inside: [...new Set(operationsIn(problem.expression).flatMap(columnsOf))],
      };
  }
}

const patternsOf = (skills: readonly PatternSkill[]): readonly ErrorPattern[] =>
  skills.flatMap((skill) => PATTERNS[skill]);

/** The patterns of the skills that can come into a problem. */
export function patternsFor(problem: Problem): readonly ErrorPattern[] {
  const { own, inside } = skillsIn(problem);
  return patternsOf([...own, ...inside]);
}

/**
 * Every way to a wrong answer of a problem: each pattern, each two patterns that go together where both show by
 * themselves and lead elsewhere together, and each slip.
 */
export function patternResults(
  problem: Problem,
  house: HouseRules,
  patterns: readonly ErrorPattern[] = patternsFor(problem),
): PatternResults {
  const right = answerOf(problem, house);
  const value = (answer: Answer): Value => answerValueIn(problem, answer);
  const rightValue = value(right);
  const inner = patternsOf(skillsIn(problem).inside);
  const ledTo = leading(problem, house);
  const shown = shownBy(problem, right, patterns, ledTo);
  const isOfHouse = inHouse(problem, house);
  const ways: PatternResult[] = shown.map(({ pattern, answer, value: at }) => ({
    patterns: [pattern.id],
    cause: inner.includes(pattern) ? "inner" : "pattern",
    value: at,
    answer,
    ofHouse: isOfHouse(pattern),
    among: 1,
  }));
  // Two errors at once are looked for in the problem itself, not in each of the workings inside it.
  const paired = shown.filter(({ pattern }) => !inner.includes(pattern));
  const both = (first: ErrorPattern, second: ErrorPattern, alone: readonly Value[]): void => {
    if (first.frequency + second.frequency < OFTEN_TOGETHER || !goTogether(first.id, second.id)) return;
    // What is written at once leaves nothing to go wrong besides.
    if (first.atOnce || second.atOnce) return;
    const answer = comparable(problem, ledTo([first, second]));
    if (answer === undefined) return;
    const at = value(answer);
    if ([rightValue, ...alone].some((one) => isSameValue(one, at))) return;
    ways.push({
      patterns: [first.id, second.id],
      cause: "pattern",
      value: at,
      answer,
      ofHouse: isOfHouse(first) && isOfHouse(second),
      among: 1,
    });
  };
  paired.forEach((first, index) => {
    for (const second of paired.slice(index + 1))
      both(first.pattern, second.pattern, [first.value, second.value]);
    // Numbers that stand elsewhere make other columns: there a pattern may show that does not show by itself.
    if (!linesUpOtherwise(first.pattern)) return;
    for (const second of patterns)
      if (isOften(second) && !inner.includes(second) && !shown.some(({ pattern }) => pattern === second))
        both(first.pattern, second, [first.value]);
  });
  return { problem, right, ways: [...ways, ...slipWays(problem, right, rightValue)] };
}

const isOften = ({ frequency: common }: ErrorPattern): boolean => common === 3;

const linesUpOtherwise = ({ decides = [] }: ErrorPattern): boolean =>
  decides.some(({ decisions }) => "lineUp" in decisions);

/** The right answer of a problem, and the wrong one that each pattern leads to by itself; those that it does not show are left out. */
export function patternAnswers(
  problem: Problem,
  house: HouseRules,
  patterns: readonly ErrorPattern[] = patternsFor(problem),
): {
  readonly right: Answer;
  readonly shown: readonly {
    readonly pattern: ErrorPattern;
    readonly answer: Answer;
    readonly value: Value;
  }[];
} {
  const right = answerOf(problem, house);
  return { right, shown: shownBy(problem, right, patterns, leading(problem, house)) };
}

type Leading = (some: readonly ErrorPattern[]) => Answer | undefined;

/** What some patterns lead to. Patterns of columns lead money astray in the columns inside it: no need to write the rest. */
function leading(problem: Problem, house: HouseRules): Leading {
  const inside = columnsInside(problem);
  return (some) => {
    if (
      inside === undefined ||
      some.some((pattern) => PATTERNS.money.includes(pattern) || PATTERNS.across.includes(pattern))
    )
      return wrongWorking(problem, house, some)?.answer;
    const answer = wrongWorking(inside, house, some)?.answer;
    return answer === undefined ? undefined : inMoney(problem, answer);
  };
}

/** The patterns that show on a problem by themselves, each with the wrong answer it leads to. */
const shownBy = (problem: Problem, right: Answer, patterns: readonly ErrorPattern[], ledTo: Leading) =>
  patterns.flatMap((pattern) => {
    if (leavesAlone(pattern, problem, right)) return [];
    const answer = comparable(problem, ledTo([pattern]));
    return answer === undefined || comesRight(problem, right, answer)
      ? []
      : [{ pattern, answer, value: answerValueIn(problem, answer) }];
  });

/** Whether what a pattern leads to is right all the same: the answer; or a share with nothing said of what is left, or rounded. */
function comesRight(problem: Problem, right: Answer, answer: Answer): boolean {
  if (sameAnswer(problem, right, answer)) return true;
  if (right.kind !== "share" || (answer.kind !== "amount" && answer.kind !== "roundedAmount")) return false;
  const rounded = ratioValue(roundedTo(exactAnswer(problem), -MINOR_PLACES));
  return [answerValueIn(problem, right.each), rounded].some((value) =>
    isSameValue(value, answerValueIn(problem, answer)),
  );
}

/** An answer that can be held against the right one; none with something left over where the problem as it stands divides by nothing. */
function comparable(problem: Problem, answer: Answer | undefined): Answer | undefined {
  const leaves = answer !== undefined && LEAVE_SOMETHING.includes(answer.kind);
  return leaves && divisorOf(problem) === undefined ? undefined : answer;
}

const LEAVE_SOMETHING: readonly Answer["kind"][] = ["remainder", "share", "measureLeft", "timesLeft"];

/** Two patterns are looked for at once where both are met now and then, or one of them often. */
const OFTEN_TOGETHER = 4;

function slipWays(problem: Problem, right: Answer, rightValue: Value): readonly PatternResult[] {
  /** How many ways each slip can fall, and how many of them come to each value. */
  const slips = new Map<
    PatternId,
    { all: number; readonly values: Map<string, { value: Value; answer: Answer | undefined; ways: number }> }
  >();
  for (const slip of slipsOf(problem, right)) {
    const value = slipValue(problem, right, slip);
    if (value === undefined) continue;
    const found = slips.get(slip.id) ?? { all: 0, values: new Map() };
    slips.set(slip.id, found);
    found.all += 1;
    const answer = slip.instead.kind === "answer" ? slip.instead.answer : undefined;
    const same = found.values.get(value.key) ?? { value, answer, ways: 0 };
    found.values.set(value.key, same);
    same.ways += 1;
  }
  return [...slips].flatMap(([pattern, { all, values }]) =>
    [...values.values()]
      .filter(({ value }) => !isSameValue(value, rightValue))
      .map(({ value, answer, ways }) => ({
        patterns: [pattern],
        value,
        cause: "slip" as const,
        ofHouse: true,
        among: all / ways,
        ...(answer === undefined ? {} : { answer }),
      })),
  );
}

/** What a slip comes to, without its working; rounded where the right answer is. */
export function slipValue(problem: Problem, right: Answer, { instead }: Slip): Value | undefined {
  if (instead.kind === "answer") return answerValueIn(problem, instead.answer);
  const read = instead.problem;
  const exact = exactAnswer(read);
  if (right.kind === "comparison") return { key: exact.s < 0n ? "<" : exact.n === 0n ? "=" : ">" };
  if (right.kind === "ordered" || right.kind === "handed") return undefined;
  if (right.kind === "sufficiency") return { key: exact.s < 0n ? "no" : "yes" };
  const place =
    right.kind === "rounded"
      ? -right.numeral.fraction.length
      : right.kind === "roundedAmount"
        ? -2
        : undefined;
  return ratioValue(place === undefined ? exact : roundedTo(exact, place));
}
