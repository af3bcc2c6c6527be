import type { HouseRules } from "@/core/house";
import { cleanName, LONGEST_ANSWER, LONGEST_NAME, MOST_LEARNERS, MOST_ROWS } from "@/core/marking";
import { readProblem } from "@/core/problem";
import { readErrorWords } from "@/core/wording";
import { plainField } from "@/render/formats/csvFields";
import { fieldsOf, markedHeading, RIGHT_ANSWER } from "./columns";

/** A sheet as a file has it, and whatever of it would not come in as it stands. */
export interface FileSheet {
  readonly problems: readonly string[];
  readonly learners: readonly { readonly name: string; readonly answers: readonly string[] }[];
  readonly answers: number;
  /** What is changed on the way in: nothing of it is lost. */
  readonly changed: readonly string[];
  /** What would be left out. */
  readonly leftOut: readonly string[];
}

/** How much room is left on the sheet that a file is read into. */
interface Room {
  readonly rows: number;
  readonly learners: number;
}

const EMPTY_ROOM: Room = { rows: MOST_ROWS, learners: MOST_LEARNERS };
/** How many places are named before the rest is only counted. */
const NAMED = 5;

const some = (places: readonly string[]): string =>
  places.length <= NAMED
    ? places.join(", ")
    : `${places.slice(0, NAMED).join(", ")} and ${places.length - NAMED} more`;

/** "1 answer is", "3 answers are". */
const counted = (count: number, one: string, many: string): string =>
  count === 1 ? `1 ${one} is` : `${count} ${many} are`;

interface FileRow {
  /** The line of the file, from 1. */
  readonly line: number;
  readonly problem: string;
  readonly fields: readonly string[];
}

/**
 * Reads a sheet from CSV: its first column the problems, each other one a learner's answers under their name.
 * Tells beforehand whatever would be changed or left out; none where it holds no problem at all.
 */
export function sheetFromCsv(
  text: string,
  house: HouseRules,
  room: Room = EMPTY_ROOM,
): FileSheet | undefined {
  const { fields, faults } = fieldsOf(text.replace(/^\uFEFF/, ""), "");
  const [head = [], ...lines] = fields;
  const all = lines.map(
    (line, index): FileRow => ({ line: index + 2, problem: plainField(line[0]), fields: line }),
  );
  if (!all.some(({ problem }) => problem !== "")) return undefined;
  const changed: string[] = [];
  const leftOut: string[] = [];
  if (faults.length > 0)
    leftOut.push(
      `The file is no proper table at ${some(faults.map(({ line }) => `line ${line}`))}: look whether what is shown is whole.`,
    );

  const rows = rowsIn(all, house, room, leftOut);
  const learners = learnersIn(head, rows, all, room, changed, leftOut);
  const answers = learners.reduce((sum, one) => sum + one.answers.filter((given) => given !== "").length, 0);
  return { problems: rows.map(({ problem }) => problem), learners, answers, changed, leftOut };
}

/** The rows whose problems can be read, as many as there is room for. */
function rowsIn(
  all: readonly FileRow[],
  house: HouseRules,
  room: Room,
  leftOut: string[],
): readonly FileRow[] {
  const bare = all.filter(
    ({ problem, fields }) => problem === "" && fields.some((field) => field.trim() !== ""),
  );
  if (bare.length > 0)
    leftOut.push(
      `${counted(bare.length, "row", "rows")} without a problem: ${some(bare.map(({ line }) => `line ${line}`))}.`,
    );
  const readable: FileRow[] = [];
  for (const row of all) {
    if (row.problem === "") continue;
    const problem = readProblem(row.problem, house);
    if (problem.ok) readable.push(row);
    else
      leftOut.push(
        `Line ${row.line}, “${row.problem.slice(0, 60)}”: ${readErrorWords(problem.error, house)}`,
      );
  }
  if (readable.length > room.rows)
    leftOut.push(
      `${counted(readable.length - room.rows, "problem", "problems")} over the ${MOST_ROWS} that a sheet can have.`,
    );
  return readable.slice(0, room.rows);
}

/** The learners of the headings, each under a name of their own, as many as there is room for. */
function learnersIn(
  head: readonly string[],
  rows: readonly FileRow[],
  all: readonly FileRow[],
  room: Room,
  changed: string[],
  leftOut: string[],
): FileSheet["learners"] {
  const names = new Set<string>();
  const learners: { readonly name: string; readonly answers: readonly string[] }[] = [];
  const long: string[] = [];
  const width = Math.max(head.length, ...all.map(({ fields }) => fields.length));
  let over = 0;
  let before = "";
  for (let column = 1; column < width; column++) {
    const heading = plainField(head[column]);
    const filled = rows.filter(({ fields }) => (fields[column] ?? "").trim() !== "").length;
    // The columns that Right Sum itself adds are made anew, and hold nothing of a tutor's.
    if (column === 1 && heading === RIGHT_ANSWER) continue;
    if (before !== "" && heading === markedHeading(before)) continue;
    before = heading;
    const clean = cleanName(heading);
    if (clean === "" && filled === 0) continue;
    const wanted = clean === "" ? `Learner ${column}` : clean.slice(0, LONGEST_NAME).trim();
    if (clean === "") changed.push(`Column ${column + 1} has no name; it becomes “${wanted}”.`);
    else if (clean.length > LONGEST_NAME)
      changed.push(`The name “${clean.slice(0, 60)}…” is cut to “${wanted}”.`);
    const name = freeName(wanted, names);
    if (name !== wanted) changed.push(`“${wanted}” stands over two columns; the second becomes “${name}”.`);
    if (learners.length >= room.learners) {
      over++;
      continue;
    }
    names.add(name);
    const answers = rows.map(({ fields, line }) => {
      const given = plainField(fields[column]);
      if (given.length <= LONGEST_ANSWER) return given;
      long.push(`line ${line} of ${name}`);
      return "";
    });
    learners.push({ name, answers });
  }
  if (over > 0)
    leftOut.push(`${counted(over, "learner", "learners")} over the ${MOST_LEARNERS} that a sheet can have.`);
  if (long.length > 0)
    leftOut.push(
      `${counted(long.length, "answer", "answers")} longer than ${LONGEST_ANSWER} characters: ${some(long)}.`,
    );
  return learners;
}

/** A name that is not taken yet: "Sam 2" where there is a Sam. */
function freeName(wanted: string, taken: ReadonlySet<string>): string {
  let name = wanted;
  for (let nth = 2; taken.has(name); nth++) {
    const end = ` ${nth}`;
    name = wanted.slice(0, LONGEST_NAME - end.length) + end;
  }
  return name;
}
