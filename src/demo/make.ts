import { runOf } from "@/core/checks";
import { patternResults, patternsNamed, wrongWorking } from "@/core/errorPatterns";
import { choicesOf, PRESETS } from "@/core/house";
import { EVERY_METHOD, workingOf } from "@/core/methods";
import { readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { DRAWING_VERSION, drawRecipe } from "@/core/sheets";
import { keepBoard, pinBoard, renameBoard } from "@/data/boards";
import type { Data } from "@/data/data";
import { openDatabase } from "@/data/database";
import { addLearner } from "@/data/marking/learners";
import { applyActs, findSheet, openSheet } from "@/data/marking/markingSheets";
import { historyOf } from "@/data/marking/patternCounts";
import { keepCells } from "@/data/marking/squares";
import { keepSheet, noteGiven } from "@/data/sheets/keptSheets";
import { markAnswers } from "@/service/requests/marking/marking";
import { DEMO_BOARDS } from "./boards";
import { DEMO_DRAWN, DEMO_LEARNERS, DEMO_SHEETS } from "./sheets";

const HOUR = 60 * 60 * 1000;

/** Makes the demo database in a folder: the made-up boards, opened in the days before `now`. */
function makeDemo(folder: string, now: Date): void {
  const data = openDatabase(folder);
  for (const {
    id,
    problem: text,
    method,
    beside,
    preset,
    worked,
    guess,
    name,
    pinned,
    hoursAgo,
  } of DEMO_BOARDS) {
    const house = PRESETS[preset];
    const problem = readProblem(text, house);
    if (!problem.ok) throw new Error(`makeDemo: ${text} does not read`);
    const working = workingOf(problem.value, house, method);
    const step = Math.max(1, Math.round(worked * runOf(working, EVERY_METHOD).steps.length));
    const opened = new Date(now.getTime() - hoursAgo * HOUR);
    keepBoard(
      data,
      { id, problem: text, method: working.method, beside, house, step, guess },
      undefined,
      opened,
    );
    renameBoard(data, id, name);
    pinBoard(data, id, pinned);
  }
  for (const learner of DEMO_LEARNERS) addLearner(data, learner, now);
  for (const { id, name, skills, count, seed, given, hoursAgo } of DEMO_DRAWN) {
    const at = new Date(now.getTime() - hoursAgo * HOUR);
    const house = PRESETS.fillersTrueValue;
    const drawn = drawRecipe({ skills, count, never: [], least: [] }, house, seed);
    if (!drawn.ok) throw new Error(`makeDemo: nothing was drawn for ${name}`);
    const rows = drawn.value.map(({ problem, skill, notch }) => ({
      problem: writeProblem(problem, house),
      skill,
      notch,
    }));
    keepSheet(data, id, { name, house, rows, drawing: DRAWING_VERSION, seed }, { saw: 0 }, at, codeOf(seed));
    data.transaction((write) => noteGiven(write, id, given, at));
  }
  for (const sheet of DEMO_SHEETS)
    keepDemoSheet(data, sheet, new Date(now.getTime() - sheet.hoursAgo * HOUR));
}

/** Chances for the code of a sheet, the same ones whenever the demo is made. */
function codeOf(seed: number): () => number {
  let now = seed;
  return () => {
    now = (now * 37 + 11) % 101;
    return now / 101;
  };
}

/** A marked sheet: each answer what the learner's patterns lead to, or as it is given. */
function keepDemoSheet(data: Data, { id, problems, work }: (typeof DEMO_SHEETS)[number], marked: Date): void {
  const house = PRESETS.fillersTrueValue;
  data.transaction((write) => {
    openSheet(write, id, house, marked);
    const names = new Map<string, string>(DEMO_LEARNERS.map((learner) => [learner.id, learner.name]));
    applyActs(
      write,
      id,
      [
        ...problems.map((problem, row) => ({ kind: "addRow" as const, id: rowId(id, row), problem })),
        ...work.map(({ learner }) => ({
          kind: "addLearner" as const,
          id: learner,
          name: names.get(learner) ?? "",
        })),
      ],
      marked,
    );
    const sheet = findSheet(write, id);
    if (sheet === undefined) throw new Error("keepDemoSheet: the sheet was just made");
    problems.forEach((line, row) => {
      const problem = readProblem(line, house);
      if (!problem.ok) throw new Error(`keepDemoSheet: ${line} does not read`);
      const ways = patternResults(problem.value, house);
      for (const { learner, patterns, other } of work) {
        const led = wrongWorking(problem.value, house, patternsNamed(patterns) ?? [])?.answer ?? ways.right;
        const given = other[row] ?? writeAnswer(led, house);
        const histories = new Map([[learner, historyOf(write, learner)]]);
        const [mark] = markAnswers({
          house: choicesOf(house),
          answers: [{ problem: line, given, learner }],
          histories,
        });
        if (mark === undefined || mark.verdict === "unread")
          throw new Error(`keepDemoSheet: ${given} can't be read`);
        keepCells(write, sheet, [{ row: rowId(id, row), learner, saw: 0, given, mark }], marked);
      }
    });
  });
}

const rowId = (sheet: string, row: number): string => `${sheet}r${row}`;

const [folder] = process.argv.slice(2);
if (folder === undefined) throw new Error("Name the folder the demo database is to be made in.");
makeDemo(folder, new Date());
