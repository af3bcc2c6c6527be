import { type ErrorPattern, PATTERNS, type PatternFacts, SLIPS } from "@/core/errorPatterns";
import { PRESETS } from "@/core/house";
import { patternWords, remedyWords } from "@/core/wording";
import measured from "../bench/patterns.json" with { type: "json" };
import { code, table } from "./markdown";

/** What the measuring found for one pattern, as shares; no sheets where too few problems trigger it. */
interface Measured {
  readonly cases: number;
  readonly wrong: number;
  readonly first: number | null;
  readonly itself: number | null;
  readonly three: number | null;
  readonly sheets?: number;
}

const MEASURED: Readonly<Record<string, Measured>> = measured.patterns;

const TITLES = {
  addition: "Column addition",
  subtraction: "Column subtraction",
  multiplication: "Multiplication",
  division: "Division",
  fractions: "Fractions and mixed numbers",
  integers: "Signed numbers",
  money: "Money",
  units: "Mixed units",
  chains: "Several operations in one line",
  judging: "Comparing, rounding and checking",
  shifting: "Times and divided by 10, 100, 1000",
  across: "Across the operations",
} as const;

const titleOf = (strand: string): string =>
  Object.entries(TITLES).find(([name]) => name === strand)?.[1] ?? strand;

const percent = (share: number | null): string => `${Math.round((share ?? 0) * 100)}%`;

function measuredLine(pattern: ErrorPattern): string {
  const found = MEASURED[pattern.id];
  if (found === undefined) return "not measured yet";
  if (found.cases === 0) return "not measured: no written answer shows it";
  const sheets = found.sheets === undefined ? "" : `; sheets named ${percent(found.sheets)}`;
  return `wrong on ${percent(found.wrong)} of problems; of ${found.cases} such answers first ${percent(found.first)} (itself ${percent(found.itself)}), among three ${percent(found.three)}${sheets}`;
}

function entry({ id, example, lookAlikes }: PatternFacts, measures: string | undefined): string {
  const { name, does, shows, apart, knownFrom } = patternWords(id);
  return [
    `### ${code(id)}: ${name}`,
    "",
    does,
    "",
    `- Shows with: ${shows}`,
    `- Example: ${code(example[0])} gives ${code(example[1])}`,
    `- Told apart: ${apart}`,
    ...(lookAlikes.length > 0 ? [`- Looks like: ${lookAlikes.map(code).join(", ")}`] : []),
    `- Helps: ${remedyWords(id, undefined, PRESETS.fillersTrueValue)}`,
    `- Known from: ${knownFrom}`,
    ...(measures === undefined ? [] : [`- Measured: ${measures}`]),
  ].join("\n");
}

/** Every pattern of the catalogue, by skill, with what was measured of it. */
export const patternSections = (): string =>
  [
    ...Object.entries(PATTERNS).flatMap(([skill, patterns]) => [
      `## ${TITLES[skill as keyof typeof TITLES]}`,
      ...patterns.map((pattern) => entry(pattern, measuredLine(pattern))),
    ]),
    "## Slips",
    ...SLIPS.map((slip) => entry(slip, undefined)),
  ].join("\n\n");

/** The whole measurement in a few lines. */
export function patternSummary(): string {
  const all = Object.values(MEASURED).filter(({ cases }) => cases > 0);
  const least = (of: (one: Measured) => number | null): string =>
    percent(Math.min(...all.map((one) => of(one) ?? 0)));
  const short = all.filter(({ cases }) => cases < measured.triggered).length;
  const { seen, left } = measured.unknown;
  return [
    `- ${all.length} patterns, up to ${measured.triggered} problems each on which the pattern gives a wrong answer${short > 0 ? ` (${short} of them on fewer, as their skill's problems seldom trigger them)` : ""}.`,
    `- First explanation is the pattern, or a look-alike that gives the very same answer: at least ${least(({ first }) => first)} for every pattern.`,
    `- Among the first three: at least ${least(({ three }) => three)}.`,
    `- A sheet of ${measured.sheet} such answers, ${percent(measured.noise)} of them off by one besides, is explained by the pattern: at least ${least(({ sheets }) => sheets ?? 1)}.`,
    `- Random wrong answers that no pattern and no pair gives, beside right ones of four digits or more: ${left} of ${seen} left unexplained.`,
  ].join("\n");
}

const shareOf = (some: number, all: number): string =>
  all === 0 ? "" : `${((100 * some) / all).toFixed(1)}%`;

/** How often a wrong account is called likely: where its pattern is not in the catalogue, and for answers near the right one that no pattern gives. */
export function unknownTable(): string {
  const sum = (
    of: readonly { readonly answers: number; readonly likely: number; readonly veryLikely: number }[],
  ) =>
    of.reduce(
      (all, one) => ({
        answers: all.answers + one.answers,
        likely: all.likely + one.likely,
        veryLikely: all.veryLikely + one.veryLikely,
      }),
      { answers: 0, likely: 0, veryLikely: 0 },
    );
  const line = (name: string, out: ReturnType<typeof sum>, near: ReturnType<typeof sum> | undefined) => [
    name,
    out.answers,
    shareOf(out.likely, out.answers),
    shareOf(out.veryLikely, out.answers),
    near?.answers ?? "",
    near === undefined ? "" : shareOf(near.likely, near.answers),
    near === undefined ? "" : shareOf(near.veryLikely, near.answers),
  ];
  return table(
    [
      "Strand",
      "Left out: answers",
      "likely or more",
      "very likely",
      "Near: answers",
      "likely or more",
      "very likely",
    ],
    [
      ...measured.leftOut.map((out) =>
        line(
          titleOf(out.strand),
          out,
          measured.near.find(({ strand }) => strand === out.strand),
        ),
      ),
      line("All", sum(measured.leftOut), sum(measured.near)),
    ],
  );
}
