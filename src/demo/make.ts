import { runOf } from "@/core/checks";
import { PRESETS } from "@/core/house";
import { EVERY_METHOD, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { keepBoard, pinBoard, renameBoard } from "@/data/boards";
import { openDatabase } from "@/data/database";
import { DEMO_BOARDS } from "./boards";

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
}

const [folder] = process.argv.slice(2);
if (folder === undefined) throw new Error("Name the folder the demo database is to be made in.");
makeDemo(folder, new Date());
