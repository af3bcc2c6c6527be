/**
 * How often a property that takes long is tried: a share of its runs in `npm test`, all of them where
 * `RUNS=whole` is set, as `npm run test:whole` does. Each such property is a row here; docs/testing.md lists them.
 */

/** A property whose runs are shortened in `npm test`. */
interface LongProperty {
  readonly file: string;
  /** The name of its test, or of the tests it is drawn for. */
  readonly test: string;
  /** What is counted. */
  readonly of: string;
  /** How many at full length. */
  readonly whole: number;
}

/** Of what is tried at full length, so much is tried in `npm test`. */
const SHARE_IN_TEST = 1 / 4;

/** Whether this run is at full length. */
export const RUNS_WHOLE = process.env.RUNS === "whole";

const share = RUNS_WHOLE ? 1 : SHARE_IN_TEST;

const shortened = (whole: number, by: number): number => Math.ceil(whole * by);

export const LONG_PROPERTIES = {
  anyQuantityAnywhere: {
    file: "src/core/methods/chains/orderOfOperations.test.ts",
    test: "is refused, or worked to the answer that arithmetic gives",
    of: "lines with any kinds of quantities",
    whole: 4000,
  },
  everyWorking: {
    file: "src/core/methods/workings.test.ts",
    test: "ends in the answer another library gives, in the form that was wanted, by claims that hold alone",
    of: "workings of each method",
    whole: 300,
  },
  falsifiedReasons: {
    file: "src/core/methods/claims.test.ts",
    test: "a reason with any number in it falsified breaks a claim, but for numbers that are listed",
    of: "workings of each method",
    whole: 40,
  },
  stageOrder: {
    file: "src/core/methods/workings.test.ts",
    test: "goes through its stages in their order",
    of: "workings of each method",
    whole: 60,
  },
  marksApart: {
    file: "src/core/methods/workings.test.ts",
    test: "puts no mark on top of another",
    of: "workings of each method",
    whole: 150,
  },
  linesSaid: {
    file: "src/core/wording/said.test.ts",
    test: "holds in every line of %s, in every school's hand",
    of: "workings of each method in each preset",
    whole: 20,
  },
  lawsStated: {
    file: "src/core/wording/said.test.ts",
    test: "hold in the steps of %s that state them",
    of: "workings of each method in each preset",
    whole: 20,
  },
  skillPromises: {
    file: "src/core/sheets/ladder.test.ts",
    test: "keeps what %s promises, judged by hand, in many different problems",
    of: "problems of each skill",
    whole: 500,
  },
  readerSteps: {
    file: "src/core/problem/linear.alone.test.ts",
    test: "takes no more steps for each letter of a long line than of a short one, of lines made to hold it up, each reader in turn",
    of: "lines",
    whole: 1600,
  },
  patternWorkings: {
    file: "src/core/errorPatterns/errorPatterns.test.ts",
    test: "%s gives a whole working, or none",
    of: "workings of each pattern in any house",
    whole: 25,
  },
  explanationsRead: {
    file: "src/core/learnerTask/stepsSaid.test.ts",
    test: "%s states nothing that does not hold, but as what was written",
    of: "problems of each pattern, every sentence of its replay",
    whole: 20,
  },
  waysReplayed: {
    file: "src/core/errorPatterns/errorPatterns.test.ts",
    test: "is replayed to just the answer it is known by, of problems of every skill",
    of: "problems of each skill, every way to a wrong answer",
    whole: 25,
  },
  slips: {
    file: "src/core/errorPatterns/slips/slips.test.ts",
    test: "is a problem or an answer that could stand on paper, and not the one that should",
    of: "problems of each skill, every slip",
    whole: 20,
  },
  stories: {
    file: "src/core/wording/stories/stories.test.ts",
    test: "a story that is told",
    of: "stories of each kind in two houses",
    whole: 105,
  },
  storyAnswers: {
    file: "src/core/storyMarking/storyMarking.test.ts",
    test: "is right as it is worked, typed alone or in the sentence that is told",
    of: "stories of each kind",
    whole: 8,
  },
  printedSheets: {
    file: "src/render/pdf/sheetPdf.test.ts",
    test: "says the sheet's problems and answers in their order, however it is printed",
    of: "sheets",
    whole: 24,
  },
  printedMethods: {
    file: "src/render/pdf/sheetPdf.test.ts",
    test: "has letters for all that the methods write and say, in every house and money",
    of: "methods in each house, other ones in the next",
    whole: 43,
  },
  damagedDocuments: {
    file: "src/data/backup/keeping.test.ts",
    test: "damaged in any way is taken whole or not at all, with a sentence",
    of: "documents",
    whole: 2000,
  },
  loadedParts: {
    file: "src/ui/board/loaded/parts.test.ts",
    test: "are all that its board needs: the same run and the same words as with every part",
    of: "problems",
    whole: 800,
  },
} as const satisfies Readonly<Record<string, LongProperty>>;

export type LongPropertyName = keyof typeof LONG_PROPERTIES;

/** How often a property is tried in this run. */
export const runsOf = (property: LongPropertyName): number =>
  shortened(LONG_PROPERTIES[property].whole, share);

/** The same in `npm test`, whatever this run is. */
export const runsInTest = (property: LongPropertyName): number =>
  shortened(LONG_PROPERTIES[property].whole, SHARE_IN_TEST);
