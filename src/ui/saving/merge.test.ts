import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { merged } from "./merge";
import { sameJson } from "./sameJson";

/** A board as two windows may have it. */
interface Board {
  readonly problem: string;
  readonly step: number;
  readonly guess: string;
  readonly house: Readonly<Record<string, string>>;
}
const board = fc.record({
  problem: fc.constantFrom("40.3 + 7.8", "40.3 - 7.8", "1/2 + 1/3"),
  step: fc.integer({ min: 1, max: 3 }),
  guess: fc.constantFrom("", "48", "50"),
  house: fc.constantFrom<Board["house"]>(
    { preset: "commaBelow" },
    { preset: "gapsShort", chunks: "doubles" },
  ),
});
const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

describe("what two windows made of one thing", () => {
  const base: Board = {
    problem: "40.3 + 7.8",
    step: 1,
    guess: "",
    house: { preset: "commaBelow" },
  };

  it.each<readonly [string, Partial<Board>, Partial<Board>, Partial<Board>, readonly string[]]>([
    ["one guessed, the other stepped", { guess: "48" }, { step: 3 }, { guess: "48", step: 3 }, []],
    ["only this one did something", { step: 2 }, {}, { step: 2 }, []],
    ["only the other did", {}, { guess: "50" }, { guess: "50" }, []],
    ["both did the same", { step: 2 }, { step: 2 }, { step: 2 }, []],
    ["both stepped, elsewhere", { step: 2 }, { step: 3 }, { step: 2 }, ["step"]],
    [
      "both guessed, and one changed the house",
      { guess: "48" },
      { guess: "50", house: { preset: "gapsShort" } },
      { guess: "48", house: { preset: "gapsShort" } },
      ["guess"],
    ],
    ["one put back what was there", { guess: "" }, { guess: "50" }, { guess: "50" }, []],
  ])("%s", (_, mine, theirs, together, clashes) => {
    expect(merged(base, { ...base, ...mine }, { ...base, ...theirs })).toEqual({
      value: { ...base, ...together },
      clashes,
    });
  });

  it("holds every change of both, and what neither touched; a clash is only where both changed it otherwise", () => {
    fc.assert(
      fc.property(board, board, board, (before, mine, theirs) => {
        const { value, clashes } = merged<Board>(before, mine, theirs);
        for (const name of ["problem", "step", "guess", "house"] as const) {
          const [iDid, theyDid] = [!same(mine[name], before[name]), !same(theirs[name], before[name])];
          expect(value[name]).toEqual(iDid ? mine[name] : theirs[name]);
          expect(clashes.includes(name)).toBe(iDid && theyDid && !same(mine[name], theirs[name]));
        }
      }),
    );
  });

  it("comes to the same from either side, but for the clashes", () => {
    fc.assert(
      fc.property(board, board, board, (before, mine, theirs) => {
        const [here, there] = [merged<Board>(before, mine, theirs), merged<Board>(before, theirs, mine)];
        expect([...here.clashes].sort()).toEqual([...there.clashes].sort());
        if (here.clashes.length === 0) expect(here.value).toEqual(there.value);
      }),
    );
  });
});

it("two values that are kept alike are the same, in whatever order their parts were made", () => {
  const value = fc.jsonValue({ maxDepth: 3 });
  const turned = (part: unknown): unknown => {
    if (Array.isArray(part)) return part.map(turned);
    if (typeof part !== "object" || part === null) return part;
    return Object.fromEntries(
      Object.entries(part)
        .map(([name, inner]) => [name, turned(inner)] as const)
        .reverse(),
    );
  };
  fc.assert(fc.property(value, (one) => sameJson(one, turned(one))));
  fc.assert(fc.property(value, (one) => !sameJson({ one }, { one, more: 1 })));
});
