import fs from "node:fs";
import { createInterface } from "node:readline";
import { parseArgs } from "node:util";
import { boardAfter } from "@/core/board";
import type { HouseChoices } from "@/core/house";
import type { Working } from "@/core/methods";
import { writeAnswer, writeProblem } from "@/core/problem";
import { MOST_ON_SHEET } from "@/core/sheets";
import { answerInWords, NO_LETTERS, remedyWords, SKILL_NAMES } from "@/core/wording";
import {
  drawnFor,
  type ExplainedJson,
  explainedRequested,
  explainRequested,
  MOST_TWINS,
  methodsRequested,
  type ProgramError,
  probeRequested,
  sheetLines,
  sheetRequested,
  skillsListed,
  storiesListed,
  storiesRequested,
  twinsRequested,
  workJson,
  workLine,
  workRequested,
} from "@/render/json";
import { sheetPdf } from "@/render/pdf";
import { printingFrom } from "@/render/print";
import { textBoard } from "@/render/text";

const USAGE = `npm run -s core -- work "5 - 2.004" [--method ID] [--house CHOICES] [--json]
npm run -s core -- work --lines [--method ID] [--house CHOICES] < problems.txt
npm run -s core -- methods "5 - 2.004" [--house CHOICES] [--json]
npm run -s core -- skills    (a line of JSON each)
npm run -s core -- sheet SKILL[,SKILL] [--count 20] [--seed 7] [--never TRAITS] [--least TRAIT:4]
                   [--house CHOICES] [--json | --lines | --pdf FILE [--print PRINTING]]
npm run -s core -- probe STRAND [--count 8] [--seed 7] [--house CHOICES] [--json]
npm run -s core -- twin "53.2 - 17.8" [--count 5] [--seed 7] [--house CHOICES] [--json]
npm run -s core -- stories    (a line of JSON each)
npm run -s core -- story KIND [--seed 3] [--count 5] [--house CHOICES] [--json | --lines]
npm run -s core -- explain "12.03 - 4.578" "12.548" [--house CHOICES] [--json]
npm run -s core -- explain --lines [--house CHOICES] < answers.txt    (problem, tab, answer)

PRINTING is settings with commas between them, such as paper=letter,layout=lines,columns=3,key=workings,tearOff=1
CHOICES is a preset, or settings with commas between them: gapsShort, or preset=gapsShort,narration=placeValue`;

/** Exit codes: the problem could not be worked; the command could not be understood. */
const NOT_WORKED = 1;
const MISUSED = 2;

const print = (text: string): void => {
  process.stdout.write(`${text}\n`);
};

async function main(): Promise<number> {
  const { command, line, given, options } = readCommand();
  if (command === "explain" && (given === undefined) === options.lines) return explain(line, given, options);
  if (command === "skills" && line === undefined) {
    for (const skill of skillsListed()) print(JSON.stringify(skill));
    return 0;
  }
  if (command === "stories" && line === undefined) {
    for (const kind of storiesListed()) print(JSON.stringify(kind));
    return 0;
  }
  if (command === "story" && line !== undefined && given === undefined) return stories(line, options);
  if (command === "sheet" && line !== undefined && given === undefined) return drawnSheet(line, options);
  if (command === "probe" && line !== undefined && given === undefined && !options.lines)
    return probe(line, options);
  if (command === "twin" && line !== undefined && given === undefined && !options.lines)
    return twin(line, options);
  if (command === "methods" && line !== undefined && given === undefined && !options.lines)
    return methods(line, options);
  if (command !== "work" || given !== undefined || (line === undefined) !== options.lines) {
    console.error(USAGE);
    return MISUSED;
  }
  const asked = { method: options.method, house: choicesFrom(options.house ?? "") };
  if (line === undefined) {
    for await (const problem of createInterface({ input: process.stdin })) {
      print(JSON.stringify(answerLine(problem, workRequested({ problem, ...asked }))));
    }
    return 0;
  }
  const working = workRequested({ problem: line, ...asked });
  if (options.json) {
    print(JSON.stringify(working.ok ? workJson(working.value) : { error: working.error }, null, 2));
  } else if (working.ok) print(sheet(working.value));
  else console.error(complaint(line, working.error));
  return working.ok ? 0 : NOT_WORKED;
}

/** What may lie behind an answer, or behind each of a list. */
async function explain(
  line: string | undefined,
  given: string | undefined,
  options: { readonly house?: string | undefined; readonly json?: boolean },
): Promise<number> {
  const house = choicesFrom(options.house ?? "");
  if (line === undefined || given === undefined) {
    for await (const row of createInterface({ input: process.stdin })) {
      const [problem = "", answer = ""] = row.split("\t");
      const explained = explainRequested({ problem, given: answer, house });
      print(
        JSON.stringify(explained.ok ? explained.value : { problem, given: answer, error: explained.error }),
      );
    }
    return 0;
  }
  const explained = explainedRequested({ problem: line, given, house });
  if (options.json) {
    print(JSON.stringify(explained.ok ? explained.value : { error: explained.error }, null, 2));
  } else if (explained.ok) print(explainedText(explained.value));
  else console.error(explained.error.message);
  return explained.ok ? 0 : NOT_WORKED;
}

/** The verdict, then each explanation: how likely it is, its patterns by id and by name; what helps, and what would tell two apart. */
function explainedText({ verdict, faults, wanted, explanations, separating }: ExplainedJson): string {
  if (verdict === "right") return "right";
  if (verdict === "form") return `right value, another form: ${faults.join("; ")}; wanted: ${wanted}`;
  const [first] = explanations;
  if (first === undefined) return "wrong: no explanation found";
  return [
    "wrong",
    ...explanations.map(
      ({ patterns, names, likely }) => `${likely}  ${patterns.join(" + ")}: ${names.join("; ")}`,
    ),
    ...first.patterns.map((id) => `What helps: ${remedyWords(id)}`),
    ...(separating === null
      ? []
      : [
          `To tell the first two apart, set ${separating.problem}: ${separating.answers[0]} would speak for the first, ${separating.answers[1]} for the second`,
        ]),
  ].join("\n");
}

/** Other problems with the same features and the same size of work, a line each. */
function twin(
  line: string,
  options: {
    readonly house?: string | undefined;
    readonly json?: boolean;
    readonly count?: string | undefined;
    readonly seed?: string | undefined;
  },
): number {
  const [count, seed] = [wholeFrom(options.count, 1), wholeFrom(options.seed, 1)];
  if (count === undefined || seed === undefined || count < 1 || count > MOST_TWINS) {
    console.error(`--count is a whole number from 1 to ${MOST_TWINS}, --seed one from 0.`);
    return MISUSED;
  }
  const drawn = twinsRequested({ problem: line, house: choicesFrom(options.house ?? ""), count, seed });
  if (options.json) print(JSON.stringify(drawn.ok ? drawn.value : { error: drawn.error }, null, 2));
  else if (drawn.ok) for (const one of drawn.value.twins) print(one);
  else console.error(complaint(line, drawn.error));
  return drawn.ok ? 0 : NOT_WORKED;
}

interface SheetOptions {
  readonly house?: string | undefined;
  readonly json?: boolean;
  readonly lines: boolean;
  readonly count?: string | undefined;
  readonly seed?: string | undefined;
  readonly never?: string | undefined;
  readonly least?: string | undefined;
  readonly pdf?: string | undefined;
  readonly print?: string | undefined;
}

const listed = (text: string | undefined): readonly string[] =>
  (text ?? "").split(",").filter((one) => one !== "");

/** A sheet from skills: problem, tab, answer a line; or all of it as JSON, a line of JSON each, or printed as a PDF. */
async function drawnSheet(skill: string, options: SheetOptions): Promise<number> {
  const [count, seed] = [wholeFrom(options.count, 12), wholeFrom(options.seed, 1)];
  if (count === undefined || seed === undefined || count < 1 || count > MOST_ON_SHEET) {
    console.error(`--count is a whole number from 1 to ${MOST_ON_SHEET}, --seed one from 0.`);
    return MISUSED;
  }
  const request = {
    skill: listed(skill),
    count,
    seed,
    house: choicesFrom(options.house ?? ""),
    never: listed(options.never),
    least: listed(options.least).map((wish) => {
      const [trait = "", problems] = wish.split(":");
      return { trait, problems: wholeFrom(problems, 1) ?? 1 };
    }),
  };
  if (options.pdf !== undefined) return printedSheet(request, options.pdf, options.print);
  if (options.lines) {
    const lines = sheetLines(request);
    if (lines.ok) for (const one of lines.value) print(JSON.stringify(one));
    else console.error(lines.error.message);
    return lines.ok ? 0 : NOT_WORKED;
  }
  const sheetDrawn = sheetRequested(request);
  if (options.json)
    print(JSON.stringify(sheetDrawn.ok ? sheetDrawn.value : { error: sheetDrawn.error }, null, 2));
  else if (sheetDrawn.ok)
    for (const { problem, answer } of sheetDrawn.value.problems) print(`${problem}\t${answer}`);
  else console.error(sheetDrawn.error.message);
  return sheetDrawn.ok ? 0 : NOT_WORKED;
}

/** A sheet and its key written to a file as a PDF. */
async function printedSheet(
  request: Parameters<typeof drawnFor>[0],
  file: string,
  how: string | undefined,
): Promise<number> {
  const printing = printingFrom(
    listed(how).map((setting) => {
      const [name = "", value = ""] = setting.split("=");
      return [name, value];
    }),
  );
  if (printing === undefined) {
    console.error(USAGE);
    return MISUSED;
  }
  const sheetDrawn = drawnFor(request);
  if (!sheetDrawn.ok) {
    console.error(sheetDrawn.error.message);
    return NOT_WORKED;
  }
  const { house, drawn, recipe } = sheetDrawn.value;
  const title = recipe.skills.map((id) => SKILL_NAMES[id]).join(", ");
  const workings = drawn.map(({ working }) => working);
  const pdf = await sheetPdf({ title, code: undefined, house, workings }, printing);
  if (!pdf.ok) {
    console.error(NO_LETTERS(pdf.error.missing));
    return NOT_WORKED;
  }
  fs.writeFileSync(file, pdf.value);
  return 0;
}

/** A probe of a strand: each problem with its answer, then what each wrong answer would mean; then what it can't tell apart. */
function probe(
  strand: string,
  options: {
    readonly house?: string | undefined;
    readonly json?: boolean;
    readonly count?: string | undefined;
    readonly seed?: string | undefined;
  },
): number {
  const [count, seed] = [wholeFrom(options.count, 0), wholeFrom(options.seed, 1)];
  if (count === undefined || seed === undefined || count > MOST_PROBED) {
    console.error(`--count is a whole number from 1 to ${MOST_PROBED}, --seed one from 0.`);
    return MISUSED;
  }
  const house = choicesFrom(options.house ?? "");
  const found = probeRequested({ strand, house, seed, ...(count === 0 ? {} : { count }) });
  if (options.json) print(JSON.stringify(found.ok ? found.value : { error: found.error }, null, 2));
  else if (found.ok) {
    for (const { problem, answer, meanings } of found.value.problems) {
      print(`${problem}\t${answer}`);
      for (const meaning of meanings)
        print(`  ${meaning.answer}\t${meaning.accounts.map(({ id }) => id).join(" or ")}`);
    }
    for (const group of found.value.together)
      print(`not told apart: ${group.map(({ id }) => id).join(", ")}`);
  } else console.error(found.error.message);
  return found.ok ? 0 : NOT_WORKED;
}

/** Stories of a kind: text, question and answer; or all of each as JSON, or a line of JSON each. */
function stories(
  kind: string,
  options: {
    readonly house?: string | undefined;
    readonly json?: boolean;
    readonly lines: boolean;
    readonly count?: string | undefined;
    readonly seed?: string | undefined;
  },
): number {
  const [count, seed] = [wholeFrom(options.count, 1), wholeFrom(options.seed, 1)];
  if (count === undefined || seed === undefined || count < 1 || count > MOST_ON_SHEET) {
    console.error(`--count is a whole number from 1 to ${MOST_ON_SHEET}, --seed one from 0.`);
    return MISUSED;
  }
  const told = storiesRequested({ kind, count, seed, house: choicesFrom(options.house ?? "") });
  if (!told.ok) {
    if (options.json) print(JSON.stringify({ error: told.error }, null, 2));
    else console.error(told.error.message);
    return NOT_WORKED;
  }
  if (options.json) print(JSON.stringify(told.value, null, 2));
  else if (options.lines) for (const one of told.value) print(JSON.stringify(one));
  else for (const { text, question, answer } of told.value) print(`${text} ${question}\n  ${answer}`);
  return 0;
}

/** The most problems of a probe. */
const MOST_PROBED = 20;

/** A whole number as it is typed, or what stands for none; nothing where it is something else. */
const wholeFrom = (text: string | undefined, none: number): number | undefined =>
  text === undefined ? none : /^\d{1,9}$/.test(text) ? Number(text) : undefined;

/** Every method that takes the problem, then the others with the reason. */
function methods(
  line: string,
  options: { readonly house?: string | undefined; readonly json?: boolean },
): number {
  const found = methodsRequested({ problem: line, house: choicesFrom(options.house ?? "") });
  if (!found.ok) {
    if (options.json) print(JSON.stringify({ error: found.error }, null, 2));
    else console.error(complaint(line, found.error));
    return NOT_WORKED;
  }
  if (options.json) print(JSON.stringify({ problem: line, methods: found.value }, null, 2));
  else {
    for (const { method, takes, reason } of [...found.value].sort(
      (a, b) => Number(b.takes) - Number(a.takes),
    )) {
      print(takes ? method : `${method}: ${reason}`);
    }
  }
  return 0;
}

/** A line that begins with a minus, such as `-3 - 5`: no option here is written with one dash. */
const beginsWithMinus = (argument: string): boolean => /^-[^-]/.test(argument);

function readCommand() {
  try {
    const { values, positionals } = parseArgs({
      // A space in front keeps such a line from being taken for options; it is taken off again below.
      args: process.argv.slice(2).map((argument) => (beginsWithMinus(argument) ? ` ${argument}` : argument)),
      allowPositionals: true,
      options: {
        method: { type: "string" },
        house: { type: "string" },
        count: { type: "string" },
        seed: { type: "string" },
        never: { type: "string" },
        least: { type: "string" },
        pdf: { type: "string" },
        print: { type: "string" },
        json: { type: "boolean", default: false },
        lines: { type: "boolean", default: false },
      },
    });
    const [command, line, given, ...rest] = positionals.map((argument) => argument.replace(/^ (?=-)/, ""));
    return { command: rest.length === 0 ? command : undefined, line, given, options: values };
  } catch {
    return {
      command: undefined,
      line: undefined,
      given: undefined,
      options: { lines: false, json: false } as const,
    };
  }
}

/** `gapsShort`, or `narration=short,decimalMark=comma`, as house choices. */
const choicesFrom = (text: string): HouseChoices =>
  Object.fromEntries(
    text
      .split(",")
      .filter((part) => part !== "")
      .map((part) => {
        const [name = "", setting] = part.split("=");
        return setting === undefined ? ["preset", name] : [name, setting];
      }),
  );

const answerLine = (problem: string, working: ReturnType<typeof workRequested>) =>
  working.ok ? { problem, ...workLine(working.value) } : { problem, error: working.error };

/** The problem, its board when all is written, and the answer with its name. */
function sheet(working: Working): string {
  const { problem, house, answer, layout, steps } = working;
  return [
    writeProblem(problem, house),
    "",
    textBoard(boardAfter(layout, steps, steps.length), house),
    "",
    `${writeAnswer(answer, house)}: ${answerInWords(answer, house)}`,
  ].join("\n");
}

/** The line as typed, a caret under the place where reading stopped, and the sentence. */
const complaint = (line: string, { message, at }: ProgramError): string =>
  at === undefined || line.length > 200 ? message : `${line}\n${" ".repeat(at)}^\n${message}`;

process.exitCode = await main();
