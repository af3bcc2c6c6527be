import fs from "node:fs";
import { PRESETS } from "../src/core/house";
import { sameAnswer } from "../src/core/marking";
import type { Problem } from "../src/core/problem";
import { explanationsOf, SLIPS, type Slip, sheetExplanations } from "../src/core/slips";
import {
  type Astray,
  evenChances,
  ledAstray,
  names,
  noisySheet,
  problemsOf,
  skillOf,
  waysOf,
} from "../src/core/testing/learners";

/**
 * How well wrong answers are explained: for each slip, on problems that trigger it, how often it is named;
 * sheets with other errors mixed in; and how often an answer that no slip gives is left unexplained.
 * Writes bench/slips.json, from which docs/slips.md is written.
 */
const house = PRESETS.fillersTrueValue;
const SEED = 2026;
const TRIGGERED = Number(process.argv[2] ?? 200);
const SHEETS = Math.max(4, Math.round(TRIGGERED / 10));
const SHEET = 10;
const NOISE = 0.15;
const chance = evenChances(SEED);

const casesOf = (slip: Slip, problems: readonly Problem[]) => {
  const cases: Astray[] = [];
  let tried = 0;
  for (const problem of problems) {
    if (cases.length >= TRIGGERED) break;
    tried += 1;
    const one = ledAstray([slip], problem, house);
    if (one !== undefined) cases.push(one);
  }
  return { cases, tried };
};

function measured(slip: Slip, problems: readonly Problem[]) {
  const { cases, tried } = casesOf(slip, problems);
  const explained = cases.map((one) => ({ one, found: explanationsOf(one.ways, one.answer) }));
  const share = (holds: (one: (typeof explained)[number]) => boolean): number =>
    explained.filter(holds).length / cases.length;
  const sheets = Array.from({ length: cases.length < SHEET ? 0 : SHEETS }, () => {
    const chosen = Array.from({ length: SHEET }, () => cases[Math.floor(chance() * cases.length)]).filter(
      (one) => one !== undefined,
    );
    const [best] = sheetExplanations(noisySheet(chosen, NOISE, chance));
    return chosen.every((one) => names(best?.slips, slip, one, house));
  });
  return {
    skill: skillOf(slip),
    cases: cases.length,
    wrong: cases.length / tried,
    first: share(({ one, found }) => names(found[0]?.slips, slip, one, house)),
    itself: share(({ found }) => found[0]?.slips.join() === slip.id),
    three: share(({ one, found }) => found.slice(0, 3).some(({ slips }) => names(slips, slip, one, house))),
    ...(sheets.length === 0 ? {} : { sheets: sheets.filter((named) => named).length / sheets.length }),
  };
}

/** Answers as long as the right one, their digits at random: how many that no slip gives are left unexplained. */
function unexplained(problems: readonly Problem[]): { readonly seen: number; readonly left: number } {
  let [seen, left] = [0, 0];
  for (const problem of problems) {
    const ways = waysOf(problem, house);
    const { right } = ways;
    if (right.kind !== "decimal" || (right.whole + right.fraction).replace(/^0+/, "").length < 4) continue;
    const digits = [...right.whole, ...right.fraction].map(() => String(Math.floor(chance() * 10))).join("");
    const at = right.whole.length;
    const given = { ...right, whole: digits.slice(0, at), fraction: digits.slice(at) };
    const bySlips = { ...ways, ways: ways.ways.filter(({ slips }) => !slips[0]?.startsWith("slip-")) };
    if (sameAnswer(problem, right, given) || explanationsOf(bySlips, given).length > 0) continue;
    seen += 1;
    if (explanationsOf(ways, given).length === 0) left += 1;
  }
  return { seen, left };
}

const slips: Record<string, ReturnType<typeof measured>> = {};
const unknown = { seen: 0, left: 0 };
for (const [skill, all] of Object.entries(SLIPS)) {
  const first = all[0];
  if (first === undefined) throw new Error(`${skill} has no slips`);
  const problems = problemsOf(skillOf(first), TRIGGERED * 40, SEED);
  for (const slip of all) {
    const found = measured(slip, problems);
    slips[slip.id] = found;
    const text = [found.first, found.itself, found.three, found.sheets ?? Number.NaN].map(
      (share) => `${Math.round(share * 100)} %`,
    );
    console.log(
      slip.id.padEnd(34),
      found.cases,
      "first",
      text[0],
      "itself",
      text[1],
      "three",
      text[2],
      "sheets",
      text[3],
    );
  }
  const more = unexplained(problems.slice(0, TRIGGERED * 2));
  unknown.seen += more.seen;
  unknown.left += more.left;
}
console.log(`${unknown.left} of ${unknown.seen} random answers left unexplained`);
const rounded = (_: string, value: unknown): unknown =>
  typeof value === "number" ? Math.round(value * 10_000) / 10_000 : value;
fs.writeFileSync(
  "bench/slips.json",
  `${JSON.stringify({ triggered: TRIGGERED, sheet: SHEET, noise: NOISE, unknown, slips }, rounded, 2)}\n`,
);
