import { runOf } from "@/core/checks";
import { PRESETS } from "@/core/house";
import { readGiven } from "@/core/marking";
import { EVERY_METHOD, workingOf } from "@/core/methods";
import { readProblem, writeAnswer } from "@/core/problem";
import { markedAnswer, slippedWorking, slipsNamed, waysTaken, wrongWays } from "@/core/slips";
import { historyOf, keepAttempt } from "@/data/attempts";
import { keepBoard, pinBoard, renameBoard } from "@/data/boards";
import { type Data, openDatabase } from "@/data/database";
import { keepLearner } from "@/data/learners";
import { keepMarkingSheet } from "@/data/markingSheets";
import { DEMO_BOARDS } from "./boards";
import { DEMO_LEARNERS, DEMO_SHEETS } from "./sheets";

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
    keepBoard(data, { id, problem: text, method: working.method, beside, house, step, guess }, opened);
    renameBoard(data, id, name);
    pinBoard(data, id, pinned);
  }
  for (const learner of DEMO_LEARNERS) keepLearner(data, learner, now);
  for (const sheet of DEMO_SHEETS)
    keepDemoSheet(data, sheet, new Date(now.getTime() - sheet.hoursAgo * HOUR));
}

/** A marked sheet: each answer what the learner's slips lead to, or as it is given. */
function keepDemoSheet(data: Data, { id, problems, work }: (typeof DEMO_SHEETS)[number], marked: Date): void {
  const house = PRESETS.fillersTrueValue;
  keepMarkingSheet(data, { id, house, problems, learners: work.map(({ learner }) => learner) }, marked);
  problems.forEach((line, row) => {
    const problem = readProblem(line, house);
    if (!problem.ok) throw new Error(`keepDemoSheet: ${line} does not read`);
    const ways = wrongWays(problem.value, house);
    for (const { learner, slips, other } of work) {
      const led = slippedWorking(problem.value, house, slipsNamed(slips) ?? [])?.answer ?? ways.right;
      const typed = other[row] ?? writeAnswer(led, house);
      const given = readGiven(typed, problem.value, house);
      if (!given.ok) throw new Error(`keepDemoSheet: ${typed} can't be read`);
      const { verdict, explanations } = markedAnswer(ways, given.value, house, historyOf(data, learner));
      keepAttempt(
        data,
        {
          id: `${id.slice(0, 14)}r${row}${learner.slice(-4)}`,
          learnerId: learner,
          sheet: { id, row },
          problem: line,
          house,
          given: typed,
          verdict: verdict.kind,
          slips: explanations[0]?.slips ?? [],
          probability: explanations[0]?.probability,
          chosen: false,
          note: "",
          marks: undefined,
          hints: 0,
          estimate: "",
          seconds: undefined,
        },
        waysTaken(ways, given.value.answer),
        marked,
      );
    }
  });
}

const [folder] = process.argv.slice(2);
if (folder === undefined) throw new Error("Name the folder the demo database is to be made in.");
makeDemo(folder, new Date());
