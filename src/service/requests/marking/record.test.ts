import { describe, expect, it, vi } from "vitest";
import type { PatternId, Showings } from "@/core/errorPatterns";
import { PRESETS } from "@/core/house";
import { patternWords } from "@/core/wording";
import type { Attempt } from "../../kept/attempt";
import { recordedAnswers, recordedPatterns } from "./record";

vi.mock("server-only", () => ({}));

const history = (
  ...all: readonly (readonly [PatternId, number, number])[]
): ReadonlyMap<PatternId, Showings> =>
  new Map(all.map(([pattern, shown, chances]) => [pattern, { shown, chances }]));

const attempt: Attempt = {
  id: 7,
  at: new Date(2026, 2, 14, 16, 30),
  problem: "403 − 127",
  house: PRESETS.fillersTrueValue,
  given: "376",
  verdict: "wrong",
  patterns: ["sub-zero-to-nine-stop"],
  note: "",
  hints: 2,
  estimate: "300",
} as Attempt;

describe("the patterns of a record", () => {
  it("are those that showed, the steady ones first, then by how often of the times they could", () => {
    const recorded = recordedPatterns(
      history(
        ["sub-column-gap", 1, 2],
        ["add-no-carry", 5, 6],
        ["mul-points-ignored" as PatternId, 0, 9],
        ["add-right-flush", 4, 5],
      ),
    );
    expect(recorded.map(({ pattern, steady }) => [pattern, steady])).toEqual([
      ["add-no-carry", true],
      ["add-right-flush", true],
      ["sub-column-gap", false],
    ]);
    expect(recorded[0]).toMatchObject({ name: patternWords("add-no-carry").name, shown: 5, chances: 6 });
  });

  it("are none of a learner nobody has worked with", () => {
    expect(recordedPatterns()).toEqual([]);
    expect(recordedPatterns(history(["sub-column-gap", 0, 12]))).toEqual([]);
  });

  it("are not steady on one or two chances, whatever they show", () => {
    expect(recordedPatterns(history(["sub-column-gap", 2, 2]))[0]?.steady).toBe(false);
    expect(recordedPatterns(history(["sub-column-gap", 3, 3]))[0]?.steady).toBe(true);
    expect(recordedPatterns(history(["sub-column-gap", 2, 6]))[0]?.steady).toBe(false);
  });
});

describe("the answers of a record", () => {
  it("say the day, what was given, what lies behind it by name, and where it is replayed", () => {
    const [listed] = recordedAnswers([attempt]);
    expect(listed).toMatchObject({
      id: "7",
      problem: "403 − 127",
      given: "376",
      verdict: "wrong",
      explanation: patternWords("sub-zero-to-nine-stop").name,
      hints: 2,
      estimate: "300",
    });
    expect(listed?.when).toBe("Mar 14, 2026");
    const replay = new URL(listed?.replay ?? "", "http://here");
    expect(replay.pathname).toBe("/wrong-way");
    expect(replay.searchParams.get("patterns")).toBe("sub-zero-to-nine-stop");
    expect(replay.searchParams.get("given")).toBe("376");
  });

  it("lead nowhere where nothing lies behind them", () => {
    const [listed] = recordedAnswers([{ ...attempt, patterns: [], verdict: "right", given: "276" }]);
    expect(listed?.replay).toBeUndefined();
    expect(listed?.explanation).toBe("");
  });

  it("name both patterns where two lie behind one", () => {
    const [listed] = recordedAnswers([{ ...attempt, patterns: ["add-no-carry", "add-right-flush"] }]);
    expect(listed?.explanation).toBe(
      `${patternWords("add-no-carry").name}; ${patternWords("add-right-flush").name}`,
    );
  });
});
