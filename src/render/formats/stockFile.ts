import Papa from "papaparse";
import {
  MEASURES,
  type Measured,
  MOST_THINGS,
  type Plausible,
  type StockList,
  type Thing,
  type UnitSystem,
} from "@/core/stories";
import { STOCK_HEADS } from "@/core/wording";
import { FORMULA, plainField } from "./csvFields";

/** The columns of a stock list in CSV: the names, and from and to what is plausible, in the units of its system. */
export const stockColumns = (system: UnitSystem = "metric"): readonly string[] => [
  "one",
  "many",
  ...MEASURES.flatMap((id) => ["from", "to"].map((end) => `${STOCK_HEADS[system][id]} ${end}`)),
];

const LONGEST_THING = 60;
/** The largest figure of a thing, in the small unit. */
const LARGEST = 10_000_000;

/** A row of a stock list as it was read: a thing, or why it is none. */
export type StockRow =
  | { readonly thing: Thing }
  /** `line` is the number of its line, from 1, of those that are not empty. */
  | { readonly line: number; readonly text: string; readonly why: string };

/** Reads a stock list from CSV, row by row: with its heads in any order and of either system, or without heads in the order of the columns. */
export function readStock(text: string): readonly StockRow[] {
  const { data } = Papa.parse<readonly string[]>(text.replace(/^\uFEFF/, "").trim(), {
    skipEmptyLines: "greedy",
  });
  const [first = []] = data;
  const heads = first.map((cell) => cell.trim().toLowerCase());
  const isNamed = heads.includes("one");
  const columns = stockColumns();
  /** Where a column stands that has one of some heads. */
  const at = (...names: readonly string[]): number =>
    isNamed ? heads.findIndex((head) => names.includes(head)) : columns.indexOf(names[0] ?? "");
  const lines = data.slice(isNamed ? 1 : 0);
  const overMany = lines.length - MOST_THINGS;
  return lines.slice(0, MOST_THINGS + 1).map((cells, nth): StockRow => {
    const cell = (...names: readonly string[]): string => plainField(cells[at(...names)]);
    const line = nth + (isNamed ? 2 : 1);
    const bad = (why: string): StockRow => ({ line, text: cells.join(", ").slice(0, 120), why });
    if (nth === MOST_THINGS)
      return bad(
        `A list has at most ${MOST_THINGS} things: ${overMany === 1 ? "this line is" : `this line and the ${overMany - 1} after it are`} left out.`,
      );
    const one = cell("one");
    if (one === "" || one.length > LONGEST_THING)
      return bad("The first column names one of it, as “inner tube”.");
    if (!/^\p{L}[\p{L} '’-]{0,59}$/u.test(one)) return bad("A name has letters only.");
    const many = cell("many") || `${one}s`;
    const ranges = MEASURES.map((id) => {
      const [metric, imperial] = [STOCK_HEADS.metric[id], STOCK_HEADS.imperial[id]];
      const [from, to] = ["from", "to"].map((end) => cell(`${metric} ${end}`, `${imperial} ${end}`));
      return [id, range(id, from ?? "", to ?? "")] as const;
    });
    const wrong = ranges.find(([, found]) => found === "wrong");
    if (wrong !== undefined) return bad(`Its ${wrong[0]} needs two numbers, the smaller one first.`);
    const known = Object.fromEntries(ranges.filter(([, found]) => found !== undefined));
    if (Object.keys(known).length === 0)
      return bad("Nothing is known of it: give what it costs, weighs, measures or holds, for one.");
    return { thing: { one, many, ...known } };
  });
}

/** From and to in the small unit; none where both are empty, wrong where one is or they do not go up. */
function range(measure: Measured, from: string, to: string): Plausible | undefined | "wrong" {
  if (from === "" && to === "") return undefined;
  const [low, high] = [figureOf(measure, from), figureOf(measure, to)];
  return low === undefined || high === undefined || low >= high ? "wrong" : [low, high];
}

/** A figure in the small unit: prices have hundredths, and only degrees lie below zero. */
function figureOf(measure: Measured, text: string): number | undefined {
  const isCold = measure === "temperature";
  if (!(isCold ? /^[-−]?\d{1,3}$/ : /^\d{1,8}(?:[.,]\d{1,2})?$/).test(text)) return undefined;
  const value = Math.round(
    Number(text.replace(",", ".").replace("−", "-")) * (measure === "price" ? HUNDREDTHS : 1),
  );
  return isCold || (value > 0 && value <= LARGEST) ? value : undefined;
}

const HUNDREDTHS = 100;

/** A stock list as CSV, under the heads of its system: what `readStock` reads. */
export const stockCsv = ({ things, system }: Pick<StockList, "things" | "system">): string =>
  `${Papa.unparse(
    {
      fields: [...stockColumns(system)],
      data: things.map((thing) => [
        thing.one,
        thing.many,
        ...MEASURES.flatMap((id): readonly (string | number)[] => {
          const known = thing[id];
          if (known === undefined) return ["", ""];
          return id === "price" ? known.map((value) => value / HUNDREDTHS) : known;
        }),
      ]),
    },
    { newline: "\n", escapeFormulae: FORMULA },
  )}\n`;
