import type { RunReason } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import {
  type AnyMethodSet,
  type Library,
  libraryOf,
  type MethodId,
  type Reason,
  sumMethods,
} from "@/core/methods";
import { asFraction, isWhole } from "@/core/number";
import { operandsOf, type Problem, type ProblemKind, readProblem } from "@/core/problem";
import {
  type AnyMethodWords,
  methodWordsFrom,
  type StepWords,
  SUM_BOOK,
  type Wordbook,
  wordsFrom,
} from "@/core/wording";

/** The kinds of problems beside decimals, in the order of the methods. */
const OTHER_KINDS = [
  "fractions",
  "signed",
  "money",
  "measures",
  "quantities",
  "chain",
] as const satisfies readonly ProblemKind[];

/** A part is called by the kind of problem it is for; products and quotients of decimals, and what is worked in the head, are for several. */
const PART_IDS = ["decimals", "products", ...OTHER_KINDS, "mental"] as const;
export type PartId = (typeof PART_IDS)[number];

/**
 * What the Board needs for some problems: their methods, and the words for their steps. Loaded parts other
 * than that of decimals are loaded when a problem first needs them, so that the first load stays small.
 */
export interface LoadedPart {
  readonly id: PartId;
  readonly methods: AnyMethodSet;
  readonly book: Wordbook;
}

interface Loaded {
  readonly parts: readonly LoadedPart[];
  readonly library: Library;
}

const loadedWith = (parts: readonly LoadedPart[]): Loaded => {
  const ordered = PART_IDS.flatMap((id) => parts.filter((part) => part.id === id));
  return { parts: ordered, library: libraryOf<Reason, MethodId>(ordered.map(({ methods }) => methods)) };
};

/** The parts that are loaded by now, and whatever is asked of them. A page has one; a test makes its own. */
export interface PartsRegistry {
  /** Puts a part beside those that are there; again is once. */
  readonly addPart: (part: LoadedPart) => void;
  /** Every method that is loaded by now. */
  readonly library: () => Library;
  /** The words for a step, from the books that are loaded. */
  readonly stepWords: (reason: RunReason, house: HouseRules) => StepWords;
  /** The words for a method, from the books that are loaded. */
  readonly methodWords: (method: MethodId) => AnyMethodWords;
  /** Calls back whenever a part comes; gives the way to stop that. */
  readonly watchParts: (watcher: () => void) => () => void;
  /** Another value after each part that came. */
  readonly partsThere: () => Loaded;
  /** The parts that the problem of a line, worked by some methods, can't do without and that are not there yet; none where it does not read. */
  readonly partsMissing: (
    text: string,
    house: HouseRules,
    methods?: readonly (MethodId | undefined)[],
  ) => readonly PartId[];
  /** The parts with more methods for the problem of a line, that are not there yet. */
  readonly partsWelcome: (text: string, house: HouseRules) => readonly PartId[];
  /** The parts whose methods a tutor may choose for a problem, that are not there yet. */
  readonly partsInMenu: (problem: Problem) => readonly PartId[];
  /** Every part beside that of decimals that a line worked by some methods has a use for. The methods are there. */
  readonly partsUsed: (
    text: string,
    house: HouseRules,
    methods: readonly (MethodId | undefined)[],
  ) => readonly PartId[];
}

/** A registry in which only the part of decimals is loaded. */
export function partsRegistry(): PartsRegistry {
  let loaded = loadedWith([{ id: "decimals", methods: sumMethods, book: SUM_BOOK }]);
  const watchers = new Set<() => void>();
  const books = (): readonly Wordbook[] => loaded.parts.map(({ book }) => book);
  const notThere = (ids: readonly PartId[]): readonly PartId[] =>
    ids.filter((id) => !loaded.parts.some((part) => part.id === id));
  return {
    addPart(part) {
      if (loaded.parts.some(({ id }) => id === part.id)) return;
      loaded = loadedWith([...loaded.parts, part]);
      for (const watcher of watchers) watcher();
    },
    library: () => loaded.library,
    stepWords: (reason, house) => wordsFrom(books(), reason, house),
    methodWords: (method) => methodWordsFrom(books(), method),
    watchParts(watcher) {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    partsThere: () => loaded,
    partsMissing(text, house, methods = []) {
      const unknown = methods.some(
        (id) => id !== undefined && !loaded.library.methods.some((one) => one.id === id),
      );
      return notThere(
        partsOf(text, house, (problem) => [...partsFor(problem), ...(unknown ? partsToChoose(problem) : [])]),
      );
    },
    partsWelcome: (text, house) => notThere(partsOf(text, house, partsBeside)),
    partsInMenu: (problem) => notThere(partsToChoose(problem)),
    partsUsed: (text, house, methods) => [
      ...partsOf(text, house, partsFor),
      ...partsOf(text, house, partsBeside),
      ...partsOf(text, house, partsToChoose).filter((id) =>
        loaded.parts.some(
          (part) => part.id === id && part.methods.methods.some((one) => methods.includes(one.id)),
        ),
      ),
    ],
  };
}

/** Whole numbers up to this can be seen as steps on a number line or as counters. */
const ON_A_LINE = 40n;

/** The parts a problem can't be worked without: its own, and those of the parts that may be worked on its way. */
function partsFor(problem: Problem): readonly PartId[] {
  switch (problem.kind) {
    case "decimals":
      return problem.op === "multiply" || problem.op === "divide" ? ["products"] : [];
    case "fractions":
    case "measures":
      return ["products", problem.kind];
    case "money":
      // Where nothing else checks an amount, it is worked in the head.
      return ["products", "money", "mental"];
    case "quantities":
      // Their sizes may be fractions.
      return ["products", "quantities", "fractions"];
    case "signed":
      return ["products", "signed", "fractions"];
    case "chain": {
      const has = (kind: string): boolean => operandsOf(problem).some((operand) => operand.kind === kind);
      return [
        "products",
        "chain",
        ...(has("amount") ? (["money"] as const) : []),
        ...(has("measure") ? (["measures"] as const) : []),
        // Even measures come to plain numbers, where one is divided by another.
        "signed",
        "fractions",
      ];
    }
  }
}

/** The parts with more methods for a problem, that its checks may take too: small whole numbers can be seen on a number line. */
function partsBeside(problem: Problem): readonly PartId[] {
  const { kind, op } = problem;
  const operands = operandsOf(problem);
  const small = operands.every(
    (one) => one.kind === "decimal" && isWhole(one) && asFraction(one).numerator <= ON_A_LINE,
  );
  const seen = kind === "decimals" && (op === "add" || op === "subtract") && operands.length === 2 && small;
  return seen ? ["products", "signed"] : [];
}

/** The parts whose methods are only taken where a tutor chooses one: much can be worked in the head. */
const partsToChoose = ({ kind, op }: Problem): readonly PartId[] =>
  kind === "decimals" && (op === "add" || op === "subtract" || op === "multiply") ? ["mental"] : [];

const partsOf = (text: string, house: HouseRules, parts: (problem: Problem) => readonly PartId[]) => {
  const problem = readProblem(text, house);
  return problem.ok ? parts(problem.value) : [];
};

/** What is loaded in this page, or in this process. */
export const {
  addPart,
  library,
  stepWords,
  methodWords,
  watchParts,
  partsThere,
  partsMissing,
  partsWelcome,
  partsInMenu,
  partsUsed,
} = partsRegistry();
