import type { HouseRules } from "../house";
import {
  EVERY_METHOD,
  type MethodId,
  newPad,
  type OnPaper,
  PLAIN_LAYOUT,
  padText,
  type Reason,
  type StepToDraw,
  Stuck,
  type WorkingToDraw,
} from "../methods";
import { type Answer, type Problem, writeAnswer, writeProblem } from "../problem";
import { writeQuantity } from "../quantity";
import { type DecisionOverride, methodsOf, overridesFor } from "./contract/decisionOverride";
import type { PatternAct } from "./contract/errorPattern";

/** What a pattern adds to the reasons of a working: where it does not lie in a decision of a method. */
export type PatternReason =
  /** The problem is taken for another one. */
  | { readonly kind: "misread"; readonly asked: Problem; readonly read: Problem }
  | {
      readonly kind: "pulledApart";
      readonly problem: Problem;
      readonly parts: readonly Problem[];
      readonly inTurn: boolean;
    }
  | { readonly kind: "putTogether"; readonly parts: readonly Answer[]; readonly answer: Answer }
  | { readonly kind: "rewritten"; readonly before: Answer; readonly after: Answer }
  /** What is written for a problem at once. */
  | { readonly kind: "writtenAtOnce"; readonly problem: Problem; readonly answer: Answer };

/** A working by a learner with patterns: the whole way to a wrong answer, its steps not made yet. */
export type WrongWorking = WorkingToDraw<Reason | PatternReason, MethodId>;

/** Several patterns as one learner acts on them. */
interface Acting {
  readonly decides: readonly DecisionOverride[];
  readonly methods: readonly MethodId[];
  /** None where they take nothing for granted of the house. */
  readonly rules: Partial<HouseRules> | undefined;
  readonly acts: readonly PatternAct[];
}

/**
 * The working of a problem by a learner with these patterns; none where they can't go together, or can't
 * finish. It may happen to be right. House rules that a pattern takes for granted are put over the house's.
 */
export function wrongWorking(
  problem: Problem,
  house: HouseRules,
  acts: readonly PatternAct[],
): WrongWorking | undefined {
  const way = together(acts);
  if (way === undefined) return undefined;
  // What lacks a pattern's features itself may have them in what is worked inside: the columns behind an amount.
  if (!worksInside(problem) && !acts.every((act) => comesInto(act, problem))) return undefined;
  try {
    return workedBy(problem, underRules(house, way), way);
  } catch (error) {
    if (error instanceof Stuck) return undefined;
    throw error;
  }
}

/** Whether something is worked inside a problem, in a problem of its own: columns behind an amount, a quotient behind a fraction. */
const worksInside = ({ kind, form }: Problem): boolean =>
  kind === "money" || kind === "signed" || kind === "chain" || form.kind === "asDecimal";

/** Whether an act leaves a problem as it is, its right answer too: there is no need to work that to know it. */
export const leavesAlone = (
  { decides, rules, reads, splits, writes }: PatternAct,
  problem: Problem,
  right: Answer,
): boolean =>
  decides === undefined &&
  rules === undefined &&
  !worksInside(problem) &&
  reads?.(problem) === undefined &&
  splits?.(problem) === undefined &&
  writes?.(right, problem) === undefined;

/** A house with what the patterns take for granted of it. */
const underRules = (house: HouseRules, { rules }: Acting): HouseRules =>
  rules === undefined ? house : { ...house, ...rules };

const comesInto = (act: PatternAct, problem: Problem): boolean => act.needs?.(problem) ?? true;

function workedBy(asked: Problem, house: HouseRules, whole: Acting): WrongWorking {
  const here = whole.acts.every((act) => comesInto(act, asked))
    ? whole
    : together(whole.acts.filter((act) => comesInto(act, asked)));
  const way = here ?? whole;
  const read = way.acts.reduce((problem, act) => act.reads?.(problem) ?? problem, asked);
  // What is left to other methods is worked with the same patterns: the columns inside money or signed numbers.
  const onTheWay = together(whole.acts.filter(({ atTheEnd }) => !atTheEnd)) ?? whole;
  const solve = (problem: Problem, rules: HouseRules): WrongWorking =>
    workedBy(problem, underRules(rules, whole), onTheWay);
  // What pulled a problem apart does not pull its parts apart again.
  const solvePart = (act: PatternAct, part: Problem): WrongWorking => {
    const others = together(whole.acts.filter((one) => one !== act)) ?? whole;
    return workedBy(part, underRules(house, whole), others);
  };
  const worked =
    splitWorking(read, house, way, solvePart) ??
    otherwiseBy(
      EVERY_METHOD.methodAmong(
        read,
        house,
        methodsIn(read, read.kind === "money" ? whole.methods : way.methods),
      ),
      read,
      house,
      way,
      solve,
    );
  const answer = way.acts.reduce((before, act) => act.writes?.(before, read) ?? before, worked.answer);
  if (read === asked && answer === worked.answer) return worked;
  if (answer !== worked.answer && way.acts.some(({ atOnce }) => atOnce))
    return { ...worked, problem: asked, answer, onPaper: writtenAtOnce(read, answer, house) };
  const onPaper = (): OnPaper<Reason | PatternReason> => {
    const { layout, steps } = worked.onPaper();
    const [first, ...rest] = steps;
    const begun: readonly StepToDraw<Reason | PatternReason>[] =
      read === asked || first === undefined
        ? steps
        : [{ ...first, reason: { kind: "misread", asked, read } }, ...rest];
    const written =
      answer === worked.answer ? begun : [...begun, ...rewritten(worked.answer, answer, begun, house)];
    return { layout, steps: written };
  };
  return { ...worked, problem: asked, answer, onPaper };
}

/** By a method that takes the problem, with all that is decided otherwise in it. */
const otherwiseBy = (
  method: MethodId,
  problem: Problem,
  house: HouseRules,
  { decides }: Acting,
  solve: (problem: Problem, house: HouseRules) => WrongWorking,
): WrongWorking =>
  EVERY_METHOD.workingOtherwise(problem, house, method, overridesFor(decides, method), solve);

/** Methods that are for problems of a kind; patterns of columns come out in money only where it is worked in columns. */
const methodsIn = ({ kind }: Problem, methods: readonly MethodId[]): readonly MethodId[] => {
  const own = methods.filter((id) => EVERY_METHOD.card(id).kinds.includes(kind));
  return kind === "money" && methods.length > 0 && own.length === 0 ? ["money-in-columns"] : own;
};

/** A problem worked in parts, each on a page of its own, and what they are put together to; none where no pattern parts it. */
function splitWorking(
  problem: Problem,
  house: HouseRules,
  { acts }: Acting,
  solvePart: (act: PatternAct, part: Problem) => WrongWorking,
): WrongWorking | undefined {
  for (const act of acts) {
    const split = act.splits?.(problem);
    if (split === undefined) continue;
    const pad = newPad<Reason | PatternReason>();
    pad.line(
      "setOut",
      { kind: "pulledApart", problem, parts: split.parts, inTurn: split.inTurn ?? false },
      () => [padText(writeProblem(problem, { ...house, grouping: "none" }))],
    );
    const workings = split.parts.map((part) => solvePart(act, part));
    for (const working of workings) pad.aside(working);
    const parts = workings.map((working) => working.answer);
    const answer = split.joins(parts);
    if (answer === undefined) throw new Stuck("splitWorking: the parts can't be put together");
    pad.line("answer", { kind: "putTogether", parts, answer }, () => [
      padText(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
    ]);
    const [first] = workings;
    if (first === undefined) throw new Stuck("splitWorking: there is nothing to work");
    const { method } = first;
    return { problem, method, house, answer, onPaper: pad.onPaper };
  }
  return undefined;
}

/** The step that writes another answer than the one that was worked out, on a page of its own after the steps that were made. */
function rewritten(
  before: Answer,
  after: Answer,
  steps: readonly StepToDraw<Reason | PatternReason>[],
  house: HouseRules,
): readonly StepToDraw<Reason | PatternReason>[] {
  const pad = newPad<Reason | PatternReason>();
  pad.line("answer", { kind: "rewritten", before, after }, () => [
    padText(`= ${writeAnswer(after, { ...house, grouping: "none" })}`),
  ]);
  const index = Math.max(0, ...steps.map(({ page }) => page?.index ?? 0)) + 1;
  return pad.onPaper().steps.map((step) => ({ ...step, page: { index, layout: PLAIN_LAYOUT } }));
}

/** A problem with an answer straight behind it: nothing was worked. */
function writtenAtOnce(problem: Problem, answer: Answer, house: HouseRules): WrongWorking["onPaper"] {
  const plainly = { ...house, grouping: "none" } as const;
  const pad = newPad<Reason | PatternReason>();
  pad.line("answer", { kind: "writtenAtOnce", problem, answer }, () => [
    padText(`${beforeAnswer(problem, plainly)}${writeAnswer(answer, plainly)}`),
  ]);
  return pad.onPaper;
}

/** What stands before an answer that is written at once; nothing before one that names its numbers itself. */
function beforeAnswer(problem: Problem, house: HouseRules): string {
  switch (problem.op) {
    case "compare":
    case "order":
      return "";
    case "round":
      return `${writeQuantity(problem.operands[0], house)} ≈ `;
    case "rewrite":
      return `${writeQuantity(problem.operands[0], house)} = `;
    default:
      return `${writeProblem(problem, house)} = `;
  }
}

/** What decides whether acts go together: the decisions each takes, by name, the methods it comes out in, its rules. */
interface Traits {
  readonly decisions: readonly string[];
  /** None where it comes out in any method. */
  readonly methods: readonly MethodId[];
  readonly rules: readonly (readonly [rule: string, setting: string])[];
}

function traitsOf({ decides = [], methods, rules = {}, reads, splits, writes }: PatternAct): Traits {
  return {
    decisions: [
      ...decides.flatMap((other) =>
        other.methods.flatMap((method) =>
          Object.keys(other.decisions).map((decision) => `${method}.${decision}`),
        ),
      ),
      ...Object.entries({ reads, splits, writes }).flatMap(([name, act]) =>
        act === undefined ? [] : [name],
      ),
    ],
    methods: methods ?? methodsOf(decides),
    rules: Object.entries(rules),
  };
}

const APART = "apart";
const ways = new WeakMap<PatternAct, WeakMap<PatternAct, Acting | typeof APART>>();

/** The acts as one learner's; none where they can't go together. Each one and each two are put together once: explaining asks for them at every problem. */
function together(acts: readonly PatternAct[]): Acting | undefined {
  const [first, second = first, more] = acts;
  if (first === undefined || second === undefined || more !== undefined) return joined(acts);
  const withFirst = ways.get(first) ?? new WeakMap<PatternAct, Acting | typeof APART>();
  ways.set(first, withFirst);
  const way = withFirst.get(second) ?? joined(acts) ?? APART;
  withFirst.set(second, way);
  return way === APART ? undefined : way;
}

/** Acts as one learner's; none where two are about the same decision or rule, or come out in no method together. */
function joined(acts: readonly PatternAct[]): Acting | undefined {
  const traits = acts.map(traitsOf);
  const taken = new Set<string>();
  const settings = new Map<string, string>();
  for (const { decisions, rules } of traits) {
    for (const decision of decisions) {
      if (taken.has(decision)) return undefined;
      taken.add(decision);
    }
    for (const [rule, setting] of rules) {
      if ((settings.get(rule) ?? setting) !== setting) return undefined;
      settings.set(rule, setting);
    }
  }
  const [methods = [], ...others] = traits.map((one) => one.methods).filter(({ length }) => length > 0);
  const shared = methods.filter((method) => others.every((more) => more.includes(method)));
  if (methods.length > 0 && shared.length === 0) return undefined;
  return {
    decides: acts.flatMap((act) => act.decides ?? []),
    methods: shared,
    rules: acts.some(({ rules }) => rules !== undefined)
      ? Object.assign({}, ...acts.map(({ rules }) => rules))
      : undefined,
    acts,
  };
}
