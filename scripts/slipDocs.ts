import { EXECUTION_SLIPS, SLIPS, type Slip, type SlipFacts } from "@/core/slips";
import measured from "../bench/slips.json" with { type: "json" };

/** What the measuring found for one slip, as shares; no sheets where too few problems trigger it. */
interface Measured {
  readonly cases: number;
  readonly wrong: number;
  readonly first: number | null;
  readonly itself: number | null;
  readonly three: number | null;
  readonly sheets?: number;
}

const MEASURED: Readonly<Record<string, Measured>> = measured.slips;

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
} as const;

const percent = (share: number | null): string => `${Math.round((share ?? 0) * 100)}%`;
const code = (text: string): string => `\`${text}\``;

function measuredLine(slip: Slip): string {
  const found = MEASURED[slip.id];
  if (found === undefined || found.cases === 0) return "not measured: no written answer shows it";
  const sheets = found.sheets === undefined ? "" : `; sheets named ${percent(found.sheets)}`;
  return `wrong on ${percent(found.wrong)} of problems; of ${found.cases} such answers first ${percent(found.first)} (itself ${percent(found.itself)}), among three ${percent(found.three)}${sheets}`;
}

const entry = (slip: SlipFacts, measures: string | undefined): string =>
  [
    `### ${code(slip.id)}: ${slip.name}`,
    "",
    slip.does,
    "",
    `- Shows with: ${slip.shows}`,
    `- Example: ${code(slip.example[0])} gives ${code(slip.example[1])}`,
    `- Told apart: ${slip.apart}`,
    ...(slip.lookAlikes.length > 0 ? [`- Looks like: ${slip.lookAlikes.map(code).join(", ")}`] : []),
    `- Helps: ${slip.remedy}`,
    `- Known from: ${slip.knownFrom}`,
    ...(measures === undefined ? [] : [`- Measured: ${measures}`]),
  ].join("\n");

/** Every slip of the catalogue, by skill, with what was measured of it. */
export const slipSections = (): string =>
  [
    ...Object.entries(SLIPS).flatMap(([skill, slips]) => [
      `## ${TITLES[skill as keyof typeof TITLES]}`,
      ...slips.map((slip) => entry(slip, measuredLine(slip))),
    ]),
    "## Carried out badly",
    ...EXECUTION_SLIPS.map((slip) => entry(slip, undefined)),
  ].join("\n\n");

/** The whole measurement in a few lines. */
export function slipSummary(): string {
  const all = Object.values(MEASURED).filter(({ cases }) => cases > 0);
  const least = (of: (one: Measured) => number | null): string =>
    percent(Math.min(...all.map((one) => of(one) ?? 0)));
  const short = all.filter(({ cases }) => cases < measured.triggered).length;
  const { seen, left } = measured.unknown;
  return [
    `- ${all.length} slips, up to ${measured.triggered} problems each on which the slip gives a wrong answer${short > 0 ? ` (${short} of them on fewer, as their skill's problems seldom trigger them)` : ""}.`,
    `- First explanation is the slip, or a look-alike that gives the very same answer: at least ${least(({ first }) => first)} for every slip.`,
    `- Among the first three: at least ${least(({ three }) => three)}.`,
    `- A sheet of ${measured.sheet} such answers, ${percent(measured.noise)} of them off by one besides, is explained by the slip: at least ${least(({ sheets }) => sheets ?? 1)}.`,
    `- Random wrong answers that no slip and no pair gives, beside right ones of four digits or more: ${left} of ${seen} left unexplained.`,
  ].join("\n");
}
