import { describe, expect, it } from "vitest";
import { houseRulesFrom, PRESETS } from "../house";
import { readOneQuantity } from "../problem";
import { CURRENCY_IDS, piecesOfCurrency } from "../quantity";
import { evenChances } from "../testing/learners";
import {
  changeFrom,
  type Drawer,
  floatOf,
  INSTRUMENTS,
  labelAt,
  piecesIn,
  positionAt,
  rangeOf,
  readingForBoard,
  readingMarked,
  shareOfInstrument,
  typedReading,
  valueAt,
  withPieces,
  worthOfDrawer,
} from ".";

const house = PRESETS.fillersTrueValue;
const comma = houseRulesFrom({ decimalMark: "comma", currency: "EUR" });

describe("an instrument", () => {
  it("is drawn where it stands: each position of the whole scale comes back from its share of the way", () => {
    for (const instrument of INSTRUMENTS) {
      const [least, most] = rangeOf(instrument);
      for (let position = least; position <= most; position++)
        expect([instrument.id, positionAt(instrument, shareOfInstrument(instrument, position))]).toEqual([
          instrument.id,
          position,
        ]);
      expect(positionAt(instrument, -3)).toBe(least);
      expect(positionAt(instrument, 3)).toBe(most);
    }
  });

  it("has numbers that go up in equal steps, and a reading at each of them that says the number", () => {
    for (const instrument of INSTRUMENTS) {
      const numbers = Array.from(
        { length: instrument.to - instrument.from + 1 },
        (_, nth) => instrument.from + nth,
      )
        .map((mark) => labelAt(instrument, mark))
        .filter((label) => label !== undefined)
        .map((label) => Number(label.replace("−", "-")));
      const steps = numbers.slice(1).map((number, at) => number - (numbers[at] ?? 0));
      expect([instrument.id, new Set(steps).size]).toEqual([instrument.id, 1]);
      expect([instrument.id, numbers.length > 3]).toEqual([instrument.id, true]);
    }
  });

  it("is read rightly as its reading is typed, over the whole scale, under point and comma", () => {
    for (const instrument of INSTRUMENTS) {
      const [least, most] = rangeOf(instrument);
      for (let position = least; position <= most; position += instrument.tool === "stopwatch" ? 61 : 1) {
        const typed = typedReading(instrument, position);
        expect([instrument.id, typed, readingMarked(instrument, position, typed, house)]).toEqual([
          instrument.id,
          typed,
          { kind: "right" },
        ]);
        if (comma.ok)
          expect(readingMarked(instrument, position, typed.replace(".", ","), comma.value)).toEqual({
            kind: "right",
          });
      }
    }
  });

  it("names what went wrong: another worth of the marks, the wrong end, units mixed, one mark off", () => {
    const marked = (id: string, position: number, typed: string) => {
      const instrument = INSTRUMENTS.find((one) => one.id === id);
      return instrument && readingMarked(instrument, position, typed, house);
    };
    // 740 g on a dial of tens: 14 marks after 600.
    expect(marked("scale-2kg", 74, "740 g")).toEqual({ kind: "right" });
    expect(marked("scale-2kg", 74, "740")).toEqual({ kind: "right" });
    expect(marked("scale-2kg", 74, "0.74 kg")).toEqual({ kind: "right" });
    expect(marked("scale-2kg", 74, "614 g")).toEqual({ kind: "wrong", error: "wrongMark" });
    expect(marked("scale-2kg", 74, "860 g")).toEqual({ kind: "wrong", error: "wrongEnd" });
    expect(marked("scale-2kg", 74, "740 kg")).toEqual({ kind: "wrong", error: "unitMixed" });
    expect(marked("scale-2kg", 74, "750 g")).toEqual({ kind: "wrong", error: "oneOff" });
    expect(marked("scale-2kg", 74, "1900 g")).toEqual({ kind: "wrong", error: undefined });
    expect(marked("scale-10lb", 20, "1 lb 4 oz")).toEqual({ kind: "right" });
    expect(marked("scale-10lb", 20, "20 oz")).toEqual({ kind: "right" });
    expect(marked("scale-10lb", 20, "1.4 lb")).toEqual({ kind: "wrong", error: "unitMixed" });
    expect(marked("jug-1l", 65, "650 mL")).toEqual({ kind: "right" });
    expect(marked("tape-8in-sixteenths", 83, "5 3/16 in")).toEqual({ kind: "right" });
    expect(marked("tape-8in-sixteenths", 83, '5 3/16"')).toEqual({ kind: "right" });
    expect(marked("tape-8in-sixteenths", 83, "5.3 in")).toEqual({ kind: "wrong", error: "wrongMark" });
    expect(marked("thermometer-c", -4, "-4")).toEqual({ kind: "right" });
    expect(marked("thermometer-c", -4, "−4 °C")).toEqual({ kind: "right" });
    expect(marked("thermometer-c", -4, "-16")).toEqual({ kind: "wrong", error: "wrongEnd" });
    expect(marked("stopwatch", 3725, "1 h 2 min 5 s")).toEqual({ kind: "right" });
    expect(marked("scale-2kg", 74, "heavy")).toEqual({ kind: "unread" });
    expect(marked("scale-2kg", 74, "$3")).toEqual({ kind: "unread" });
  });

  it("gives readings that the Board reads", () => {
    for (const instrument of INSTRUMENTS) {
      const [, most] = rangeOf(instrument);
      expect([instrument.id, readOneQuantity(readingForBoard(instrument, most - 3), house).ok]).toEqual([
        instrument.id,
        true,
      ]);
      expect(valueAt(instrument, 0).equals(0)).toBe(true);
    }
  });
});

/** The fewest pieces that come to an amount, by trying all: only for small drawers. */
function byTrying(drawer: readonly (readonly [number, number])[], amount: number): number | undefined {
  const [first, ...rest] = drawer;
  if (amount === 0) return 0;
  if (first === undefined) return undefined;
  const [value, count] = first;
  let best: number | undefined;
  for (let used = 0; used <= count && used * value <= amount; used++) {
    const others = byTrying(rest, amount - used * value);
    if (others !== undefined && (best === undefined || used + others < best)) best = used + others;
  }
  return best;
}

describe("the till", () => {
  it("gives right change of the fewest pieces, or says that it can't, as trying all of them does", () => {
    const chance = evenChances(5);
    for (const currency of CURRENCY_IDS)
      for (let nth = 0; nth < 60; nth++) {
        const values = piecesOfCurrency(currency)
          .filter(() => chance() < 0.6)
          .slice(-5);
        const drawer: Drawer = Object.fromEntries(values.map((value) => [value, Math.floor(chance() * 4)]));
        const amount = Math.floor(chance() * (worthOfDrawer(drawer) + 20));
        const change = changeFrom(drawer, amount);
        const best = byTrying(
          Object.entries(drawer).map(([value, count]) => [Number(value), count] as const),
          amount,
        );
        expect([drawer, amount, change && piecesIn(change)]).toEqual([drawer, amount, best]);
        if (change === undefined) continue;
        expect(worthOfDrawer(change)).toBe(amount);
        for (const [value, count] of Object.entries(change))
          expect(count).toBeLessThanOrEqual(drawer[Number(value)] ?? 0);
      }
  });

  it("takes and gives: what goes in and out of the drawer balances", () => {
    for (const currency of CURRENCY_IDS) {
      const float = floatOf(currency);
      const note = piecesOfCurrency(currency)[0] ?? 0;
      const change = changeFrom(float, note / 2);
      if (change === undefined) throw new Error(`no change in ${currency}`);
      const after = withPieces(withPieces(float, { [note]: 1 }), change, -1);
      expect(worthOfDrawer(after)).toBe(worthOfDrawer(float) + note / 2);
    }
    expect(changeFrom({ 100: 2 }, 350)).toBeUndefined();
    expect(changeFrom({ 100: 2 }, -1)).toBeUndefined();
    expect(changeFrom({ 50: 1, 20: 3 }, 60)).toEqual({ 20: 3 });
  });
});
