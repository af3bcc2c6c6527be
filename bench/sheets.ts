import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { featuresOf, TRAITS, traitCounts } from "../src/core/features";
import { PRESETS } from "../src/core/house";
import { workingOf } from "../src/core/methods";
import {
  type Account,
  accountsIn,
  answerKeyOf,
  type Candidate,
  fewestByEntropy,
  groupsOf,
  poolOf,
  probeOf,
  probingAfter,
  type Reply,
  skillsOf,
} from "../src/core/probes";
import { updated } from "../src/core/probes/belief";
import { drawRecipe, drawSheet, type Recipe, SKILLS, STRANDS, twinOf } from "../src/core/sheets";
import { evenChances } from "../src/core/testing/learners";
import { openDatabase } from "../src/data/database";
import { keepSheet, listKeptSheets } from "../src/data/sheets/keptSheets";
import { sheetPdf } from "../src/render/pdf";
import { PLAIN_PRINTING } from "../src/render/print";
import { writeMeasured } from "./measured";
import { measureStories } from "./stories";

/**
 * How long sheets, twins, probes and their PDFs take, and how well probes name what simulated learners have: with one
 * answer in ten careless, beside problems at random, the entropy bound, and on small pools the best there could be.
 * Then how stories and the shop do. What it measured is in docs/sheets.md.
 */
const house = PRESETS.fillersTrueValue;
const CARELESS = 0.1;
const LEARNERS = 20;

const timed = async <Value>(act: () => Value | Promise<Value>): Promise<readonly [Value, number]> => {
  const from = performance.now();
  const value = await act();
  return [value, performance.now() - from];
};
const share = (times: readonly number[], part: number): number =>
  Math.round(([...times].sort((a, b) => a - b)[Math.floor((times.length - 1) * part)] ?? 0) * 10) / 10;
const figures = (times: readonly number[]) => ({
  p50: share(times, 0.5),
  p95: share(times, 0.95),
  most: share(times, 1),
});

/** Recipes of 30 with a wish that can be met: one trait that shows on some of a plain sheet is wanted in half, or never. */
function wishes(): readonly Recipe[] {
  return SKILLS.flatMap(({ id }): readonly Recipe[] => {
    const plain: Recipe = { skills: [id], count: 30, never: [], least: [] };
    const drawn = drawRecipe(plain, house, 9);
    if (!drawn.ok) return [];
    const counts = drawn.value.map(({ working }) => traitCounts(featuresOf(working)));
    const some = TRAITS.find(({ id: trait }) => {
      const times = counts.filter((one) => one[trait]).length;
      return times > 4 && times < 26;
    });
    return some === undefined
      ? [plain]
      : [plain, { ...plain, never: [some.id] }, { ...plain, least: [{ trait: some.id, problems: 15 }] }];
  });
}

async function speed() {
  const recipes = wishes();
  const sheets: number[] = [];
  let refused = 0;
  for (const [nth, recipe] of recipes.entries()) {
    const [drawn, ms] = await timed(() => drawRecipe(recipe, house, 100 + nth));
    if (!drawn.ok) refused += 1;
    sheets.push(ms);
  }
  const thousands: number[] = [];
  for (const { climb } of SKILLS.filter((_, nth) => nth % 6 === 0)) {
    const [, ms] = await timed(() => drawSheet(climb, 1000, house, 3));
    thousands.push(ms);
  }
  const problems = SKILLS.flatMap(({ climb }) => {
    const drawn = drawSheet(climb, 6, house, 4);
    return drawn.ok ? drawn.value.map(({ problem }) => problem) : [];
  });
  const [twins, workings]: [number[], number[]] = [[], []];
  for (const [nth, problem] of problems.entries()) {
    twins.push((await timed(() => twinOf(problem, house, nth)))[1]);
    workings.push((await timed(() => workingOf(problem, house)))[1]);
  }
  const pdf: { ms: number; kB: number }[] = [];
  for (const id of ["subtract-ragged-decimals", "divide-by-two-digits", "subtract-mixed", "times-units"]) {
    const climb = SKILLS.find((one) => one.id === id)?.climb;
    const drawn = climb && drawSheet(climb, 30, house, 5);
    if (!drawn?.ok) continue;
    const sheet = { title: id, code: "K7M3PQ", house, workings: drawn.value.map(({ working }) => working) };
    const [made, ms] = await timed(() =>
      sheetPdf(sheet, { ...PLAIN_PRINTING, key: "workings", tearOff: true }),
    );
    if (made.ok) pdf.push({ ms: Math.round(ms), kB: Math.round(made.value.length / 1000) });
  }
  const within = sheets.filter((ms) => ms <= 100).length / sheets.length;
  return {
    sheetOf30: {
      recipes: recipes.length,
      refused,
      within100ms: Math.round(1000 * within) / 1000,
      ...figures(sheets),
    },
    thousandProblems: figures(thousands),
    twin: figures(twins),
    workingBeside: figures(workings),
    pdfOf30WithWorkings: pdf,
    listOf2000: await listing(),
  };
}

/** The list of kept sheets with two thousand of them, and a search in it. */
async function listing() {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-bench-sheets-"));
  const data = openDatabase(folder);
  let nth = 0;
  const chance = evenChances(3);
  const rows = Array.from({ length: 12 }, (_, at) => ({
    problem: `5${at}.2 − 17.8`,
    skill: "subtract-ragged-decimals",
    notch: 1,
  }));
  for (; nth < 2000; nth++)
    keepSheet(
      data,
      `benchsheet${String(nth).padStart(6, "0")}`,
      { name: `Sheet ${nth}`, house, rows, drawing: 1, seed: 1 },
      { saw: 0 },
      new Date(1.7e12 + nth),
      chance,
    );
  const list = async (search: string): Promise<number> =>
    (await timed(() => listKeptSheets(data, { search, archived: false, most: 2000 })))[1];
  const times = { all: await list(""), searched: await list("Sheet 1999") };
  data.$client.close();
  fs.rmSync(folder, { recursive: true, force: true });
  return { all: Math.round(times.all), searched: Math.round(times.searched) };
}

/** A learner with an account, careless now and then: right by chance, or wrong anywhere. */
const learnerWith =
  (account: Account, careless: number, chance: () => number) =>
  (candidate: Candidate): string => {
    if (chance() >= careless) return answerKeyOf(candidate, account);
    return chance() < 0.5 ? candidate.rightKey : "elsewhere";
  };

async function probes() {
  const found = [];
  for (const strand of STRANDS) {
    const [pool, drawing] = await timed(() => poolOf(skillsOf(strand), house, 3));
    const belief = accountsIn(pool);
    const [probe, choosing] = await timed(() => probeOf(pool, belief, 8, true));
    const alike = groupsOf(probe.problems, belief);
    const chance = evenChances(7);
    let [named, random, all, asked, hit, steady] = [0, 0, 0, 0, 0, 0];
    const steps: number[] = [];
    const adaptive = async (account: Account, careless: number): Promise<readonly [number, boolean]> => {
      const answer = learnerWith(account, careless, chance);
      const replies: Reply[] = [];
      for (;;) {
        const [now, ms] = await timed(() => probingAfter(pool, belief, replies));
        steps.push(ms);
        if (now.kind === "ended") return [replies.length, now.accounts.includes(account)];
        replies.push({ candidate: now.candidate, given: answer(now.candidate) });
      }
    };
    for (const account of belief.keys())
      for (let times = 0; times < LEARNERS; times++) {
        const answer = learnerWith(account, CARELESS, chance);
        const finds = (problems: readonly Candidate[]): boolean => {
          const after = problems.reduce((now, one) => updated(now, one, answer(one)), belief);
          const [best] = [...after].reduce((most, one) => (one[1] > most[1] ? one : most));
          return alike.some((group) => group.includes(best) && group.includes(account));
        };
        all += 1;
        if (finds(probe.problems)) named += 1;
        const drawn = probe.problems.flatMap(() => pool[Math.floor(chance() * pool.length)] ?? []);
        if (finds(drawn)) random += 1;
        const [problems, right] = await adaptive(account, CARELESS);
        asked += problems;
        if (right) hit += 1;
        steady += (await adaptive(account, 0))[0];
      }
    const round = (value: number): number => Math.round(value * 1000) / 1000;
    found.push({
      strand,
      pool: pool.length,
      accounts: belief.size,
      drawingMs: Math.round(drawing),
      choosingMs: Math.round(choosing),
      stepMs: share(steps, 0.95),
      namedOfEight: round(named / all),
      atRandom: round(random / all),
      adaptiveProblems: round(asked / all),
      adaptiveNamed: round(hit / all),
      withoutSlips: round(steady / all),
      entropyBound: round(fewestByEntropy(pool, belief)),
      best: bestOfSmallPools(pool, belief),
    });
  }
  return found;
}

/** How much of what the best three of ten problems tell apart the chosen three do, on small pools: 1 where they are as good. */
function bestOfSmallPools(pool: readonly Candidate[], belief: ReadonlyMap<Account, number>): number {
  const chance = evenChances(13);
  const told = (problems: readonly Candidate[]): number => {
    const groups = groupsOf(problems, belief);
    const weight = (group: readonly Account[]): number =>
      group.reduce((sum, one) => sum + (belief.get(one) ?? 0), 0);
    return 1 - groups.reduce((sum, group) => sum + weight(group) ** 2, 0);
  };
  let sum = 0;
  const ROUNDS = 20;
  for (let round = 0; round < ROUNDS; round++) {
    const small = Array.from({ length: 10 }, () => pool[Math.floor(chance() * pool.length)]).filter(
      (one) => one !== undefined,
    );
    let best = 0;
    for (const [a, one] of small.entries())
      for (const [b, two] of small.entries())
        for (const three of b > a ? small.slice(b + 1) : []) best = Math.max(best, told([one, two, three]));
    sum += best === 0 ? 1 : told(probeOf(small, belief, 3, true).problems) / best;
  }
  return Math.round((1000 * sum) / ROUNDS) / 1000;
}

const results = { speed: await speed(), probes: await probes(), stories: await measureStories() };
console.log(JSON.stringify(results.speed, null, 2));
console.table(results.probes);
console.log(JSON.stringify(results.stories, null, 2));
writeMeasured("sheets", results);
process.exit(0);
