import type { RunReason } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { decimalShelf, type Library, libraryOf, type Reason, type Shelf } from "@/core/methods";
import { asFraction, isWhole } from "@/core/number";
import { PROBLEM_KINDS, type Problem, type ProblemKind, readProblem } from "@/core/problem";
import { DECIMAL_BOOK, type StepWords, type Wordbook, wordsFrom } from "@/core/wording";

/**
 * What the Board needs for problems of one kind: their methods, and the words for their steps. Kits other
 * than that of decimals are loaded when a problem first needs them, so that the first load stays small.
 */
export interface Kit {
  readonly kind: ProblemKind;
  readonly shelf: Shelf<Reason>;
  readonly book: Wordbook;
}

interface Loaded {
  readonly kits: readonly Kit[];
  readonly library: Library<Reason>;
}

const loadedWith = (kits: readonly Kit[]): Loaded => {
  const ordered = PROBLEM_KINDS.flatMap((kind) => kits.filter((kit) => kit.kind === kind));
  return { kits: ordered, library: libraryOf(ordered.map(({ shelf }) => shelf)) };
};

let loaded = loadedWith([{ kind: "decimals", shelf: decimalShelf, book: DECIMAL_BOOK }]);
const watchers = new Set<() => void>();

/** Puts a kit beside those that are there; again is once. */
export function addKit(kit: Kit): void {
  if (loaded.kits.some(({ kind }) => kind === kit.kind)) return;
  loaded = loadedWith([...loaded.kits, kit]);
  for (const watcher of watchers) watcher();
}

/** Every method that is loaded by now. */
export const library = (): Library<Reason> => loaded.library;

/** The words for a step, from the books that are loaded. */
export const stepWords = (reason: RunReason, house: HouseRules): StepWords =>
  wordsFrom(
    loaded.kits.map(({ book }) => book),
    reason,
    house,
  );

/** Calls back whenever a kit comes; gives the way to stop that. */
export function watchKits(watcher: () => void): () => void {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
}

/** Another value after each kit that came. */
export const kitsThere = (): Loaded => loaded;

/** Whole numbers up to this can be seen as steps on a number line or as counters. */
const ON_A_LINE = 40n;

/** The kinds whose kits a problem can't be worked without: its own, and those of the parts that may be worked on its way. */
function kindsFor(problem: Problem): readonly ProblemKind[] {
  switch (problem.kind) {
    case "decimals":
      return [];
    case "fractions":
    case "money":
    case "measures":
      return [problem.kind];
    case "signed":
      return ["signed", "fractions"];
    case "chain": {
      const has = (kind: string): boolean => problem.operands.some((operand) => operand.kind === kind);
      return [
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

/** The kinds whose kits have more methods for a problem: small whole numbers can be seen on a number line. */
function kindsBeside({ kind, op, operands }: Problem): readonly ProblemKind[] {
  const small = operands.every(
    (one) => one.kind === "decimal" && isWhole(one) && asFraction(one).numerator <= ON_A_LINE,
  );
  return kind === "decimals" && (op === "add" || op === "subtract") && operands.length === 2 && small
    ? ["signed"]
    : [];
}

const kindsOf = (text: string, house: HouseRules, kinds: (problem: Problem) => readonly ProblemKind[]) => {
  const problem = readProblem(text, house);
  return problem.ok ? kinds(problem.value) : [];
};

/** The kits that the problem of a line can't do without and that are not there yet; none where it does not read. */
export const kitsMissing = (text: string, house: HouseRules): readonly ProblemKind[] =>
  notThere(kindsOf(text, house, kindsFor));

/** The kits with more methods for the problem of a line, that are not there yet. */
export const kitsWelcome = (text: string, house: HouseRules): readonly ProblemKind[] =>
  notThere(kindsOf(text, house, kindsBeside));

/** Every kit beside that of decimals that the problem of a line has a use for. */
export const kitsUsed = (text: string, house: HouseRules): readonly ProblemKind[] => [
  ...kindsOf(text, house, kindsFor),
  ...kindsOf(text, house, kindsBeside),
];

const notThere = (kinds: readonly ProblemKind[]): readonly ProblemKind[] =>
  kinds.filter((kind) => !loaded.kits.some((kit) => kit.kind === kind));
