import { describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { drawStory } from "@/core/stories";
import { valueOfResult } from "@/core/testing/valueOfResult";
import { WORKSHOP, wordedStory } from "@/core/wording";
import { readStock, stockCsv } from "./stockFile";

const thingsOf = (text: string) => readStock(text).flatMap((row) => ("thing" in row ? [row.thing] : []));
const whys = (text: string) => readStock(text).flatMap((row) => ("why" in row ? [row.why] : []));

describe("a stock list in a file", () => {
  it("comes back as it was written", () => {
    expect(thingsOf(stockCsv(WORKSHOP))).toEqual(WORKSHOP.things);
  });

  it("is read as people write it: no heads, heads in another order, commas for points in quotes, empty cells, a plural left out", () => {
    expect(thingsOf("seed packet,seed packets,1.20,3.50")).toEqual([
      { one: "seed packet", many: "seed packets", price: [120, 350] },
    ]);
    expect(thingsOf("grams to,one,grams from\n90,onion,60\n")).toEqual([
      { one: "onion", many: "onions", mass: [60, 90] },
    ]);
    expect(thingsOf('trowel,trowels,"4,50",12\n\n\n')).toEqual([
      { one: "trowel", many: "trowels", price: [450, 1200] },
    ]);
    expect(thingsOf("watering can,,8,15,,,,,1000,5000")).toEqual([
      { one: "watering can", many: "watering cans", price: [800, 1500], volume: [1000, 5000] },
    ]);
  });

  it("is in ounces and inches where its heads say so, with degrees below zero, and is told in them and in its own money", () => {
    const text = `one,many,price from,price to,ounces from,ounces to,inches from,inches to,degrees from,degrees to
trowel,,4,15,8,14,10,14,,
rake,,12,30,30,60,50,66,,
greenhouse,,,,,,,,-6,34
`;
    const things = thingsOf(text);
    expect(things[2]).toEqual({ one: "greenhouse", many: "greenhouses", temperature: [-6, 34] });
    const garden = { id: "garden0002", name: "Garden", things, currency: "GBP", system: "imperial" } as const;
    expect(thingsOf(stockCsv(garden))).toEqual(things);
    expect(stockCsv(garden)).toContain("ounces from,ounces to");
    const house = PRESETS.fillersTrueValue;
    const told = (kind: Parameters<typeof drawStory>[0]) => {
      const drawn = drawStory(kind, garden, house, 2);
      return drawn.ok ? wordedStory(drawn.value, house).whole : undefined;
    };
    expect(told("how-much-heavier")).toMatch(/\d oz/);
    expect(told("how-much-longer")).toMatch(/\d in\b/);
    expect(told("joined-lengths")).toMatch(/\d ft/);
    expect(told("total-of-two")).toMatch(/£\d/);
    expect(told("temperature-that-rises")).toContain("the greenhouse");
    expect(told("oil-by-the-litre")).toBeUndefined();
  });

  it("says which line is not taken, heads counted, and how many are over the most", () => {
    const lines = (text: string) => readStock(text).flatMap((row) => ("why" in row ? [row.line] : []));
    expect(lines("one,price from,price to\nrake,4,9\noak,,\n")).toEqual([3]);
    expect(lines("rake,rakes,9,4\nhoe,hoes,4,9")).toEqual([1]);
    const letters = (nth: number) => [...String(nth)].map((digit) => "abcdefghij"[Number(digit)]).join("");
    const many = Array.from({ length: 450 }, (_, nth) => `thing ${letters(nth)},,4,9`).join("\n");
    expect(thingsOf(many)).toHaveLength(400);
    expect(whys(many)).toEqual([
      "A list has at most 400 things: this line and the 49 after it are left out.",
    ]);
  });

  it("says of each line that is not taken why, and takes the others", () => {
    const text =
      "one,many,price from,price to\nrake,rakes,9,4\nhoe,hoes,4,9\n,,1,2\nspade,spades,,\n=cmd(),x,1,2";
    expect(thingsOf(text).map(({ one }) => one)).toEqual(["hoe"]);
    expect(whys(text)).toEqual([
      "Its price needs two numbers, the smaller one first.",
      "The first column names one of it, as “inner tube”.",
      "Nothing is known of it: give what it costs, weighs, measures or holds, for one.",
      "A name has letters only.",
    ]);
  });

  it("is what stories are told about", () => {
    const garden = { id: "garden0001", name: "Garden", things: thingsOf("oak tree,,20,90\nrose,roses,3,9") };
    const drawn = valueOfResult(drawStory("total-of-two", garden, PRESETS.fillersTrueValue, 4), "no story");
    const { text } = wordedStory(drawn, PRESETS.fillersTrueValue);
    expect(text).toMatch(/an oak tree|An oak tree/);
    expect(text).toMatch(/a rose|A rose/i);
    expect(drawStory("how-much-heavier", garden, PRESETS.fillersTrueValue, 4).ok).toBe(false);
  });
});
