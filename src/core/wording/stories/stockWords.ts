import type { Measured, UnitSystem } from "../../stories";

/** What heads the figures of a stock list: each measure in the small unit of a system. */
export const STOCK_HEADS: Readonly<Record<UnitSystem, Readonly<Record<Measured, string>>>> = {
  metric: {
    price: "price",
    mass: "grams",
    length: "centimetres",
    volume: "millilitres",
    height: "centimetres high",
    time: "minutes",
    temperature: "degrees",
  },
  imperial: {
    price: "price",
    mass: "ounces",
    length: "inches",
    volume: "fluid ounces",
    height: "inches high",
    time: "minutes",
    temperature: "degrees",
  },
};
