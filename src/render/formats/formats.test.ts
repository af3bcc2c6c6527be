import fc from "fast-check";
import { XMLParser, XMLValidator } from "fast-xml-parser";
import { strFromU8, unzipSync } from "fflate";
import katex from "katex";
import { describe, expect, it } from "vitest";
import { choicesOf, type HouseRules, PRESETS } from "@/core/house";
import { workingOf } from "@/core/methods";
import { readProblem, writeAnswer, writeProblem } from "@/core/problem";
import { drawRecipe, SKILLS } from "@/core/sheets";
import { HOSTILE_TEXTS } from "@/core/testing/hostileTexts";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { readSheetFile, SHEET_FORMATS, type SheetOut } from ".";
import { sheetCsv, sheetJson, sheetLatex, sheetMarkdown } from "./plainSheets";
import { qtiFiles, sheetQti } from "./qti";

const POINT = PRESETS.fillersTrueValue;
const COMMA: HouseRules = { ...PRESETS.gapsShort, decimalMark: "comma", currency: "EUR" };

const anySheet = fc
  .record({
    skill: fc.constantFrom(...SKILLS.map(({ id }) => id)),
    house: fc.constantFrom(POINT, COMMA),
    seed: fc.integer({ min: 1, max: 300 }),
    name: fc.constantFrom("Cables", `Spokes, "thick" & <thin>`, "100% of $7_5 {x} ~ \\", "Ähren"),
  })
  .map(({ skill, house, seed, name }): SheetOut => {
    const drawn = drawRecipe({ skills: [skill], count: 6, never: [], least: [] }, house, seed);
    return { name, house, rows: drawn.ok ? drawn.value : [] };
  });

const problemsOf = ({ rows, house }: SheetOut): readonly string[] =>
  rows.map(({ working }) => writeProblem(working.problem, house));
const answersOf = ({ rows, house }: SheetOut): readonly string[] =>
  rows.map(({ working }) => writeAnswer(working.answer, house));

describe("a sheet in a file", () => {
  it("comes back from JSON and CSV as it went out", () => {
    fc.assert(
      fc.property(anySheet, (sheet) => {
        const json = readSheetFile(sheetJson(sheet));
        const csv = readSheetFile(`\uFEFF${sheetCsv(sheet).replaceAll("\n", "\r\n")}`);
        const rows = sheet.rows.map(({ skill, notch }, nth) => ({
          problem: problemsOf(sheet)[nth],
          skill,
          notch: (notch ?? 0) + 1,
        }));
        expect(json).toEqual({
          ok: true,
          value: { name: sheet.name.trim(), house: choicesOf(sheet.house), rows },
        });
        expect(csv).toEqual({ ok: true, value: { name: undefined, house: undefined, rows } });
      }),
      { numRuns: 60 },
    );
  });

  it.each(HOSTILE_TEXTS)("is none but itself with %j in its name, its story and its answer", (text) => {
    const house = PRESETS.fillersTrueValue;
    const working = workingOf(valueOfResult(readProblem("2 + 3", house), "the problem reads"), house);
    const sheet: SheetOut = {
      name: text,
      house,
      rows: [1, 2].map(() => ({ working, story: { text, answer: text } })),
    };
    for (const file of Object.values(qtiFiles(sheet))) expect(XMLValidator.validate(file)).toBe(true);
    const latex = sheetLatex(sheet).split("\n");
    expect(latex.slice(0, -1)).not.toContain("");
    expect(latex.filter((line) => line.startsWith("  \\item"))).toHaveLength(4);
    expect(latex.join(" ").match(/\\(?:input|end\{document\})/g)).toEqual(["\\end{document}"]);
    const [head, blank, ...rest] = sheetMarkdown(sheet).split("\n");
    expect([head?.startsWith("# "), blank]).toEqual([true, ""]);
    expect(rest.slice(0, 2).map((line) => line.slice(0, 3))).toEqual(["1. ", "2. "]);
    // What stands in an item is text: nothing that opens a link, a picture, a tag or a list of its own.
    for (const line of [head, ...rest.slice(0, 2)]) {
      const item = line?.replace(/^(?:# |\d\. )/, "") ?? "";
      expect(item).not.toMatch(/(?<!\\)(?:[[<`*_]|:\/\/)/);
      expect(item).not.toMatch(/^(?:[-+#]|\d+[.)])\s/);
    }
    const cells = sheetCsv(sheet)
      .split("\n")
      .slice(1)
      .flatMap((line) => line.split(","));
    for (const cell of cells) expect(cell).not.toMatch(/^"?[=+@\t\r]/);
  });

  it("has its stories, and the whole number that answers one whose quotient is rounded, in every format", () => {
    const house = PRESETS.fillersTrueValue;
    const problem = valueOfResult(readProblem("41 ÷ 5 with remainder", house), "the problem reads");
    const story = {
      text: "41 bells are packed, 5 to a box. How many boxes?",
      answer: "9 boxes.",
      whole: "9",
    };
    const sheet: SheetOut = {
      name: "Boxes",
      house,
      rows: [{ working: workingOf(problem, house), story }],
    };
    const row = { problem: "41 ÷ 5 with remainder", story: story.text, sentence: story.answer, whole: "9" };
    for (const text of [sheetJson(sheet), sheetCsv(sheet)]) {
      const read = readSheetFile(text);
      expect(read.ok && read.value.rows).toEqual([expect.objectContaining(row)]);
      expect(text).toContain("9");
      expect(text).not.toContain("8 r 1");
    }
    expect(Object.values(qtiFiles(sheet)).join()).toContain("<value>9</value>");
    expect(sheetMarkdown(sheet)).toContain("9 boxes.");
    expect(sheetLatex(sheet)).toContain("$9$");
  });

  it("computes nothing in a spreadsheet, and comes back from CSV as it was", () => {
    const house = PRESETS.fillersTrueValue;
    for (const text of ["=HYPERLINK(1)", "+1 bell", "-2 bells", "@now", "'=already", "''-twice", "'s bell"]) {
      const problem = valueOfResult(readProblem("4 + 5", house), "the problem reads");
      const story = { text, answer: text, whole: undefined };
      const csv = sheetCsv({ name: "Bells", house, rows: [{ working: workingOf(problem, house), story }] });
      expect(csv).not.toMatch(/(^|[,"\n])[=+\-@]/m);
      const read = readSheetFile(csv);
      expect(read.ok && read.value.rows).toEqual([
        expect.objectContaining({ problem: "4 + 5", story: text, sentence: text }),
      ]);
    }
  });

  it("is taken whole or not at all, and what is wrong is said with its place", () => {
    const said = (text: string): string => {
      const read = readSheetFile(text);
      return read.ok ? "taken" : read.error;
    };
    expect(said("problem\n53.2 - 17.8\n2/3 + 1/4\n")).toBe("taken");
    expect(said("Problem;Answer\n53,2 - 17,8;35,4\n")).toBe("taken");
    expect(said("problem,notch\n4 + 5,1\n6 + 7,nine\n")).toContain("Row 3");
    expect(said("problem,answer\n,7\n")).toContain("Row 2");
    expect(said("task\n4 + 5\n")).toContain("“problem”");
    expect(said("")).toContain("“problem”");
    expect(said('problem\n"4 + 5\n')).toContain("quotation mark");
    expect(said(`problem\n${"4 + 5\n".repeat(201)}`)).toContain("at most 200");
    expect(said('{"format":"right-sum-sheet","version":1')).toContain("cut off");
    expect(said('{"format":"something"}')).toContain("no sheet");
    const newer = sheetJson({ name: "Cables", house: POINT, rows: [] }).replace(
      '"version": 1',
      '"version": 2',
    );
    expect(said(newer)).toContain("newer");
    expect(said("{".repeat(5000))).toContain("JSON");
  });

  it("has its problems and answers in their order in Markdown, and LaTeX that renders", () => {
    fc.assert(
      fc.property(anySheet, (sheet) => {
        const listed = sheetMarkdown(sheet)
          .split("\n")
          .filter((line) => /^\d+\. /.test(line))
          .map((line) => line.replace(/^\d+\. /, "").replaceAll("\\", ""));
        expect(listed).toEqual([...problemsOf(sheet), ...answersOf(sheet)]);
        const latex = sheetLatex(sheet);
        const items = [...latex.matchAll(/\\item \$(.*)\$$/gm)].map(([, item = ""]) => item);
        expect(items).toHaveLength(2 * sheet.rows.length);
        for (const item of items) {
          const html = katex.renderToString(item, { throwOnError: true, strict: "ignore" });
          expect(html).toContain("katex");
        }
      }),
      { numRuns: 60 },
    );
  });

  it("is a QTI package: every file well formed, every reference to something that is there, problems and answers as on the sheet", () => {
    const parser = new XMLParser({
      ignoreAttributes: false,
      attributeNamePrefix: "@",
      parseTagValue: false,
      parseAttributeValue: false,
      isArray: (name) => ["resource", "dependency", "assessmentItemRef"].includes(name),
    });
    fc.assert(
      fc.property(anySheet, (sheet) => {
        const unzipped = unzipSync(sheetQti(sheet));
        const files = Object.fromEntries(
          Object.entries(unzipped).map(([name, bytes]) => [name, strFromU8(bytes)]),
        );
        expect(files).toEqual(qtiFiles(sheet));
        for (const text of Object.values(files)) expect(XMLValidator.validate(text)).toBe(true);
        const { manifest } = parser.parse(files["imsmanifest.xml"] ?? "");
        const resources: readonly Record<string, string>[] = manifest.resources.resource;
        const ids = resources.map((one) => one["@identifier"]);
        expect(new Set(ids).size).toBe(ids.length);
        for (const one of resources) expect(Object.keys(files)).toContain(one["@href"]);
        expect(resources.length).toBe(sheet.rows.length + 1);
        const { assessmentTest } = parser.parse(files["test.xml"] ?? "");
        expect(assessmentTest["@title"]).toBe(sheet.name);
        const refs: readonly Record<string, string>[] =
          assessmentTest.testPart.assessmentSection.assessmentItemRef ?? [];
        const items = refs.map((ref) => {
          expect(ids).toContain(ref["@identifier"]);
          return parser.parse(files[ref["@href"] ?? ""] ?? "").assessmentItem;
        });
        expect(items.map(({ itemBody }) => itemBody.p)).toEqual(problemsOf(sheet));
        for (const [nth, item] of items.entries()) {
          const { responseDeclaration: response, itemBody } = item;
          expect(response.correctResponse.value).toBe(answersOf(sheet)[nth]);
          expect(response.mapping.mapEntry["@mapKey"]).toBe(answersOf(sheet)[nth]);
          expect(itemBody.div.textEntryInteraction["@responseIdentifier"]).toBe(response["@identifier"]);
        }
      }),
      { numRuns: 40 },
    );
  });

  it.each(SHEET_FORMATS)(
    "goes out as $id with every number of its problems and answers, in their order",
    (format) => {
      const skill = ["subtract-one-exchange"] as const;
      const rows = valueOfResult(
        drawRecipe({ skills: skill, count: 5, never: [], least: [] }, POINT, 1),
        "a sheet is drawn",
      );
      const sheet: SheetOut = { name: "Cables", house: POINT, rows };
      const file = format.write(sheet);
      // A package is its items one after another, in the order of its test.
      const texts =
        typeof file === "string"
          ? [file]
          : Object.entries(unzipSync(file))
              .filter(([name]) => name.includes("item"))
              .sort(([one], [other]) => one.localeCompare(other, "en", { numeric: true }))
              .map(([, bytes]) => strFromU8(bytes));
      const numbers = (lines: readonly string[]): readonly string[] =>
        lines.flatMap((line) => line.match(/\d+/g) ?? []);
      for (const wanted of [problemsOf(sheet), answersOf(sheet)]) {
        let from = 0;
        const text = texts.join("\n");
        for (const number of numbers(wanted)) {
          const at = text.indexOf(number, from);
          expect([format.id, number, at >= from]).toEqual([format.id, number, true]);
          from = at + number.length;
        }
      }
      expect(new Set(SHEET_FORMATS.map(({ ending }) => ending)).size).toBe(SHEET_FORMATS.length);
    },
  );
});
