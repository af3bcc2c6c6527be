import { describe, expect, it } from "vitest";
import { boardAfter } from "@/core/board";
import { PRESETS, type PresetName } from "@/core/house";
import { workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { textBoard } from "./textBoard";

function boardOf(line: string, preset: PresetName): string {
  const problem = readProblem(line, PRESETS[preset]);
  if (!problem.ok) throw new Error(`${line} does not read`);
  const { layout, steps } = workingOf(problem.value, PRESETS[preset]);
  return `\n${textBoard(boardAfter(layout, steps, steps.length), PRESETS[preset])}\n`;
}

describe("the board as text", () => {
  it("keeps columns, points, fillers, carries and strikes apart", () => {
    expect(boardOf("40.3 + 7.865 + 12", "fillersTrueValue")).toBe(`
    1  1
    4  0 .3  o  o
       7 .8  6  5
 +  1  2 'o  o  o
───────────────────
    6  0 .1  6  5
═══════════════════
`);
    expect(boardOf("5 − 2.004", "exchangeByPlaces").replaceAll("\u0336", "/")).toBe(`
       9  9
    4  1/0/ 1/0/ 10
    5/ 'o/  o/  o/
 −  2 .0  0  4
────────────────
    2 .9  9  6
════════════════
`);
    expect(boardOf("8,7 + 5,6", "commaBelow")).toBe(`
       8 ,7
 +     5 ,6
─────────────
    1  1
    1  4 ,3
═════════════
`);
  });
});
