import { parseArgs } from "node:util";
import { boardAfter } from "@/core/board";
import type { Working } from "@/core/methods";
import { writeAnswer, writeProblem } from "@/core/problem";
import { answerInWords } from "@/core/wording";
import { textBoard } from "@/render/text";
import {
  type ExplainedJson,
  explainedRequested,
  explainRequested,
  methodsRequested,
  skillsListed,
  storiesListed,
  workJson,
  workLine,
  workRequested,
} from "@/service/requests";
import { drawnSheet, probe, stories, twin } from "./drawing";
import { choicesFrom, complaint, MISUSED, NOT_WORKED, type Options, type Terminal } from "./terminal";

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

/** Does what the parameters of a command ask for: its exit code. What it says goes to the terminal, line by line. */
export async function commandLine(parameters: readonly string[], terminal: Terminal): Promise<number> {
  const { print, complain } = terminal;
  const { command, line, given, options } = readCommand(parameters);
  if (command === "explain" && (given === undefined) === options.lines)
    return explain(line, given, options, terminal);
  if (command === "skills" && line === undefined) {
    for (const skill of skillsListed()) print(JSON.stringify(skill));
    return 0;
  }
  if (command === "stories" && line === undefined) {
    for (const kind of storiesListed()) print(JSON.stringify(kind));
    return 0;
  }
  if (command === "story" && line !== undefined && given === undefined)
    return stories(line, options, terminal);
  if (command === "sheet" && line !== undefined && given === undefined)
    return drawnSheet(line, options, terminal);
  if (command === "probe" && line !== undefined && given === undefined && !options.lines)
    return probe(line, options, terminal);
  if (command === "twin" && line !== undefined && given === undefined && !options.lines)
    return twin(line, options, terminal);
  if (command === "methods" && line !== undefined && given === undefined && !options.lines)
    return methods(line, options, terminal);
  if (command !== "work" || given !== undefined || (line === undefined) !== options.lines) {
    complain(USAGE);
    return MISUSED;
  }
  const asked = { method: options.method, house: choicesFrom(options.house ?? "") };
  if (line === undefined) {
    for await (const problem of terminal.lines()) {
      print(JSON.stringify(answerLine(problem, workRequested({ problem, ...asked }))));
    }
    return 0;
  }
  const working = workRequested({ problem: line, ...asked });
  if (options.json) {
    print(JSON.stringify(working.ok ? workJson(working.value) : { error: working.error }, null, 2));
  } else if (working.ok) print(sheet(working.value));
  else complain(complaint(line, working.error));
  return working.ok ? 0 : NOT_WORKED;
}

/** What may lie behind an answer, or behind each of a list. */
async function explain(
  line: string | undefined,
  given: string | undefined,
  options: Options,
  { print, complain, lines }: Terminal,
): Promise<number> {
  const house = choicesFrom(options.house ?? "");
  if (line === undefined || given === undefined) {
    for await (const row of lines()) {
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
  else complain(explained.error.message);
  return explained.ok ? 0 : NOT_WORKED;
}

/** The verdict, then each explanation: how likely it is, its patterns by id and by name; what helps, and what would tell two apart. */
function explainedText({ verdict, faults, wanted, explanations, separating, twin }: ExplainedJson): string {
  if (verdict === "right") return "right";
  const [first] = explanations;
  const called =
    verdict === "form" ? `right value, another form: ${faults.join("; ")}; wanted: ${wanted}` : "wrong";
  if (first === undefined) return verdict === "form" ? called : "wrong: no explanation found";
  return [
    called,
    ...explanations.map(
      ({ patterns, names, likely }) => `${likely}  ${patterns.join(" + ")}: ${names.join("; ")}`,
    ),
    ...first.helps.map((helps) => `What helps: ${helps}`),
    ...(twin === null
      ? []
      : [
          `To see whether it comes again, set ${twin.problem}: ${twin.answer === twin.right ? `${twin.right} is right` : `${twin.answer} would show it, ${twin.right} is right`}`,
        ]),
    ...(separating === null
      ? []
      : [
          `To tell the first two apart, set ${separating.problem}: ${separating.answers[0]} would speak for the first, ${separating.answers[1]} for the second`,
        ]),
  ].join("\n");
}

/** Every method that takes the problem, then the others with the reason. */
function methods(line: string, options: Options, { print, complain }: Terminal): number {
  const found = methodsRequested({ problem: line, house: choicesFrom(options.house ?? "") });
  if (!found.ok) {
    if (options.json) print(JSON.stringify({ error: found.error }, null, 2));
    else complain(complaint(line, found.error));
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

function readCommand(parameters: readonly string[]) {
  try {
    const { values, positionals } = parseArgs({
      // A space in front keeps such a line from being taken for options; it is taken off again below.
      args: parameters.map((argument) => (beginsWithMinus(argument) ? ` ${argument}` : argument)),
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
