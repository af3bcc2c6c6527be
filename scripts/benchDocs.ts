// The parts of docs/benchmarks.md that the bench measured.

import memory from "../bench/memory.json" with { type: "json" };
import results from "../bench/results.json" with { type: "json" };
import { code, table } from "./markdown";

/** Each written part by its file and name. */
export const BENCH_PARTS: readonly {
  readonly file: string;
  readonly name: string;
  readonly text: () => string;
}[] = [
  {
    file: "docs/benchmarks.md",
    name: "workings",
    text: () =>
      table(
        [
          "Method",
          "Size",
          "Workings a second",
          "ms each",
          "Answer alone",
          "Times bare arithmetic",
          "Units",
          "µs a unit",
        ],
        results.workings.map((row) => [
          code(row.method),
          row.size,
          row.workingsPerSecond,
          row.millisecondsEach,
          row.answerAlone,
          row.ratio,
          row.units,
          row.microsecondsPerUnit,
        ]),
      ),
  },
  {
    file: "docs/benchmarks.md",
    name: "explaining",
    text: () => {
      const { skills, growth, sheet, papers: looked } = results.explaining;
      return [
        table(
          ["Skill", "Patterns tried", "Median ms", "95th percentile ms", "Times one working"],
          skills.map(({ skill, patterns, median, percentile95, ratio }) => [
            skill,
            patterns,
            median,
            percentile95,
            ratio,
          ]),
        ),
        `With the patterns of subtraction the time grows so: ${growth.map(({ patterns, milliseconds }) => `${patterns} patterns ${milliseconds} ms`).join(", ")}. Pairs grow with the square of the patterns that show.`,
        `A sheet of ${sheet.answers} answers (30 problems, 30 learners): ${sheet.milliseconds} ms. Looking at a learner's paper after a mark, 95th percentile: ${looked.map(({ marks, milliseconds }) => `${marks} marks ${milliseconds} ms`).join(", ")}.`,
      ].join("\n\n");
    },
  },
  {
    file: "docs/benchmarks.md",
    name: "pages",
    text: () =>
      table(
        ["Page", "Server, median ms", "Server, 95th percentile ms", "JavaScript, kB"],
        results.server.map((row) => [
          row.page,
          row.median,
          row.percentile95,
          results.firstLoad.find(({ page }) => page === row.page)?.kilobytes ?? "",
        ]),
      ),
  },
  {
    file: "docs/benchmarks.md",
    name: "keys",
    text: () => {
      const { median, percentile95, steps } = results.keyToPaint;
      return `Median ${median} ms, 95th percentile ${percentile95} ms, over ${steps} steps.`;
    },
  },
  {
    file: "docs/benchmarks.md",
    name: "ending",
    text: () => {
      const { start, end } = results.ending;
      return `Starting, until it answers: median ${start.median} ms, at most ${start.most} ms. Ending while it works for six clients: median ${end.median} ms, at most ${end.most} ms.`;
    },
  },
  {
    file: "docs/benchmarks.md",
    name: "memory",
    text: () => {
      const { clients, minutes, load, outAndIn } = memory;
      const { answers, megabytes, out, back } = outAndIn;
      return table(
        ["What", "Seconds", "MB before", "MB at most"],
        [
          [
            `${clients} clients, ${load.requests} requests, ${load.errors} errors`,
            minutes * 60,
            load.memoryAtStart,
            load.memoryAtEnd,
          ],
          [
            `Export of ${answers} answers (${megabytes} MB)`,
            out.seconds,
            out.megabytesBefore,
            out.megabytesAtMost,
          ],
          ["Its import", back.seconds, back.megabytesBefore, back.megabytesAtMost],
        ],
      );
    },
  },
  {
    file: "docs/benchmarks.md",
    name: "going",
    text: () => {
      const { open, back } = results.going;
      return `Opening it: median ${open.median} ms, 95th percentile ${open.percentile95} ms. Going back: median ${back.median} ms, 95th percentile ${back.percentile95} ms.`;
    },
  },
];
