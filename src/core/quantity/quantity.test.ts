import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { over, ratio, same, sizeOf, valueOfQuantity } from "../claims";
import { PRESETS } from "../house";
import { readOneQuantity } from "../problem";
import {
  CURRENCY_IDS,
  currencyOf,
  inMajor,
  isMetric,
  piecesOfCurrency,
  rateBetween,
  smallerUnits,
  UNITS,
  unitTyped,
  writePieces,
  writeQuantity,
} from ".";
import { SHARED_WORDS, type UnitId, wordsOfUnit } from "./units";

const house = PRESETS.fillersTrueValue;

describe("the units", () => {
  it("are as large as the tables of weights and measures say, and fit into each other or do not", () => {
    for (const large of UNITS) {
      expect(same(ratio(large.size), sizeOf(large.id))).toBe(true);
      for (const small of UNITS) {
        if (large.scale !== small.scale) {
          expect(rateBetween(large.id, small.id)).toBeUndefined();
          continue;
        }
        const rate = over(sizeOf(large.id), sizeOf(small.id));
        const whole = rate.over % rate.under === 0n ? rate.over / rate.under : undefined;
        expect(rateBetween(large.id, small.id)).toBe(whole);
      }
    }
  });

  it("are known by their symbol and by every name they have, and by no word that is another's", () => {
    for (const { id, symbol, name, names } of UNITS) {
      // Fluid ounces are two words, which the reader puts together; minutes of arc are minutes after degrees.
      const named = name.includes(" ") || id === "arcmin" ? [] : [name, names];
      for (const word of [symbol.replace(" ", ""), id, ...named])
        expect([word, unitTyped(word)]).toEqual([word, id]);
    }
    expect(unitTyped("liters")).toBe("L");
    expect(unitTyped("metres")).toBe("m");
    expect(unitTyped("blorps")).toBeUndefined();
  });

  it("have smaller ones down to the last, each a whole part, and tens only where they are metric", () => {
    for (const { id, scale } of UNITS) {
      const below = smallerUnits(id);
      for (const smaller of below) expect(rateBetween(id, smaller)).toBeGreaterThan(1n);
      const [next] = below;
      if (next !== undefined && isMetric(scale)) expect(String(rateBetween(id, next))).toMatch(/^10+$/);
    }
    expect(smallerUnits("oz")).toEqual([]);
    expect(smallerUnits("ton")).toEqual(["lb", "oz"]);
  });
});

describe("money", () => {
  it("has coins and notes that rise, each once, notes of whole units, down to a piece that small change needs", () => {
    for (const id of CURRENCY_IDS) {
      const { coins, notes, sign, minorSign } = currencyOf(id);
      const pieces = [...coins, ...notes].sort((a, b) => b - a);
      expect(new Set(pieces).size).toBe(pieces.length);
      expect(piecesOfCurrency(id)).toEqual(pieces);
      for (const kinds of [coins, notes]) expect(kinds).toEqual([...kinds].sort((a, b) => a - b));
      expect(notes.every((note) => note % 100 === 0)).toBe(true);
      expect(sign).not.toBe(minorSign);
    }
  });

  it("reads back as it is written, large or small, and is worth the same in its large unit", () => {
    const anyAmount = fc
      .tuple(
        fc.constantFrom(...CURRENCY_IDS),
        fc.nat(99_999),
        fc.nat(99),
        fc.constantFrom("both", "whole", "minor"),
      )
      .map(([id, whole, part, shape]) => {
        const { sign, minorSign } = currencyOf(id);
        if (shape === "minor") return { id, typed: `${part}${minorSign}` };
        return {
          id,
          typed: shape === "whole" ? `${sign}${whole}` : `${sign}${whole}.${String(part).padStart(2, "0")}`,
        };
      });
    fc.assert(
      fc.property(anyAmount, ({ id, typed }) => {
        const read = readOneQuantity(typed, { ...house, currency: id });
        if (!read.ok || read.value.kind !== "amount") throw new Error(`${typed} is no amount`);
        expect(read.value.currency).toBe(id);
        expect(writeQuantity(read.value, house)).toBe(typed);
        const major = inMajor(read.value);
        expect(major.fraction).toHaveLength(2);
        expect(same(valueOfQuantity(major), valueOfQuantity(read.value))).toBe(true);
      }),
      { numRuns: 400 },
    );
  });

  it("is listed with several of a kind together", () => {
    expect(writePieces([500, 100, 100, 25], "USD")).toBe("$5 + 2×$1 + 25c");
    expect(writePieces([5000, 20], "GBP")).toBe("£50 + 20p");
  });
});

describe("the words of units", () => {
  it("are each of one unit, but for those that say which one is meant", () => {
    const owners = new Map<string, UnitId[]>();
    for (const unit of UNITS)
      for (const word of wordsOfUnit(unit)) owners.set(word, [...(owners.get(word) ?? []), unit.id]);
    const shared = [...owners].filter(([, units]) => units.length > 1);
    expect(shared.map(([word]) => word).sort()).toEqual(Object.keys(SHARED_WORDS).sort());
    for (const [word, units] of shared) expect(units).toContain(SHARED_WORDS[word]);
    for (const [word, units] of owners) expect(unitTyped(word)).toBe(SHARED_WORDS[word] ?? units[0]);
  });
});
