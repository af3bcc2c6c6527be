// The parts of the docs that list what the code holds. `npm run docs` writes them; a test holds them against it.
import fs from "node:fs";
import { pathToFileURL } from "node:url";
import { TRAITS } from "@/core/features";
import { PRESET_NAMES, PRESETS, SWITCH_NAMES, SWITCHES } from "@/core/house";
import { INSTRUMENTS } from "@/core/shop";
import { MEASURES, STORY_KINDS, STORY_PATTERN_IDS } from "@/core/stories";
import {
  INSTRUMENT_NAMES,
  PRESET_WORDS,
  STOCK_HEADS,
  STORY_NAMES,
  STORY_PATTERN_WORDS,
  STRUCTURE_NAMES,
  SWITCH_WORDS,
  TOOL_NAMES,
  TRAIT_NAMES,
} from "@/core/wording";
import { tokensCss } from "@/service/tokens";
import { HOW_PLACE_KEYS, ON_RAIL } from "@/ui/places";
import { BOARD_KEYS } from "@/ui/shortcuts";
import { TASK_KEYS } from "@/ui/shortcuts/taskKeys";
import attack from "../bench/attack.json" with { type: "json" };
import hands from "../bench/hands.json" with { type: "json" };
import papers from "../bench/papers.json" with { type: "json" };
import penKeys from "../bench/pen-keys.json" with { type: "json" };
import sheets from "../bench/sheets.json" with { type: "json" };
import { BENCH_PARTS } from "./benchDocs";
import { COMMANDS } from "./commands";
import { code, table } from "./markdown";
import { methodSections } from "./methodDocs";
import { patternSections, patternSummary, unknownTable } from "./patternDocs";
import { TEST_PARTS } from "./testDocs";
import { verdictTable } from "./verdictDocs";

/** Each written part by its file and name. */
const PARTS: readonly { readonly file: string; readonly name: string; readonly text: () => string }[] = [
  ...Object.entries(TEST_PARTS).map(([name, text]) => ({ file: "docs/testing.md", name, text })),
  {
    file: "docs/security.md",
    name: "attack",
    text: () =>
      table(
        ["Part", "Tried", "Fell short", "Over a second"],
        attack.map(({ part, tried, fellShort, slow }) => [part, tried, fellShort, slow]),
      ),
  },
  {
    file: "README.md",
    name: "commands",
    text: () =>
      table(
        ["Command", "What it does"],
        COMMANDS.map(({ run, does }) => [code(run), does]),
      ),
  },
  {
    file: "README.md",
    name: "keys",
    text: () =>
      table(
        ["Key", "What it does"],
        BOARD_KEYS.map(({ shown, does }) => [code(shown), does]),
      ),
  },
  {
    file: "README.md",
    name: "place keys",
    text: () =>
      `From anywhere, the places: ${ON_RAIL.map(({ key, name }) => `${code(key)} ${name}`).join(", ")}; ${HOW_PLACE_KEYS}. ${code("?")} shows the keys of the place that is open.`,
  },
  {
    file: "README.md",
    name: "turn keys",
    text: () =>
      table(
        ["Key", "What it does"],
        TASK_KEYS.map(({ shown, does }) => [code(shown), does]),
      ),
  },
  {
    file: "docs/methods.md",
    name: "methods",
    text: methodSections,
  },
  {
    file: "docs/stories.md",
    name: "kinds",
    text: () =>
      table(
        ["Kind", "What it is", "Structure", "Operations"],
        STORY_KINDS.map(({ id, structure, steps }) => [
          code(id),
          STORY_NAMES[id],
          STRUCTURE_NAMES[structure],
          steps,
        ]),
      ),
  },
  {
    file: "docs/stories.md",
    name: "story patterns",
    text: () =>
      table(
        ["Pattern", "What it is", "What is done", "What helps", "Named"],
        STORY_PATTERN_IDS.map((id) => {
          const { name, does, helps } = STORY_PATTERN_WORDS[id];
          const found = sheets.stories.named.find(({ pattern }) => pattern === id);
          return [code(id), name, does, helps, found?.named ?? ""];
        }),
      ),
  },
  {
    file: "docs/stories.md",
    name: "stock columns",
    text: () =>
      table(
        ["Known of a thing", "Metric", "In ounces and inches"],
        MEASURES.map((id) => [code(id), STOCK_HEADS.metric[id], STOCK_HEADS.imperial[id]]),
      ),
  },
  {
    file: "docs/stories.md",
    name: "instruments",
    text: () =>
      table(
        ["Instrument", "Tool", "Which", "Marks", "Numbered every", "Read to"],
        INSTRUMENTS.map(({ id, tool, from, to, numbered, between }) => [
          code(id),
          TOOL_NAMES[tool],
          INSTRUMENT_NAMES[id],
          to - from,
          numbered,
          between === 2 ? "half a mark" : "a mark",
        ]),
      ),
  },
  {
    file: "docs/stories.md",
    name: "story speed",
    text: () => {
      const { told, dragging } = sheets.stories;
      return [
        `A story with its working: half within ${told.p50} ms, 95 % within ${told.p95} ms, the slowest ${told.most} ms. ${told.thousand} stories of all ${told.kinds} kinds, told: ${told.thousandMs} ms.`,
        "",
        `A move of the pointer in the shop, until what it changed is laid out, in milliseconds (half, 95 %): ${dragging.map(({ tool, p50, p95 }) => `${tool} ${p50}, ${p95}`).join("; ")}.`,
      ].join("\n");
    },
  },
  {
    file: "docs/your-turn.md",
    name: "papers",
    text: () =>
      table(
        [
          "Kind",
          "Right",
          "False alarms",
          "Misread",
          "With one error",
          "Found at its mark",
          "Missed",
          "Elsewhere",
        ],
        papers.map((row) => [
          row.kind,
          row.right,
          row.alarms,
          row.misread,
          row.wrong,
          row.found,
          row.missed,
          row.elsewhere,
        ]),
      ),
  },
  {
    file: "docs/your-turn.md",
    name: "hands",
    text: () =>
      table(
        [
          "Kind",
          "Right",
          "Alarm at any mark",
          "Misread",
          "With one error",
          "First at its mark",
          "Elsewhere",
          "Missed",
        ],
        hands.map((row) => [
          row.kind,
          row.right,
          row.alarms,
          row.misread,
          row.wrong,
          row.atMark,
          row.elsewhere,
          row.missed,
        ]),
      ),
  },
  {
    file: "docs/your-turn.md",
    name: "pen-keys",
    text: () =>
      table(
        ["Kind", "Papers", "Strokes of the pen", "Keys a stroke"],
        penKeys.map(({ kind, papers: count, strokes, keys }) => [
          kind,
          count,
          strokes,
          (keys / strokes).toFixed(2),
        ]),
      ),
  },
  {
    file: "docs/sheets.md",
    name: "traits",
    text: () =>
      table(
        ["Trait", "What it is"],
        TRAITS.map(({ id }) => [code(id), TRAIT_NAMES[id]]),
      ),
  },
  {
    file: "docs/sheets.md",
    name: "probes",
    text: () =>
      table(
        [
          "Strand",
          "Accounts",
          "Named by eight",
          "At random",
          "Adaptive: problems",
          "Named",
          "Without slips",
          "Entropy bound",
          "Of the best three",
          "Next problem (ms)",
        ],
        sheets.probes.map((row) => [
          row.strand,
          row.accounts,
          row.namedOfEight,
          row.atRandom,
          row.adaptiveProblems,
          row.adaptiveNamed,
          row.withoutSlips,
          row.entropyBound,
          row.best,
          row.stepMs,
        ]),
      ),
  },
  {
    file: "docs/sheets.md",
    name: "speed",
    text: () => {
      const { sheetOf30, thousandProblems, twin, workingBeside, pdfOf30WithWorkings, listOf2000 } =
        sheets.speed;
      const row = (name: string, { p50, p95, most }: typeof twin) => [name, p50, p95, most];
      return [
        table(
          ["Milliseconds", "Half", "95 %", "Most"],
          [
            row(`A sheet of 30, ${sheetOf30.recipes} recipes with wishes and without`, sheetOf30),
            row("A thousand problems", thousandProblems),
            row("A twin", twin),
            row("One working, beside", workingBeside),
          ],
        ),
        "",
        `A PDF of 30 problems with whole workings: ${pdfOf30WithWorkings.map(({ ms, kB }) => `${ms} ms, ${kB} kB`).join("; ")}. Two thousand sheets listed: ${listOf2000.all} ms; searched: ${listOf2000.searched} ms.`,
      ].join("\n");
    },
  },
  { file: "docs/error-patterns.md", name: "summary", text: patternSummary },
  { file: "docs/error-patterns.md", name: "unknown", text: unknownTable },
  { file: "docs/error-patterns.md", name: "verdicts", text: verdictTable },
  { file: "docs/error-patterns.md", name: "patterns", text: patternSections },
  {
    file: "docs/api.md",
    name: "switches",
    text: () =>
      table(
        ["Switch", "What it decides", "Settings"],
        SWITCH_NAMES.map((name) => [
          code(name),
          SWITCH_WORDS[name].label,
          SWITCHES[name].map(code).join(", "),
        ]),
      ),
  },
  {
    file: "docs/api.md",
    name: "presets",
    text: () =>
      table(
        ["Preset", "Name", "Settings"],
        PRESET_NAMES.map((preset) => [
          code(preset),
          PRESET_WORDS[preset].name,
          SWITCH_NAMES.map((name) => PRESETS[preset][name]).join(", "),
        ]),
      ),
  },
  ...BENCH_PARTS,
];

/** Each file as it stands and as it should, so that a test can compare and a command can write. */
export function writtenDocs(): readonly {
  readonly file: string;
  readonly is: string;
  readonly ought: string;
}[] {
  const whole = [{ file: "src/app/tokens.css", ought: tokensCss() }].map(({ file, ought }) => ({
    file,
    is: fs.existsSync(file) ? fs.readFileSync(file, "utf8") : "",
    ought,
  }));
  const parts = [...new Set(PARTS.map(({ file }) => file))].map((file) => {
    const is = fs.readFileSync(file, "utf8");
    const ought = PARTS.filter((part) => part.file === file).reduce((text, { name, text: part }) => {
      const [begin, end] = [`<!-- ${name}: written by npm run docs -->`, `<!-- end of ${name} -->`];
      const [from, to] = [text.indexOf(begin), text.indexOf(end)];
      if (from < 0 || to < from) throw new Error(`${file} has no place for ${name}`);
      return `${text.slice(0, from)}${begin}\n\n${part()}\n\n${text.slice(to)}`;
    }, is);
    return { file, is, ought };
  });
  return [...whole, ...parts];
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? "").href) {
  for (const { file, ought } of writtenDocs()) fs.writeFileSync(file, ought);
}
