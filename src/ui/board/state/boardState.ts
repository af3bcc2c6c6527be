import { type Run, runOf } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import {
  type AnswerForm,
  type Problem,
  type ReadError,
  readOneQuantity,
  readProblem,
  writeForm,
  writeProblem,
  writeUnformed,
} from "@/core/problem";
import { writeQuantity } from "@/core/quantity";
import { library } from "../loaded/parts";

/** The board that is open and kept. `step` counts the steps of the run that are shown, from 1. */
export interface OpenBoard {
  readonly id: string;
  readonly problem: string;
  readonly method: MethodId;
  /** The method carried out on a second board beside this one, where there is one. */
  readonly beside: MethodId | undefined;
  readonly house: HouseRules;
  readonly step: number;
  readonly guess: string;
}

/** What is in the problem field, and the board that is open, if one is. */
export interface BoardScreenState {
  readonly typed: string;
  readonly house: HouseRules;
  readonly open: OpenBoard | undefined;
}

export type BoardAction =
  | { readonly kind: "type"; readonly text: string }
  | { readonly kind: "open"; readonly id: string; readonly text: string }
  | { readonly kind: "backToOpen" }
  | { readonly kind: "goTo"; readonly step: number }
  | { readonly kind: "move"; readonly by: number }
  | { readonly kind: "setMethod"; readonly method: MethodId }
  | { readonly kind: "setBeside"; readonly method: MethodId | undefined }
  | { readonly kind: "setForm"; readonly form: AnswerForm }
  | { readonly kind: "setHouse"; readonly house: HouseRules }
  | { readonly kind: "guess"; readonly guess: string }
  /** The board as another window left it. */
  | { readonly kind: "adopt"; readonly board: OpenBoard };

/** What the typed line reads as under the house rules: a run to show, or why there is none. */
export type Reading =
  | { readonly ok: true; readonly run: Run }
  | { readonly ok: false; readonly error: ReadError };

/** Reads a line whose parts are there. */
export function readBoardLine(text: string, house: HouseRules, method?: MethodId): Reading {
  const problem = readProblem(text, house);
  return problem.ok ? { ok: true, run: runIn(problem.value, house, method) } : problem;
}

const runIn = (problem: Problem, house: HouseRules, method?: MethodId): Run =>
  runOf(library().workingOf(problem, house, method), library());

/** Runs that were worked already: every step asks for the run of its board, which changes only with the board. */
const remembered = new WeakMap<HouseRules, Map<string, Run>>();

/** The run of a problem that reads, by a method; none where it does not read. */
export function runFor(text: string, house: HouseRules, method: MethodId): Run | undefined {
  const runs = remembered.get(house) ?? new Map<string, Run>();
  remembered.set(house, runs);
  const key = `${method} ${text}`;
  const known = runs.get(key);
  if (known !== undefined) return known;
  const reading = readBoardLine(text, house, method);
  if (reading.ok) runs.set(key, reading.run);
  return reading.ok ? reading.run : undefined;
}

/** The state after an action. Steps stay within the run; new house rules write the problem over in their notation. */
export function boardReducer(state: BoardScreenState, action: BoardAction): BoardScreenState {
  const { open } = state;
  switch (action.kind) {
    case "type":
      return { ...state, typed: action.text };
    case "open": {
      const reading = readBoardLine(action.text, state.house);
      if (!reading.ok) return { ...state, typed: action.text };
      const method = reading.run.working.method;
      return {
        ...state,
        typed: action.text,
        open: {
          id: action.id,
          problem: action.text,
          method,
          beside: undefined,
          house: state.house,
          step: 1,
          guess: "",
        },
      };
    }
    case "backToOpen":
      return { ...state, typed: open?.problem ?? "" };
    case "goTo":
      return atStep(state, action.step);
    case "move":
      return open ? atStep(state, open.step + action.by) : state;
    case "setMethod":
      return open ? { ...state, open: withMethod(open, action.method) } : state;
    case "setBeside":
      return open ? { ...state, open: { ...open, beside: action.method } } : state;
    case "setForm":
      return open ? withForm(state, open, action.form) : state;
    case "setHouse":
      return withHouse(state, action.house);
    case "guess":
      return open ? { ...state, open: { ...open, guess: action.guess } } : state;
    case "adopt": {
      const { board } = action;
      if (open?.id !== board.id || runFor(board.problem, board.house, board.method) === undefined)
        return state;
      return {
        typed: state.typed === open.problem ? board.problem : state.typed,
        house: board.house,
        open: board,
      };
    }
  }
}

/** Another method; where it is the one on the second board, the two change places. */
function withMethod(open: OpenBoard, method: MethodId): OpenBoard {
  const beside = open.beside === method ? open.method : open.beside;
  return atSameShare(open, { ...open, method, beside });
}

/** A board's problem in one line, with its answer wanted in another form; none where it does not read. */
export function lineInForm(open: OpenBoard, form: AnswerForm): string | undefined {
  const problem = readProblem(open.problem, open.house);
  return problem.ok ? writeUnformed(problem.value, open.house) + writeForm(form, open.house) : undefined;
}

/** The problem with its answer wanted in another form; methods that can't give it are left. */
function withForm(state: BoardScreenState, open: OpenBoard, form: AnswerForm): BoardScreenState {
  const text = lineInForm(open, form);
  if (text === undefined) return state;
  const problem = readProblem(text, open.house);
  if (!problem.ok) return state;
  const asked = problem.value;
  const { method } = library().workingOf(asked, open.house, open.method);
  const beside = library()
    .methodsFor(asked)
    .find(({ id, refusal }) => id === open.beside && id !== method && refusal === undefined)?.id;
  const typed = state.typed === open.problem ? text : state.typed;
  return { ...state, typed, open: atSameShare(open, { ...open, problem: text, method, beside }) };
}

function runOfOpen(open: OpenBoard): Run {
  const run = runFor(open.problem, open.house, open.method);
  if (run === undefined) throw new Error("runOfOpen: an open board always reads");
  return run;
}

/** The state at a step, kept within the run; the same state where that is where it stands. */
function atStep(state: BoardScreenState, asked: number): BoardScreenState {
  const { open } = state;
  if (open === undefined) return state;
  const step = Math.min(Math.max(1, asked), runOfOpen(open).steps.length);
  return step === open.step ? state : { ...state, open: { ...open, step } };
}

/** The board changed, at the same share of its run: the end stays the end. */
function atSameShare(before: OpenBoard, after: OpenBoard): OpenBoard {
  const old = runOfOpen(before).steps;
  const steps = runOfOpen(after).steps;
  if (before.step === old.length) return { ...after, step: steps.length };
  const share = Math.round((before.step / old.length) * steps.length);
  return { ...after, step: Math.min(Math.max(1, share), steps.length) };
}

/** New house rules: problem and guess are written over in their notation, so that they mean what they meant. */
function withHouse(state: BoardScreenState, house: HouseRules): BoardScreenState {
  const { open } = state;
  const typed = problemIn(house, state.typed, state.house);
  if (!open) return { ...state, typed, house };
  const problem = problemIn(house, open.problem, open.house);
  // Money of a tutor's own has no meaning under another: the board keeps it.
  if (!readProblem(problem, house).ok && house.currency !== open.house.currency)
    return withHouse(state, { ...house, currency: open.house.currency });
  const guess = numberIn(house, open.guess, open.house);
  return {
    typed,
    house,
    open: atSameShare(open, { ...open, problem, guess, house, method: methodUnder(house, open) }),
  };
}

/** The new house's own method where the board was worked by the old house's; else the one that was chosen. */
function methodUnder(house: HouseRules, { problem: text, method, house: before }: OpenBoard): MethodId {
  const problem = readProblem(text, before);
  if (!problem.ok) return method;
  const { preferredMethod } = library();
  return method === preferredMethod(problem.value, before) ? preferredMethod(problem.value, house) : method;
}

const sameNotation = (a: HouseRules, b: HouseRules): boolean =>
  a.decimalMark === b.decimalMark &&
  a.grouping === b.grouping &&
  a.timesSign === b.timesSign &&
  a.divideSign === b.divideSign &&
  a.onesTerm === b.onesTerm &&
  a.currency === b.currency;

/** A typed problem in the notation of other house rules; left as it is where it reads the same, or not at all. */
function problemIn(house: HouseRules, text: string, before: HouseRules): string {
  const problem = readProblem(text, before);
  return sameNotation(house, before) || !problem.ok ? text : writeProblem(problem.value, house);
}

function numberIn(house: HouseRules, text: string, before: HouseRules): string {
  const quantity = readOneQuantity(text, before);
  return sameNotation(house, before) || !quantity.ok ? text : writeQuantity(quantity.value, house);
}
