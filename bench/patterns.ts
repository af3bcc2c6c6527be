import {
  answersLike,
  type ErrorPattern,
  explanationsOf,
  isSlip,
  PATTERNS,
  SMALL_SPACE,
  sheetExplanations,
} from "../src/core/errorPatterns";
import { PRESETS } from "../src/core/house";
import { sameAnswer } from "../src/core/marking";
import type { Problem } from "../src/core/problem";
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
import { measureUnknown } from "../src/core/testing/simulating/leaveOneOut";
import { simulated } from "../src/core/testing/simulating/simulated";
import { writeMeasured } from "./measured";

/**
 * How well wrong answers are explained: for each pattern, on problems that trigger it, how often it is named;
 * sheets with other errors mixed in; and how often an answer that no pattern gives is left unexplained.
 * What it found is in docs/error-patterns.md.
 */
const house = PRESETS.fillersTrueValue;
const SEED = 2026;
const TRIGGERED = Number(process.argv[2] ?? 200);
const SHEETS = Math.max(4, Math.round(TRIGGERED / 10));
const SHEET = 10;
const NOISE = 0.15;
/** How many answers of each pattern are explained without it. */
const LEFT_OUT = 30;
const chance = evenChances(SEED);

const casesOf = (pattern: ErrorPattern, problems: readonly Problem[]) => {
  const cases: Astray[] = [];
  let tried = 0;
  for (const problem of problems) {
    if (cases.length >= TRIGGERED) break;
    tried += 1;
    const one = ledAstray([pattern], problem, house);
    if (one !== undefined) cases.push(one);
  }
  return { cases, tried };
};

function measured(pattern: ErrorPattern, problems: readonly Problem[]) {
  const { cases, tried } = casesOf(pattern, problems);
  const explained = cases.map((one) => ({ one, found: explanationsOf(one.ways, one.answer) }));
  const share = (holds: (one: (typeof explained)[number]) => boolean): number =>
    explained.filter(holds).length / cases.length;
  const sheets = Array.from({ length: cases.length < SHEET ? 0 : SHEETS }, () => {
    const chosen = Array.from({ length: SHEET }, () => cases[Math.floor(chance() * cases.length)]).filter(
      (one) => one !== undefined,
    );
    const [best] = sheetExplanations(noisySheet(chosen, NOISE, chance));
    return chosen.every((one) => names(best?.patterns, pattern, one, house));
  });
  return {
    skill: skillOf(pattern),
    cases: cases.length,
    wrong: cases.length / tried,
    first: share(({ one, found }) => names(found[0]?.patterns, pattern, one, house)),
    itself: share(({ found }) => found[0]?.patterns.join() === pattern.id),
    three: share(({ one, found }) =>
      found.slice(0, 3).some(({ patterns }) => names(patterns, pattern, one, house)),
    ),
    ...(sheets.length === 0 ? {} : { sheets: sheets.filter((named) => named).length / sheets.length }),
  };
}

/** Answers as long as the right one, their digits at random: how many that no pattern gives are left unexplained. */
function unexplained(problems: readonly Problem[]): { readonly seen: number; readonly left: number } {
  let [seen, left] = [0, 0];
  for (const problem of problems) {
    const ways = waysOf(problem, house);
    const { right } = ways;
    if (right.kind !== "decimal" || (right.whole + right.fraction).replace(/^0+/, "").length < 4) continue;
    const digits = [...right.whole, ...right.fraction].map(() => String(Math.floor(chance() * 10))).join("");
    const at = right.whole.length;
    const given = { ...right, whole: digits.slice(0, at), fraction: digits.slice(at) };
    const byPatterns = {
      ...ways,
      ways: ways.ways.filter(({ cause }) => cause !== "slip"),
    };
    if (sameAnswer(problem, right, given) || explanationsOf(byPatterns, given).length > 0) continue;
    seen += 1;
    if (explanationsOf(ways, given).length === 0) left += 1;
  }
  return { seen, left };
}

/** In how many bins the probabilities of explanations are held against how often they are true. */
const BINS = 10;
/** A seed that the weights were not fitted with. */
const HELD_OUT = 40_507;

/** How probable explanations are said to be, and how often they are true of simulated learners, in ten bins. */
function calibration(skills: readonly (keyof typeof PATTERNS)[]) {
  const bins = Array.from({ length: BINS }, () => ({ explanations: 0, said: 0, true: 0 }));
  let [answers, slipInSmall, sureInSmall] = [0, 0, 0];
  for (const skill of skills) {
    for (const { problem, answer, patterns: behind } of simulated(skill, TRIGGERED * 2, HELD_OUT, house)) {
      answers += 1;
      const ways = waysOf(problem, house);
      const small = Math.min(answersLike(ways.right), answersLike(answer)) < SMALL_SPACE;
      for (const { patterns: found, probability } of explanationsOf(ways, answer)) {
        const bin = bins[Math.min(BINS - 1, Math.floor(probability * BINS))];
        if (bin === undefined) throw new Error("calibration: there is no such bin");
        bin.explanations += 1;
        bin.said += probability;
        bin.true += [...found].sort().join() === [...behind].sort().join() ? 1 : 0;
        if (small && found.some(isSlip)) slipInSmall = Math.max(slipInSmall, probability);
        if (small) sureInSmall = Math.max(sureInSmall, probability);
      }
    }
  }
  return {
    answers,
    slipInSmall,
    sureInSmall,
    bins: bins.map(({ explanations, said, true: is }) => ({
      explanations,
      said: said / explanations,
      true: is / explanations,
    })),
  };
}

const patterns: Record<string, ReturnType<typeof measured>> = {};
const unknown = { seen: 0, left: 0 };
for (const [skill, all] of Object.entries(PATTERNS)) {
  const first = all[0];
  if (first === undefined) throw new Error(`${skill} has no patterns`);
  const problems = problemsOf(skillOf(first), TRIGGERED * 40, SEED);
  for (const pattern of all) {
    const found = measured(pattern, problems);
    patterns[pattern.id] = found;
    const text = [found.first, found.itself, found.three, found.sheets ?? Number.NaN].map(
      (share) => `${Math.round(share * 100)} %`,
    );
    console.log(
      pattern.id.padEnd(34),
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
  const more = unexplained(problems.slice(0, TRIGGERED * 4));
  unknown.seen += more.seen;
  unknown.left += more.left;
}
console.log(`${unknown.left} of ${unknown.seen} random answers left unexplained`);
const calibrated = calibration(Object.values(PATTERNS).flatMap(([first]) => (first ? [skillOf(first)] : [])));
for (const { explanations, said, true: is } of calibrated.bins)
  console.log(`said ${said.toFixed(2)}, true ${is.toFixed(2)}, of ${explanations}`);
console.log(
  `a slip among few answers at most ${calibrated.slipInSmall.toFixed(2)}, anything ${calibrated.sureInSmall.toFixed(2)}`,
);
const unknownKnown = measureUnknown(LEFT_OUT);
console.log("Each pattern left out of the catalogue in turn: a wrong account called likely, very likely");
console.table(unknownKnown.leftOut);
console.log("Answers a digit or a place away from the right one, made by no pattern");
console.table(unknownKnown.near);
const rounded = (_: string, value: unknown): unknown =>
  typeof value === "number" ? Math.round(value * 10_000) / 10_000 : value;
const found = {
  triggered: TRIGGERED,
  sheet: SHEET,
  noise: NOISE,
  unknown,
  calibrated,
  ...unknownKnown,
  patterns,
};
writeMeasured("patterns", JSON.parse(JSON.stringify(found, rounded)));
