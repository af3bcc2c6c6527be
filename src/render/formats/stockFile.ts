import Papa from "papaparse";
import type { Plausible, Thing } from "@/core/stories";

/** The columns of a stock list in CSV: the names, and from and to what is plausible, in the units of its heads. */
export const STOCK_COLUMNS = [
  "one",
  "many",
  "price from",
  "price to",
  "grams from",
  "grams to",
  "centimetres from",
  "centimetres to",
  "millilitres from",
  "millilitres to",
] as const;

/** The most things on a list, and the longest name of one. */
export const MOST_THINGS = 400;
const LONGEST_THING = 60;
/** The largest figure of a thing, in the small unit. */
const LARGEST = 10_000_000;

/** A row of a stock list as it was read: a thing, or why it is none. */
export type StockRow = { readonly thing: Thing } | { readonly text: string; readonly why: string };

/** Reads a stock list from CSV, row by row: with its heads in any order, or without heads in the order of the columns. */
export function readStock(text: string): readonly StockRow[] {
  const { data } = Papa.parse<readonly string[]>(text.replace(/^\uFEFF/, "").trim(), {
    skipEmptyLines: "greedy",
  });
  const [first = []] = data;
  const heads = first.map((cell) => cell.trim().toLowerCase());
  const isNamed = heads.includes("one");
  const at = (column: (typeof STOCK_COLUMNS)[number]): number =>
    isNamed ? heads.indexOf(column) : STOCK_COLUMNS.indexOf(column);
  return data.slice(isNamed ? 1 : 0, MOST_THINGS + 1).map((cells): StockRow => {
    const cell = (column: (typeof STOCK_COLUMNS)[number]): string => cells[at(column)]?.trim() ?? "";
    const bad = (why: string): StockRow => ({ text: cells.join(", ").slice(0, 120), why });
    const one = cell("one");
    if (one === "" || one.length > LONGEST_THING)
      return bad("The first column names one of it, as “inner tube”.");
    if (!/^\p{L}[\p{L} '’-]{0,59}$/u.test(one)) return bad("A name has letters only.");
    const many = cell("many") || `${one}s`;
    const ranges = {
      price: range(cell("price from"), cell("price to"), 100),
      mass: range(cell("grams from"), cell("grams to"), 1),
      length: range(cell("centimetres from"), cell("centimetres to"), 1),
      volume: range(cell("millilitres from"), cell("millilitres to"), 1),
    };
    const wrong = Object.entries(ranges).find(([, found]) => found === "wrong");
    if (wrong !== undefined) return bad(`Its ${wrong[0]} needs two numbers, the smaller one first.`);
    const known = Object.fromEntries(Object.entries(ranges).filter(([, found]) => found !== undefined));
    if (Object.keys(known).length === 0)
      return bad("Nothing is known of it: give a price, grams, centimetres or millilitres.");
    return { thing: { one, many, ...known } };
  });
}

/** From and to in the small unit; none where both are empty, wrong where one is or they do not go up. */
function range(from: string, to: string, times: number): Plausible | undefined | "wrong" {
  if (from === "" && to === "") return undefined;
  const [low, high] = [numberOf(from, times), numberOf(to, times)];
  return low === undefined || high === undefined || low >= high || high > LARGEST ? "wrong" : [low, high];
}

const numberOf = (text: string, times: number): number | undefined => {
  if (!/^\d{1,8}(?:[.,]\d{1,2})?$/.test(text)) return undefined;
  const value = Math.round(Number(text.replace(",", ".")) * times);
  return value > 0 ? value : undefined;
};

/** A stock list as CSV, under its heads: what `readStock` reads. */
export const stockCsv = (things: readonly Thing[]): string =>
  `${Papa.unparse(
    {
      fields: [...STOCK_COLUMNS],
      data: things.map(({ one, many, price, mass, length, volume }) => [
        one,
        many,
        ...(price === undefined ? ["", ""] : price.map((value) => value / 100)),
        ...(mass ?? ["", ""]),
        ...(length ?? ["", ""]),
        ...(volume ?? ["", ""]),
      ]),
    },
    { newline: "\n" },
  )}\n`;
