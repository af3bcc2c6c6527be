import Papa from "papaparse";
import { z } from "zod";
import { choicesOf, type HouseChoices } from "@/core/house";
import { done, failed, type Result } from "@/core/result";
import { LONGEST_SHEET_NAME, MOST_KEPT_ROWS } from "@/core/sheets";
import { LONGEST_STORY } from "@/core/stories";
import { answerLatex, askedLatex } from "../formula";
import { FORMULA, plainField } from "./csvFields";
import { oneLine } from "./oneLine";
import { type FileRow, fileRows, type SheetOut } from "./sheetFile";

/** The one format of a sheet in JSON: `{"format", "version", "name", "house", "problems": […]}`. */
const SHEET_FORMAT = "right-sum-sheet";
const SHEET_VERSION = 1;

/** The longest text in a file: a line that is longer is none that reads. */
const LONGEST = 2000;

export const sheetJson = (sheet: SheetOut): string =>
  `${JSON.stringify(
    {
      format: SHEET_FORMAT,
      version: SHEET_VERSION,
      name: sheet.name,
      house: choicesOf(sheet.house),
      problems: fileRows(sheet),
    },
    null,
    2,
  )}\n`;

const COLUMNS = ["problem", "answer", "skill", "notch", "story", "sentence", "whole"] as const;

/** A row of CSV a problem, under a row of heads. */
export const sheetCsv = (sheet: SheetOut): string =>
  `${Papa.unparse({ fields: [...COLUMNS], data: fileRows(sheet).map((row) => COLUMNS.map((name) => row[name] ?? "")) }, { newline: "\n", escapeFormulae: FORMULA })}\n`;

/** A list to be read or turned into anything else: the problems, then the answers. */
export function sheetMarkdown(sheet: SheetOut): string {
  const rows = fileRows(sheet);
  const plain = (text: string): string =>
    oneLine(text)
      .replaceAll(/[\\*_<>|`#[\]!&]|:(?=\/\/)/g, (sign) => `\\${sign}`)
      // What would begin a list of its own.
      .replace(/^[-+](?=\s)/, (sign) => `\\${sign}`)
      .replace(/^(\d{1,9})([.)])(?=\s)/, "$1\\$2");
  return [
    `# ${plain(sheet.name)}`,
    "",
    ...rows.map(({ problem, story }, nth) => `${nth + 1}. ${plain(story ?? problem)}`),
    "",
    "## Answers",
    "",
    ...rows.map(({ problem, answer, sentence }, nth) =>
      sentence === undefined
        ? `${nth + 1}. ${plain(answer)}`
        : `${nth + 1}. ${plain(`${problem} = ${answer}`)}: ${plain(sentence)}`,
    ),
    "",
  ].join("\n");
}

const LATEX_SIGNS: Readonly<Record<string, string>> = {
  "\\": "\\textbackslash{}",
  "~": "\\textasciitilde{}",
  "^": "\\textasciicircum{}",
};

/** A document of LaTeX: the problems in two columns, and the answers on a page of their own. */
export function sheetLatex({ name, house, rows }: SheetOut): string {
  const plain = (text: string): string =>
    oneLine(text).replaceAll(/[\\~^$%&#_{}]/g, (sign) => LATEX_SIGNS[sign] ?? `\\${sign}`);
  const title = plain(name);
  const list = (items: readonly string[]): readonly string[] => [
    "\\begin{multicols}{2}",
    "\\begin{enumerate}",
    ...items.map((item) => `  \\item ${item}`),
    "\\end{enumerate}",
    "\\end{multicols}",
  ];
  return [
    "\\documentclass{article}",
    "\\usepackage[utf8]{inputenc}",
    "\\usepackage{amsmath,textcomp,multicol}",
    "\\setlength{\\parindent}{0pt}",
    "\\begin{document}",
    `\\section*{${title}}`,
    ...list(
      rows.map(({ working, story }) =>
        story === undefined ? `$${askedLatex(working.problem, house)}$` : plain(story.text),
      ),
    ),
    "\\newpage",
    `\\section*{${title}: answers}`,
    ...list(
      rows.map(({ working, story }) =>
        [
          `$${story?.whole ?? answerLatex(working.answer, house)}$`,
          ...(story === undefined ? [] : [plain(story.answer)]),
        ].join(" "),
      ),
    ),
    "\\end{document}",
    "",
  ].join("\n");
}

/** A sheet as a file brings it: nothing in it is worked yet. */
interface SheetIn {
  /** None where the file does not say. */
  readonly name: string | undefined;
  readonly house: HouseChoices | undefined;
  readonly rows: readonly Omit<FileRow, "answer">[];
}

const rowSchema = z.object({
  problem: z.string().trim().min(1).max(LONGEST),
  answer: z.string().max(LONGEST).optional(),
  skill: z.string().max(60).optional(),
  notch: z.number().int().min(1).max(4).optional(),
  story: z.string().min(1).max(LONGEST_STORY).optional(),
  sentence: z.string().max(LONGEST_STORY).optional(),
  whole: z
    .string()
    .regex(/^\d{1,9}$/)
    .optional(),
});

const documentSchema = z.object({
  format: z.literal(SHEET_FORMAT),
  version: z.number().int().min(1),
  name: z.string().trim().min(1).max(LONGEST_SHEET_NAME),
  house: z.record(z.string().max(40), z.string().max(300)),
  problems: z.array(rowSchema).max(MOST_KEPT_ROWS),
});

/** Reads a sheet from a file of JSON or CSV: whole, or not at all and why. */
export function readSheetFile(text: string): Result<SheetIn, string> {
  return text.trimStart().startsWith("{") ? readJson(text) : readCsv(text);
}

function readJson(text: string): Result<SheetIn, string> {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return failed("The file begins like JSON, but is none: it may be cut off.");
  }
  const document = documentSchema.safeParse(parsed);
  if (!document.success) {
    const [issue] = document.error.issues;
    return failed(
      `The file is no sheet of Right Sum: something is wrong at ${issue?.path.join(".") || "its start"}.`,
    );
  }
  const { version, name, house, problems } = document.data;
  if (version > SHEET_VERSION) return failed("The sheet was written by a newer Right Sum. Install that one.");
  return done({ name, house, rows: problems.map(({ answer: _, ...row }) => row) });
}

function readCsv(text: string): Result<SheetIn, string> {
  const { data, errors } = Papa.parse<readonly string[]>(text.replace(/^\uFEFF/, "").trim(), {
    skipEmptyLines: "greedy",
  });
  const broken = errors.find(({ type }) => type === "Quotes");
  if (broken !== undefined)
    return failed(`Row ${(broken.row ?? 0) + 1} has a quotation mark that is not closed.`);
  const [heads = [], ...rows] = data;
  const named = heads.map((head) => head.trim().toLowerCase());
  const at = (name: string): number => named.indexOf(name);
  if (at("problem") < 0) return failed("The first row has to name the columns, and one of them “problem”.");
  if (rows.length > MOST_KEPT_ROWS)
    return failed(`A sheet has at most ${MOST_KEPT_ROWS} problems; the file has ${rows.length}.`);
  const read: Omit<FileRow, "answer">[] = [];
  for (const [nth, cells] of rows.entries()) {
    const cell = (name: string): string | undefined => plainField(cells[at(name)]) || undefined;
    const notch = cell("notch");
    const row = rowSchema.safeParse({
      problem: cell("problem"),
      skill: cell("skill"),
      story: cell("story"),
      sentence: cell("sentence"),
      whole: cell("whole"),
      ...(notch === undefined ? {} : { notch: Number(notch) }),
    });
    if (!row.success)
      return failed(
        `Row ${nth + 2} does not fit: something is wrong in its column “${String(row.error.issues[0]?.path[0])}”.`,
      );
    read.push(row.data);
  }
  return done({ name: undefined, house: undefined, rows: read });
}
