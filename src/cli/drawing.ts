import fs from "node:fs";
import { MOST_ON_SHEET } from "@/core/sheets";
import { NO_LETTERS, SKILL_NAMES } from "@/core/wording";
import { printingFrom } from "@/render/print";
import {
  drawnFor,
  MOST_PROBED,
  MOST_TWINS,
  probeRequested,
  sheetLines,
  sheetRequested,
  storiesRequested,
  twinsRequested,
} from "@/service/requests";
import {
  choicesFrom,
  complaint,
  countAndSeed,
  MISUSED,
  NOT_WORKED,
  type Options,
  type Terminal,
  wholeTyped,
} from "./terminal";

/** The commands that draw: twins, sheets, probes, stories. */

const NO_SUCH_PRINTING = "A sheet can’t be printed like that: see docs/sheets.md for what --print takes.";

/** Other problems with the same features and the same size of work, a line each. */
export function twin(line: string, options: Options, terminal: Terminal): number {
  const { print, complain } = terminal;
  const asked = countAndSeed(options, 1, MOST_TWINS, terminal);
  if (asked === undefined) return MISUSED;
  const { count, seed } = asked;
  const drawn = twinsRequested({ problem: line, house: choicesFrom(options.house ?? ""), count, seed });
  if (options.json) print(JSON.stringify(drawn.ok ? drawn.value : { error: drawn.error }, null, 2));
  else if (drawn.ok) for (const one of drawn.value.twins) print(one);
  else complain(complaint(line, drawn.error));
  return drawn.ok ? 0 : NOT_WORKED;
}

const listed = (text: string | undefined): readonly string[] =>
  (text ?? "").split(",").filter((one) => one !== "");

/** A sheet from skills: problem, tab, answer a line; or all of it as JSON, a line of JSON each, or printed as a PDF. */
export async function drawnSheet(skill: string, options: Options, terminal: Terminal): Promise<number> {
  const { print, complain } = terminal;
  const asked = countAndSeed(options, 12, MOST_ON_SHEET, terminal);
  if (asked === undefined) return MISUSED;
  const { count, seed } = asked;
  const least = listed(options.least).map((wish) => {
    const [trait = "", problems] = wish.split(":");
    return { trait, problems: wholeTyped(problems, 1) };
  });
  const wished = least.flatMap(({ trait, problems }) => (problems ? [{ trait, problems }] : []));
  if (wished.length < least.length) {
    complain("--least takes traits with how many problems must have them: exchanges:4,acrossZeros:2");
    return MISUSED;
  }
  const request = {
    skill: listed(skill),
    count,
    seed,
    house: choicesFrom(options.house ?? ""),
    never: listed(options.never),
    least: wished,
  };
  if (options.pdf !== undefined) return printedSheet(request, options.pdf, options.print, terminal);
  if (options.lines) {
    const lines = sheetLines(request);
    if (lines.ok) for (const one of lines.value) print(JSON.stringify(one));
    else complain(lines.error.message);
    return lines.ok ? 0 : NOT_WORKED;
  }
  const sheetDrawn = sheetRequested(request);
  if (options.json)
    print(JSON.stringify(sheetDrawn.ok ? sheetDrawn.value : { error: sheetDrawn.error }, null, 2));
  else if (sheetDrawn.ok)
    for (const { problem, answer } of sheetDrawn.value.problems) print(`${problem}\t${answer}`);
  else complain(sheetDrawn.error.message);
  return sheetDrawn.ok ? 0 : NOT_WORKED;
}

/** A sheet and its key written to a file as a PDF. */
async function printedSheet(
  request: Parameters<typeof drawnFor>[0],
  file: string,
  how: string | undefined,
  { complain }: Terminal,
): Promise<number> {
  const printing = printingFrom(
    listed(how).map((setting) => {
      const [name = "", value = ""] = setting.split("=");
      return [name, value];
    }),
  );
  if (printing === undefined) {
    complain(NO_SUCH_PRINTING);
    return MISUSED;
  }
  const sheetDrawn = drawnFor(request);
  if (!sheetDrawn.ok) {
    complain(sheetDrawn.error.message);
    return NOT_WORKED;
  }
  const { house, drawn, recipe } = sheetDrawn.value;
  const title = recipe.skills.map((id) => SKILL_NAMES[id]).join(", ");
  const workings = drawn.map(({ working }) => working);
  const { sheetPdf } = await import("@/render/pdf");
  const pdf = await sheetPdf({ title, code: undefined, house, workings }, printing);
  if (!pdf.ok) {
    complain(NO_LETTERS(pdf.error.missing));
    return NOT_WORKED;
  }
  fs.writeFileSync(file, pdf.value);
  return 0;
}

/** A probe of a strand: each problem with its answer, then what each wrong answer would mean; then what it can't tell apart. */
export function probe(strand: string, options: Options, terminal: Terminal): number {
  const { print, complain } = terminal;
  const asked = countAndSeed(options, 0, MOST_PROBED, terminal);
  if (asked === undefined) return MISUSED;
  const { count, seed } = asked;
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
  } else complain(found.error.message);
  return found.ok ? 0 : NOT_WORKED;
}

/** Stories of a kind: text, question and answer; or all of each as JSON, or a line of JSON each. */
export function stories(kind: string, options: Options, terminal: Terminal): number {
  const { print, complain } = terminal;
  const asked = countAndSeed(options, 1, MOST_ON_SHEET, terminal);
  if (asked === undefined) return MISUSED;
  const { count, seed } = asked;
  const told = storiesRequested({ kind, count, seed, house: choicesFrom(options.house ?? "") });
  if (!told.ok) {
    if (options.json) print(JSON.stringify({ error: told.error }, null, 2));
    else complain(told.error.message);
    return NOT_WORKED;
  }
  if (options.json) print(JSON.stringify(told.value, null, 2));
  else if (options.lines) for (const one of told.value) print(JSON.stringify(one));
  else for (const { text, answer } of told.value) print(`${text}\n  ${answer}`);
  return 0;
}
