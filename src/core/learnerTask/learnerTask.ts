import { type Mark, moved, type PaperLayout, pagesOf, standsInColumns, type Writing } from "../board";
import { runOf } from "../checks";
import type { HouseRules } from "../house";
import { EVERY_METHOD, type MethodId, methodsFor, type StepStage, type Working, workingOf } from "../methods";
import { isWhole } from "../number";
import { type JudgingTarget, judgePaper, judgingTarget, type MarkedWay } from "../paper";
import { isMeasure, operandsOf, type Problem, writeAnswer, writeProblem } from "../problem";
import { currencyOf, unitOf, writePieces } from "../quantity";
import { methodWords, plain, stepWords } from "../wording";
import type { GivenPart } from "./givenParts";

/** A step of a sound way as the learner's board needs it: its marks, and the words for hints. */
interface TurnStep extends Writing {
  readonly stage: StepStage;
  readonly ask: string;
  readonly say: string;
}

/** One sound way through the problem, on one page. */
export interface TaskWay extends MarkedWay {
  readonly method: MethodId;
  readonly name: string;
  readonly layout: PaperLayout;
  readonly steps: readonly TurnStep[];
}

/** A problem handed over to a learner. */
export interface LearnerTask {
  readonly line: string;
  readonly ways: readonly TaskWay[];
  /** What the paper is read against. */
  readonly asked: JudgingTarget;
  /** The methods that a tutor may fix, the house's own first. */
  readonly methods: readonly { readonly id: MethodId; readonly name: string }[];
  readonly estimate: boolean;
  /** The symbols of the units of a measure, the largest first; none for other problems. */
  readonly units: readonly string[];
  /** The coins and notes that change is counted in, the smallest first; none for other problems. */
  readonly pieces: readonly string[];
}

/** The most methods whose workings are looked for on a paper. */
const MOST_WAYS = 8;

/** A problem as the learner's board needs it; by one method only where that is fixed. */
export function learnerTaskOf(problem: Problem, house: HouseRules, fixed: MethodId | undefined): LearnerTask {
  const preferred = EVERY_METHOD.preferredMethod(problem, house);
  const taking = methodsFor(problem).flatMap(({ id, refusal }) => (refusal === undefined ? [id] : []));
  const methods = [preferred, ...taking.filter((id) => id !== preferred)].slice(0, MOST_WAYS);
  const sought = fixed !== undefined && taking.includes(fixed) ? [fixed] : methods;
  return {
    line: writeProblem(problem, house),
    ways: sought.flatMap((method) => waysOf(workingOf(problem, house, method), house)),
    asked: wantedIn(problem, house),
    methods: methods.map((id) => ({ id, name: methodWords(id).name })),
    estimate: runOf(workingOf(problem, house), EVERY_METHOD).estimate !== undefined,
    units: unitsOf(problem),
    pieces: piecesOf(problem),
  };
}

/** The most coins and notes that are offered. */
const MOST_PIECES = 8;

/** The coins and notes of the problem's money, as they are called. */
function piecesOf(problem: Problem): readonly string[] {
  if (problem.kind !== "money") return [];
  const { coins, notes } = currencyOf(problem.currency);
  return [...coins, ...notes]
    .sort((a, b) => a - b)
    .slice(0, MOST_PIECES)
    .map((piece) => writePieces([piece], problem.currency));
}

/** The units that an answer may be in, as their symbols. */
function unitsOf(problem: Problem): readonly string[] {
  const measures = operandsOf(problem).filter(isMeasure);
  if (problem.op === "divide" && measures.length > 1) return [];
  const units = measures.flatMap(({ parts }) => parts.map(({ unit }) => unitOf(unit)));
  return [...new Map(units.map((unit) => [unit.id, unit])).values()]
    .sort((a, b) => Number(b.size - a.size))
    .map(({ symbol }) => symbol);
}

/** A problem as its paper is read, with the fraction that is wanted, in the house's own form. */
function wantedIn(problem: Problem, house: HouseRules): JudgingTarget {
  const asked = judgingTarget(problem);
  if (problem.kind !== "fractions" || asked.value === undefined) return asked;
  const answer = EVERY_METHOD.answerOf(problem, house);
  const isPlain =
    answer.kind === "fraction" || answer.kind === "mixed" || (answer.kind === "decimal" && isWhole(answer));
  return isPlain ? { ...asked, wanted: writeAnswer(answer, { ...house, grouping: "none" }) } : asked;
}

/** The methods whose small numbers are carries; those of others are what was struck, or paid. */
const CARRYING: readonly MethodId[] = [
  "column-addition",
  "column-multiplication",
  "multiplication-in-line",
  "multiples-of-ten",
];

/** Every page of a working as a way of its own: on paper a learner needs only the one that is worked on. */
function waysOf(working: Working, house: HouseRules): readonly TaskWay[] {
  const steps = working.steps.map((step) => {
    const { ask, say } = stepWords(step.reason, house);
    const { stage, marks, focus, page } = step;
    return {
      stage,
      marks,
      focus,
      ask: plain(ask),
      say: plain(say),
      ...(page === undefined ? {} : { page }),
    };
  });
  return pagesOf(working.layout, steps).flatMap((page): readonly TaskWay[] => {
    const onPage = page.writings.map(({ page: _, ...step }) => step);
    if (!onPage.some(({ marks }) => marks.length > 0)) return [];
    return [
      {
        method: working.method,
        name: methodWords(working.method).name,
        layout: page.layout,
        aligned: standsInColumns(page.layout),
        steps: onPage,
        carries: CARRYING.includes(working.method),
      },
    ];
  });
}

/** The marks that are given, where the working has them. */
export function givenInPlace(
  way: TaskWay,
  { asked, units }: Pick<LearnerTask, "asked" | "units">,
  part: GivenPart,
): readonly Mark[] {
  const work = way.steps.filter(({ stage, marks }) => stage === "work" && marks.length > 0);
  const missing = work[Math.floor(work.length / 2)];
  const given = way.steps.flatMap((step) => partOf(step, part, missing));
  const setOut = way.steps.flatMap((step) => partOf(step, "setOut", undefined));
  if (part === "setOut") return given;
  // Where the whole working answers, nothing is given: also where a step is missing before it.
  const all = way.steps.flatMap(({ marks }) => marks);
  const rows = answerRows(all, asked, units);
  const hidden = given.filter(
    (mark) => setOut.includes(mark) || rows === undefined || !isIn(mark, rows, asked),
  );
  return withoutAnswer(hidden, setOut, asked, units);
}

/** The marks that are given, laid with their top left corner at a square of the paper. */
export function givenMarks(
  way: TaskWay,
  turn: Pick<LearnerTask, "asked" | "units">,
  part: GivenPart,
  col: number,
  row: number,
): readonly Mark[] {
  const all = way.steps.flatMap((step) => step.marks);
  const left = Math.min(...all.map(leftOf));
  const top = Math.min(...all.map((mark) => mark.row));
  return givenInPlace(way, turn, part).map((mark) =>
    moved(mark, col - Math.floor(left), row - Math.floor(top)),
  );
}

/** The marks of a step that are given. */
function partOf(step: TurnStep, part: GivenPart, missing: TurnStep | undefined): readonly Mark[] {
  switch (part) {
    case "blank":
      return [];
    case "setOut":
      return step.stage === "setOut" ? step.marks : [];
    case "allButAnswer":
      return step.stage === "answer" || step.stage === "check" ? [] : step.marks;
    case "oneMissing":
      return step === missing || step.stage === "check" ? [] : step.marks;
  }
}

/** The rows that a paper is read as coming to the answer by; none where it comes to none. */
function answerRows(
  marks: readonly Mark[],
  asked: JudgingTarget,
  units: readonly string[],
): { readonly top: number; readonly bottom: number } | undefined {
  const { answer, state } = judgePaper({ marks }, asked, { settled: true, units });
  if (answer === undefined || state !== "answered") return undefined;
  return { top: answer.row - (asked.fractions ? 1 : 0.5), bottom: answer.row + 0.5 };
}

/** Whether a mark stands in the rows of the answer; a rule there is no part of it, but the bar of a fraction is. */
const isIn = (
  mark: Mark,
  { top, bottom }: { readonly top: number; readonly bottom: number },
  asked: JudgingTarget,
): boolean => mark.row >= top && mark.row <= bottom && (mark.kind !== "rule" || asked.fractions);

/**
 * Marks that give no answer away: the rows that a paper would be read as coming to the answer by are left out, but
 * for what is set out in them.
 */
function withoutAnswer(
  marks: readonly Mark[],
  setOut: readonly Mark[],
  asked: JudgingTarget,
  units: readonly string[],
): readonly Mark[] {
  const rows = answerRows(marks, asked, units);
  if (rows === undefined) return marks;
  const kept = marks.filter((mark) => setOut.includes(mark) || !isIn(mark, rows, asked));
  return kept.length === marks.length ? setOut : withoutAnswer(kept, setOut, asked, units);
}

const leftOf = (mark: Mark): number => {
  if ("col" in mark) return mark.col;
  return "line" in mark ? mark.line : "from" in mark ? Math.min(mark.from, mark.to) : 0;
};
