import type { PatternId } from "@/core/errorPatterns";
import type { SkillId } from "@/core/sheets";

/** The made-up learners who come to the back room of the workshop. */
export const DEMO_LEARNERS = [
  { id: "demolearnernadia0001", name: "Nadia" },
  { id: "demolearnertomb00002", name: "Tom B." },
  { id: "demolearneriris00003", name: "Iris" },
  { id: "demolearnerowen00004", name: "Owen" },
] as const;

/** A made-up sheet: its problems, and who did it with which patterns; `other` answers are given as they stand. */
export const DEMO_SHEETS: readonly {
  readonly id: string;
  readonly problems: readonly string[];
  readonly hoursAgo: number;
  readonly work: readonly {
    readonly learner: string;
    readonly patterns: readonly PatternId[];
    readonly other: Readonly<Record<number, string>>;
  }[];
}[] = [
  {
    // Lengths of brake cable cut from a drum, in metres; prices of tubes and tyres.
    id: "demosheetcables00001",
    problems: [
      "53.2 − 17.8",
      "12.03 − 4.578",
      "403 − 127",
      "6.24 − 3.58",
      "20.8 − 3.25",
      "10 − 6.43",
      "705 − 231",
      "15.6 − 0.34",
    ],
    hoursAgo: 26,
    work: [
      { learner: "demolearnernadia0001", patterns: ["sub-column-gap"], other: { 4: "17.55" } },
      { learner: "demolearnertomb00002", patterns: [], other: { 0: "35.40", 3: "2.76" } },
      { learner: "demolearneriris00003", patterns: ["sub-right-flush"], other: { 6: "473" } },
    ],
  },
  {
    id: "demosheetfractions02",
    problems: ["2/5 + 1/3", "3/4 + 1/6", "5 1/4 − 2 3/4", "2/3 × 4/5", "3/4 ÷ 2/3"],
    hoursAgo: 98,
    work: [
      { learner: "demolearneriris00003", patterns: ["frac-straight-across"], other: {} },
      { learner: "demolearnerowen00004", patterns: ["frac-div-no-flip"], other: { 1: "22/24" } },
    ],
  },
];

/** Sheets that were drawn and kept, and who was given them. The seed makes their code too. */
export const DEMO_DRAWN: readonly {
  readonly id: string;
  readonly name: string;
  readonly skills: readonly SkillId[];
  readonly count: number;
  readonly seed: number;
  readonly given: readonly string[];
  readonly hoursAgo: number;
}[] = [
  {
    id: "demodrawnspokes00001",
    name: "Spokes cut to length",
    skills: ["subtract-ragged-decimals", "subtract-from-whole"],
    count: 10,
    seed: 41,
    given: ["demolearnernadia0001", "demolearneriris00003"],
    hoursAgo: 30,
  },
  {
    id: "demodrawnspanners002",
    name: "Spanner sizes",
    skills: ["add-like", "add-multiple", "add-unlike"],
    count: 12,
    seed: 57,
    given: [],
    hoursAgo: 3,
  },
];
