import type { HouseRules } from "../house";
import {
  type MethodId,
  newPad,
  type OtherDecisions,
  PLAIN_LAYOUT,
  type Reason,
  Stuck,
  text,
  type WorkingBy,
  workingWith,
} from "../methods";
import { type Answer, type Problem, writeAnswer, writeProblem } from "../problem";
import type { PatternAct } from "./errorPattern";

/** What a pattern adds to the reasons of a working: where it does not lie in a decision of a method. */
export type PatternReason =
  /** The problem is taken for another one. */
  | { readonly kind: "misread"; readonly asked: Problem; readonly read: Problem }
  | { readonly kind: "pulledApart"; readonly problem: Problem; readonly parts: readonly Problem[] }
  | { readonly kind: "putTogether"; readonly parts: readonly Answer[]; readonly answer: Answer }
  | { readonly kind: "rewritten"; readonly before: Answer; readonly after: Answer };

/** A working by a learner with patterns: the whole way to a wrong answer. */
export type WrongWorking = WorkingBy<Reason | PatternReason>;

/** Several patterns as one way of working; none where they are about the same decision. */
interface Way {
  readonly decisions: OtherDecisions;
  readonly methods: readonly MethodId[];
  readonly rules: Partial<HouseRules>;
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
  const inside = problem.kind === "money" || problem.kind === "signed" || problem.kind === "chain";
  if (!inside && !acts.every((act) => comesInto(act, problem))) return undefined;
  try {
    return workedBy(problem, { ...house, ...way.rules }, way);
  } catch (error) {
    if (error instanceof Stuck) return undefined;
    throw error;
  }
}

const comesInto = (act: PatternAct, problem: Problem): boolean => act.needs?.(problem) ?? true;

function workedBy(asked: Problem, house: HouseRules, whole: Way): WrongWorking {
  const here = whole.acts.every((act) => comesInto(act, asked))
    ? whole
    : together(whole.acts.filter((act) => comesInto(act, asked)));
  const way = here ?? whole;
  const read = way.acts.reduce((problem, act) => act.reads?.(problem) ?? problem, asked);
  // What is left to other methods is worked with the same patterns: the columns inside money or signed numbers.
  const solve = (problem: Problem, rules: HouseRules): WrongWorking =>
    workedBy(problem, { ...rules, ...whole.rules }, whole);
  const worked =
    splitWorking(read, house, way, solve) ??
    workingWith(
      read,
      house,
      way.decisions,
      methodsIn(read, read.kind === "money" ? whole.methods : way.methods),
      solve,
    );
  const answer = way.acts.reduce((before, act) => act.writes?.(before, read) ?? before, worked.answer);
  const [first, ...rest] = worked.steps;
  const steps =
    read === asked || first === undefined
      ? worked.steps
      : [{ ...first, reason: { kind: "misread", asked, read } as const }, ...rest];
  if (answer === worked.answer) return { ...worked, problem: asked, steps };
  return { ...worked, problem: asked, answer, steps: [...steps, ...rewritten(worked.answer, answer, house)] };
}

/** Patterns of columns come out in money only where it is worked in columns. */
const methodsIn = ({ kind }: Problem, methods: readonly MethodId[]): readonly MethodId[] =>
  kind === "money" && methods.length > 0 ? ["money-in-columns"] : methods;

/** A problem worked in parts, each on a sheet of its own, and what they are put together to; none where no pattern parts it. */
function splitWorking(
  problem: Problem,
  house: HouseRules,
  { acts }: Way,
  solve: (problem: Problem, house: HouseRules) => WrongWorking,
): WrongWorking | undefined {
  for (const { splits } of acts) {
    const split = splits?.(problem);
    if (split === undefined) continue;
    const pad = newPad<Reason | PatternReason>();
    const line = writeProblem(problem, { ...house, grouping: "none" });
    pad.line("setOut", { kind: "pulledApart", problem, parts: split.parts }, [text(line)]);
    const workings = split.parts.map((one) => solve(one, house));
    for (const working of workings) pad.aside(working);
    const parts = workings.map((working) => working.answer);
    const answer = split.joins(parts);
    if (answer === undefined) throw new Stuck("splitWorking: the parts can't be put together");
    pad.line("answer", { kind: "putTogether", parts, answer }, [
      text(`= ${writeAnswer(answer, { ...house, grouping: "none" })}`),
    ]);
    const method = workings[0]?.method ?? "column-addition";
    return { problem, method, house, layout: PLAIN_LAYOUT, steps: pad.steps, answer };
  }
  return undefined;
}

/** The step that writes another answer than the one that was worked out, on a sheet of its own. */
function rewritten(before: Answer, after: Answer, house: HouseRules): WrongWorking["steps"] {
  const pad = newPad<Reason | PatternReason>();
  pad.line("answer", { kind: "rewritten", before, after }, [
    text(`= ${writeAnswer(after, { ...house, grouping: "none" })}`),
  ]);
  return pad.steps.map((step) => ({ ...step, sheet: { index: LAST_SHEET, layout: PLAIN_LAYOUT } }));
}

/** A sheet behind all that a working may have used. */
const LAST_SHEET = 999;

function together(acts: readonly PatternAct[]): Way | undefined {
  const taken = new Set<string>();
  let decisions: OtherDecisions = {};
  let rules: Partial<HouseRules> = {};
  for (const act of acts) {
    for (const decision of decisionsOf(act)) {
      if (taken.has(decision)) return undefined;
      taken.add(decision);
    }
    for (const [rule, setting] of Object.entries(act.rules ?? {})) {
      const before = Object.entries(rules).find(([name]) => name === rule);
      if (before !== undefined && before[1] !== setting) return undefined;
    }
    decisions = merged(decisions, act.decisions ?? {});
    rules = { ...rules, ...act.rules };
  }
  const [methods = [], ...others] = acts.flatMap((act) => (act.methods === undefined ? [] : [act.methods]));
  const shared = methods.filter((method) => others.every((more) => more.includes(method)));
  return methods.length > 0 && shared.length === 0 ? undefined : { decisions, methods: shared, rules, acts };
}

/** The decisions that an act takes, by name: no two acts of one learner can be about the same. */
const decisionsOf = (act: PatternAct): readonly string[] => [
  ...Object.entries(act.decisions ?? {}).flatMap(([part, decisions]) =>
    Object.keys(decisions).map((decision) => `${part}.${decision}`),
  ),
  ...(act.reads === undefined ? [] : ["reads"]),
  ...(act.splits === undefined ? [] : ["splits"]),
  ...(act.writes === undefined ? [] : ["writes"]),
];

const merged = (one: OtherDecisions, other: OtherDecisions): OtherDecisions => ({
  addition: { ...one.addition, ...other.addition },
  decomposition: { ...one.decomposition, ...other.decomposition },
  payments: { ...one.payments, ...other.payments },
  product: { ...one.product, ...other.product },
  lattice: { ...one.lattice, ...other.lattice },
  division: { ...one.division, ...other.division },
  rounding: { ...one.rounding, ...other.rounding },
  fractions: { ...one.fractions, ...other.fractions },
  signs: { ...one.signs, ...other.signs },
  units: { ...one.units, ...other.units },
});
