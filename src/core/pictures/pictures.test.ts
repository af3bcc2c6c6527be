import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runOf } from "../checks";
import { minus, plus, ratio, same, sizeOf, sum as sumOf, times, valueOfQuantity as valueIn } from "../claims";
import { EVERY_METHOD, workingOf } from "../methods";
import { Wide, wide } from "../testing/answers";
import { anyHouse, anyTask } from "../testing/arbitrary";
import { pictureWords } from "../wording";
import { type Pieces, pictureOf } from ".";

const value = (pieces: readonly Pieces[]) =>
  pieces.reduce((sum, { place, count }) => sum.plus(new Wide(10).pow(place).times(count)), new Wide(0));

describe("the picture of a step", () => {
  it("shows just what its reason says: pieces keep their worth, jumps lead on, parts make the sides", () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(anyTask, anyHouse, ({ problem, method }, house) => {
        const { working, steps } = runOf(workingOf(problem, house, method), EVERY_METHOD);
        for (const { reason } of steps) {
          const picture = pictureOf(reason, working);
          if (picture === undefined) continue;
          seen.add(picture.kind);
          expect(pictureWords(picture, house)).toMatch(/^[\p{Lu}\d].*\.$/su);
          switch (picture.kind) {
            case "pieces": {
              if (picture.becomes.length > 0) {
                expect(value(picture.groups).equals(value(picture.becomes))).toBe(true);
              }
              if (reason.kind === "columnSum") {
                expect(value(picture.groups).equals(new Wide(10).pow(reason.place).times(reason.total))).toBe(
                  true,
                );
              }
              break;
            }
            case "line": {
              const stops = [
                picture.from,
                ...picture.stops,
                ...(picture.marked ? [picture.marked] : []),
                picture.to,
              ].map(wide);
              for (const [index, stop] of stops.slice(1).entries()) {
                expect(stop.greaterThanOrEqualTo(stops[index] ?? stop)).toBe(true);
              }
              break;
            }
            case "parts": {
              if (reason.kind !== "combineParts") break;
              const [sum = ratio(0), ...parts] = picture.rows
                .map(({ fraction }) => valueIn(fraction))
                .reverse();
              const [first = ratio(0), ...others] = parts.reverse();
              expect(same(others.reduce(reason.op === "add" ? plus : minus, first), sum)).toBe(true);
              break;
            }
            case "bond": {
              const [before, after] = [picture.before, picture.after].map((counts) =>
                sumOf(counts.map(({ unit, count }) => times(ratio(count), sizeOf(unit)))),
              );
              expect(before && after && same(before, after)).toBe(true);
              break;
            }
            case "till": {
              const pieces = picture.pieces.reduce((sum, piece) => sum + piece, 0);
              if (reason.kind === "changeHop") expect(pieces).toBe(reason.to - reason.from);
              if (reason.kind === "changeTotal") expect(pieces).toBe(reason.total);
              break;
            }
            case "sides":
              expect(picture.above.negative || picture.below.negative).toBe(false);
              break;
            case "rectangle": {
              const factors = working.problem.kind === "decimals" ? working.problem.operands : [];
              if (factors.length === 0) break;
              const sides = [picture.across, picture.down].map((parts) =>
                parts.map(wide).reduce((sum, part) => sum.plus(part), new Wide(0)),
              );
              expect(sides.map(String).sort()).toEqual(factors.map(wide).map(String).sort());
              if (picture.part) {
                expect(picture.across).toContain(picture.part.across);
                expect(picture.down).toContain(picture.part.down);
              }
            }
          }
        }
      }),
      { numRuns: 800 },
    );
    expect([...seen].sort()).toEqual(["bond", "line", "parts", "pieces", "rectangle", "sides", "till"]);
  });
});
