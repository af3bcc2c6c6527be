import type { Sheet, Square } from "../sheet";

/** A paper as it is written, stroke by stroke: every state of a right one can still become right. */
export interface HandCase {
  readonly problem: string;
  readonly way: string;
  readonly units?: readonly string[];
}

export interface RightHand extends HandCase {
  readonly write: (sheet: Sheet) => void;
  readonly answer: string;
}

/** One with an error: it gives the squares that name it, and is first told there. */
export interface WrongHand extends HandCase {
  readonly write: (sheet: Sheet) => Square | readonly Square[];
}

const right = (
  problem: string,
  way: string,
  answer: string,
  write: (sheet: Sheet) => void,
  units: readonly string[] = [],
): RightHand => ({ problem, way, answer, write, units });

const wrong = (
  problem: string,
  way: string,
  write: (sheet: Sheet) => Square | readonly Square[],
  units: readonly string[] = [],
): WrongHand => ({ problem, way, write, units });

/** Writes a number from its last digit to its first, as under the rule of a column. */
const leftward = (sheet: Sheet, text: string, row: number, rightEdge: number): readonly Square[] => {
  const places = text.split(".")[1]?.length;
  const squares: Square[] = [];
  const digits = [...text.replace(".", "")];
  for (let nth = digits.length - 1; nth >= 0; nth--) {
    if (places !== undefined && digits.length - nth === places + 1)
      sheet.marks.push({ kind: "point", line: rightEdge - places, row, look: "written" });
    squares.unshift(sheet.sign(digits[nth] ?? "", rightEdge - digits.length + nth, row));
  }
  return squares;
};

/** A fraction in the order in which it is written: what is over, the bar, what is under. */
const fraction = (sheet: Sheet, over: string, under: string, col: number, row: number) => {
  const width = Math.max(over.length, under.length);
  const top = sheet.line(over, col + Math.floor((width - over.length) / 2), row);
  sheet.rule(row + 1, col, col + width);
  const bottom = sheet.line(under, col + Math.floor((width - under.length) / 2), row + 1);
  return { top, bottom, end: col + width };
};

const last = (squares: readonly Square[]): Square => squares.at(-1) ?? { col: -1, row: -1 };

/** Lines one under another, from their beginnings. */
const lines = (sheet: Sheet, ...texts: readonly string[]): readonly (readonly Square[])[] =>
  texts.map((text, row) => sheet.line(text, 0, row * 1));

/** Lines of fractions: `7/8+1/6=21/24` with real bars, each line two rows high. */
function fractionLine(sheet: Sheet, text: string, row: number, from = 0): readonly (readonly Square[])[] {
  let col = from;
  const written: (readonly Square[])[] = [];
  for (const part of text.match(/\d+\/\d+|\d+|[^\d]/g) ?? []) {
    const [over = "", under] = part.split("/");
    if (under !== undefined && over !== "") {
      const { top, bottom, end } = fraction(sheet, over, under, col, row);
      written.push([...top, ...bottom]);
      col = end;
    } else {
      written.push(sheet.line(part, col, row));
      col += part.length;
    }
  }
  return written;
}

export const RIGHT: readonly RightHand[] = [
  // A1: lines of fractions that go on below.
  right("7/8 + 1/6", "two lines, the second with =", "25/24", (s) => {
    fractionLine(s, "7/8+1/6=21/24+4/24", 0);
    fractionLine(s, "=25/24", 3);
  }),
  right("7/8 + 1/6", "= under the first =", "1 1/24", (s) => {
    fractionLine(s, "7/8+1/6=21/24+4/24", 0);
    fractionLine(s, "=25/24", 3, 3);
    fractionLine(s, "=1 1/24", 6, 3);
  }),
  right("5/6 - 1/4", "a line for each fraction, then the difference", "7/12", (s) => {
    fractionLine(s, "5/6=10/12", 0);
    fractionLine(s, "1/4=3/12", 3);
    fractionLine(s, "10/12−3/12=7/12", 6);
  }),
  right("3/4 × 2/9", "products written out, then reduced in lines", "1/6", (s) => {
    fractionLine(s, "3/4×2/9", 0);
    fractionLine(s, "=6/36", 3);
    fractionLine(s, "=1/6", 6);
  }),
  right("2/3 ÷ 4/5", "turned over on the second line", "5/6", (s) => {
    fractionLine(s, "2/3:4/5", 0);
    fractionLine(s, "=2/3×5/4", 3);
    fractionLine(s, "=10/12=5/6", 6);
  }),
  right("2 1/3 + 1 1/2", "wholes apart", "3 5/6", (s) => {
    s.line("2+1=3", 0, 0);
    fractionLine(s, "1/3+1/2=2/6+3/6=5/6", 1);
    fractionLine(s, "3+5/6=3 5/6", 4);
  }),
  // A2: the quotient at the right.
  right("1575 ÷ 7", "the quotient at the right, only what is left", "225", (s) => {
    s.line("1575:7=", 0, 0);
    s.sign("2", 7, 0);
    s.sign("1", 1, 1);
    s.sign("7", 2, 1);
    s.sign("2", 8, 0);
    s.sign("3", 2, 2);
    s.sign("5", 3, 2);
    s.sign("5", 9, 0);
    s.sign("0", 3, 3);
  }),
  right("1575 ÷ 7", "the quotient at the right, with products", "225", (s) => {
    s.line("1575:7=", 0, 0);
    s.sign("2", 7, 0);
    s.line("14", 0, 1);
    s.rule(2, 0, 2);
    s.line("17", 1, 2);
    s.sign("2", 8, 0);
    s.line("14", 1, 3);
    s.rule(4, 1, 3);
    s.line("35", 2, 4);
    s.sign("5", 9, 0);
    s.line("35", 2, 5);
    s.rule(6, 2, 4);
    s.sign("0", 3, 6);
  }),
  right("952 ÷ 28", "the quotient at the right, the product first", "34", (s) => {
    s.line("952:28=", 0, 0);
    s.line("84", 0, 1);
    s.sign("3", 7, 0);
    s.rule(2, 0, 2);
    s.line("11", 0, 2);
    s.sign("2", 2, 2);
    s.line("112", 0, 3);
    s.sign("4", 8, 0);
    s.rule(4, 0, 3);
    s.sign("0", 2, 4);
  }),
  right("7.2 ÷ 3", "the quotient at the right, with its point", "2.4", (s) => {
    s.line("7.2:3=", 0, 0);
    s.sign("2", 5, 0);
    s.sign("6", 0, 1);
    s.rule(2, 0, 1);
    s.sign("1", 0, 2);
    s.marks.push({ kind: "point", line: 6, row: 0, look: "written" });
    s.sign("2", 1, 2);
    s.sign("4", 6, 0);
    s.line("12", 0, 3);
    s.rule(4, 0, 2);
    s.sign("0", 1, 4);
  }),
  right("8 ÷ 5", "the quotient at the right, a zero brought down", "1.6", (s) => {
    s.line("8:5=", 0, 0);
    s.sign("1", 4, 0);
    s.sign("3", 0, 1);
    s.sign("0", 1, 1);
    s.marks.push({ kind: "point", line: 5, row: 0, look: "written" });
    s.sign("6", 5, 0);
    s.sign("0", 1, 2);
  }),
  right("952 ÷ 28", "under a bracket, the product before the digit", "34", (s) => {
    s.line("28", 0, 1);
    s.upright(2, 1);
    s.rule(1, 2, 5);
    s.line("952", 2, 1);
    s.line("84", 2, 2);
    s.sign("3", 3, 0);
    s.rule(3, 2, 4);
    s.line("11", 2, 3);
    s.sign("2", 4, 3);
    s.line("112", 2, 4);
    s.sign("4", 4, 0);
    s.rule(5, 2, 5);
    s.sign("0", 4, 5);
  }),
  right("952 ÷ 28", "no line between divisor and dividend", "34", (s) => {
    s.line("28 952", 0, 1);
    s.rule(1, 3, 6);
    s.sign("3", 4, 0);
    s.line("84", 3, 2);
    s.rule(3, 3, 5);
    s.line("112", 3, 3);
    s.sign("4", 5, 0);
    s.line("112", 3, 4);
    s.rule(5, 3, 6);
    s.sign("0", 5, 5);
  }),
  // A3: chunks and their counts.
  right("462 ÷ 14", "chunks with counts at the side", "33", (s) => {
    s.line("14", 0, 0);
    s.upright(2, 0);
    s.rule(0, 2, 5);
    s.line("462", 2, 0);
    s.line("280", 2, 1);
    s.line("20", 6, 1);
    s.rule(2, 2, 5);
    s.line("182", 2, 2);
    s.line("140", 2, 3);
    s.line("10", 6, 3);
    s.rule(4, 2, 5);
    s.line("42", 3, 4);
    s.line("42", 3, 5);
    s.sign("3", 7, 5);
    s.rule(6, 2, 5);
    s.sign("0", 4, 6);
    s.rule(6, 6, 8);
    s.line("33", 6, 6);
  }),
  right("462 ÷ 14", "chunks, the count with × before it, first", "33", (s) => {
    s.line("14", 0, 0);
    s.upright(2, 0);
    s.rule(0, 2, 5);
    s.line("462", 2, 0);
    s.line("×30", 6, 1);
    s.line("420", 2, 1);
    s.rule(2, 2, 5);
    s.line("42", 3, 2);
    s.line("×3", 7, 3);
    s.line("42", 3, 3);
    s.rule(4, 2, 5);
    s.sign("0", 4, 4);
    s.line("30+3=33", 0, 6);
  }),
  // A4: a table of multiples.
  right("676 ÷ 13", "a table of multiples before it", "52", (s) => {
    for (const [nth, of] of ["13", "26", "39", "52", "65"].entries()) s.line(of, 10, nth);
    s.line("676:13=", 0, 0);
    s.sign("5", 7, 0);
    s.line("65", 0, 1);
    s.rule(2, 0, 2);
    s.line("26", 1, 2);
    s.sign("2", 8, 0);
    s.line("26", 1, 3);
    s.rule(4, 1, 3);
    s.sign("0", 2, 4);
  }),
  right("676 ÷ 13", "a table of multiples begun after the bracket", "52", (s) => {
    s.line("13", 0, 1);
    s.upright(2, 1);
    s.rule(1, 2, 5);
    s.line("676", 2, 1);
    for (const [nth, of] of ["13", "26", "39", "52", "65", "78"].entries()) s.line(of, 9, nth);
    s.sign("5", 3, 0);
    s.line("65", 2, 2);
    s.rule(3, 2, 4);
    s.line("26", 3, 3);
    s.sign("2", 4, 0);
    s.line("26", 3, 4);
    s.rule(5, 3, 5);
    s.sign("0", 4, 5);
  }),
  right("676 ÷ 13", "doubles of the divisor on lines", "52", (s) => {
    s.line("13×2=26", 13, 0);
    s.line("13×4=52", 13, 1);
    s.line("13×5=65", 13, 2);
    s.line("676:13=52", 0, 0);
    s.line("65", 0, 1);
    s.rule(2, 0, 2);
    s.line("26", 1, 2);
    s.line("26", 1, 3);
    s.rule(4, 1, 3);
    s.sign("0", 2, 4);
  }),
  // A5: partial results from the left.
  right("478 + 265", "partial sums from the left", "743", (s) => {
    s.number("478", 0, 4);
    s.sign("+", 0, 1);
    s.number("265", 1, 4);
    s.rule(2, 0, 4);
    s.number("600", 2, 4);
    s.number("130", 3, 4);
    s.number("13", 4, 4);
    s.rule(5, 0, 4);
    s.number("743", 5, 4);
  }),
  right("643 - 268", "partial differences with signs", "375", (s) => {
    s.number("643", 0, 4);
    s.sign("−", 0, 1);
    s.number("268", 1, 4);
    s.rule(2, 0, 4);
    s.number("400", 2, 4);
    s.sign("−", 1, 3);
    s.number("20", 3, 4);
    s.sign("−", 2, 4);
    s.number("5", 4, 4);
    s.rule(5, 0, 4);
    s.number("375", 5, 4);
  }),
  right("58.6 + 27.9", "partial sums of decimals from the left", "86.5", (s) => {
    s.number("58.6", 0, 4);
    s.sign("+", 0, 1);
    s.number("27.9", 1, 4);
    s.rule(2, 0, 4);
    s.number("70", 2, 3);
    s.number("15", 3, 3);
    s.number("1.5", 4, 4);
    s.rule(5, 0, 4);
    s.number("86.5", 5, 4);
  }),
  // A6: cells, the digits one after another.
  right("34 × 27", "an area, its cells digit by digit", "918", (s) => {
    s.line("30", 3, 0);
    s.line("4", 7, 0);
    s.line("20", 0, 1);
    s.line("600", 3, 1);
    s.line("80", 7, 1);
    s.line("7", 1, 2);
    s.line("210", 3, 2);
    s.line("28", 7, 2);
    s.line("600+80+210+28=918", 0, 4);
  }),
  right("1.2 × 0.4", "an area of decimals, cells digit by digit", "0.48", (s) => {
    s.line("1", 3, 0);
    s.line("0.2", 6, 0);
    s.line("0.4", 0, 1);
    s.line("0.4", 3, 1);
    s.line("0.08", 6, 1);
    s.line("0.4+0.08=0.48", 0, 3);
  }),
  right("46 × 12", "an area, its cells before its edges are done", "552", (s) => {
    s.line("40", 3, 0);
    s.line("10", 0, 1);
    s.line("400", 3, 1);
    s.line("6", 7, 0);
    s.line("60", 7, 1);
    s.line("2", 1, 2);
    s.line("80", 3, 2);
    s.line("12", 7, 2);
    s.line("460+92=552", 0, 4);
  }),
  // A7: by factors.
  right("768 ÷ 24", "by factors in two lines", "32", (s) => {
    s.line("768:6=128", 0, 0);
    s.line("128:4=32", 0, 1);
  }),
  right("35 × 18", "by factors in two lines", "630", (s) => {
    s.line("35×2=70", 0, 0);
    s.line("70×9=630", 0, 1);
  }),
  right("45 × 16", "doubling", "720", (s) => {
    s.line("45×2=90", 0, 0);
    s.line("90×2=180", 0, 1);
    s.line("180×2=360", 0, 2);
    s.line("360×2=720", 0, 3);
  }),
  // A8: a row's digits in a side sum.
  right("57 × 43", "a side product noted above, the row shifted", "2451", (s) => {
    s.line("4×57=228", 8, 0);
    s.number("57", 0, 4);
    s.sign("×", 1, 1);
    s.number("43", 1, 4);
    s.rule(2, 0, 4);
    leftward(s, "171", 2, 4);
    leftward(s, "228", 3, 3);
    s.rule(4, 0, 4);
    leftward(s, "2451", 4, 4);
  }),
  // A9: a column that goes on.
  right("24 × 7 - 59", "the difference under the product", "109", (s) => {
    s.number("24", 0, 3);
    s.sign("×", 1, 1);
    s.number("7", 1, 3);
    s.rule(2, 0, 3);
    leftward(s, "168", 2, 3);
    s.sign("−", 0, 3);
    s.number("59", 3, 3);
    s.rule(4, 0, 3);
    leftward(s, "109", 4, 3);
  }),
  right("35 + 48 - 27", "the difference under the sum", "56", (s) => {
    s.number("35", 0, 3);
    s.sign("+", 0, 1);
    s.number("48", 1, 3);
    s.rule(2, 0, 3);
    leftward(s, "83", 2, 3);
    s.sign("−", 0, 3);
    s.number("27", 3, 3);
    s.rule(4, 0, 3);
    leftward(s, "56", 4, 3);
  }),
  // B1: an answer, and a help beside or below.
  right("-6 × 7", "the bare product to the right as a help", "−42", (s) => {
    s.line("−6×7=−42", 0, 0);
    s.line("6×7=42", 11, 0);
  }),
  right("-6 × 7", "the bare product below as a help", "−42", (s) => {
    s.line("−6×7=−42", 0, 0);
    s.line("6×7=42", 0, 2);
  }),
  right("-7 - 18", "the bare sum below as a help", "−25", (s) => {
    s.line("−7−18=−25", 0, 0);
    s.line("7+18=25", 0, 2);
  }),
  // B2: notes, money without points, units without letters.
  right("478 + 265", "side sums to the right of each column", "743", (s) => {
    s.number("478", 0, 4);
    s.sign("+", 0, 1);
    s.number("265", 1, 4);
    s.rule(2, 0, 4);
    s.line("8+5=13", 7, 0);
    s.sign("3", 3, 2);
    s.line("7+6+1=14", 7, 1);
    s.sign("4", 2, 2);
    s.line("4+2+1=7", 7, 2);
    s.sign("7", 1, 2);
  }),
  right("$3.75 + $2.60", "worked in cents, the point on a line of its own", "6.35", (s) => {
    s.number("375", 0, 4);
    s.sign("+", 0, 1);
    s.number("260", 1, 4);
    s.rule(2, 0, 4);
    leftward(s, "635", 2, 4);
    s.number("6.35", 4, 4);
  }),
  // B3: a corrected digit.
  right("403 - 127", "the result's digit corrected", "276", (s) => {
    s.number("403", 0, 4);
    s.sign("−", 0, 1);
    s.number("127", 1, 4);
    s.rule(2, 0, 4);
    const at = { col: 2, row: 2 };
    s.sign("6", 3, 2);
    s.strike(at);
    s.small("7", at);
    s.sign("8", 2, 2);
    s.sign("2", 1, 2);
  }),
];

export const WRONG: readonly WrongHand[] = [
  // C1: another expression than the problem's.
  wrong("9 - (-4) - 6", "begun with another sign", (s) => {
    const [first = []] = [s.line("9−4−6", 0, 0)];
    s.line("=5−6=−1", 0, 1);
    return [first[1] ?? last(first), first[2] ?? last(first)];
  }),
  wrong("14 + 3 × 5 - 6", "added what is to be taken away", (s) => {
    s.line("3×5=15", 0, 0);
    s.line("14+15=29", 0, 1);
    const end = s.line("29+6=35", 0, 2);
    return [end[2] ?? last(end)];
  }),
  wrong("48 - 21 + 13", "a number exchanged on the way", (s) => {
    s.line("48−21=27", 0, 0);
    const end = s.line("27+31=58", 0, 1);
    return end.slice(3, 5);
  }),
  wrong("5 × 8 - 12", "a number exchanged on the way, one line", (s) => {
    const line = s.line("5×8−21=40−21=19", 0, 0);
    return line.slice(4, 6);
  }),
  // C2: a factor copied wrongly at an edge.
  wrong("34 × 27", "an edge of the area copied wrongly", (s) => {
    s.line("30", 3, 0);
    const at = s.line("5", 7, 0);
    s.line("20", 0, 1);
    s.line("600", 3, 1);
    s.line("100", 7, 1);
    s.line("7", 1, 2);
    s.line("210", 3, 2);
    s.line("35", 7, 2);
    s.line("600+100+210+35=945", 0, 4);
    return at;
  }),
  // C3: units multiplied and turned wrongly.
  wrong(
    "3 × 2 h 25 min",
    "turned wrongly on the next line",
    (s) => {
      s.sign("2", 0, 0);
      s.sign("h", 1, 0);
      s.line("25", 2, 0);
      s.sign("min", 4, 0);
      s.line("×3", 3, 1);
      s.rule(2, 0, 5);
      s.sign("6", 0, 2);
      s.sign("h", 1, 2);
      s.line("75", 2, 2);
      s.sign("min", 4, 2);
      const at = s.sign("7", 0, 3);
      s.sign("h", 1, 3);
      const mins = s.line("25", 2, 3);
      s.sign("min", 4, 3);
      return [at, ...mins];
    },
    ["h", "min"],
  ),
  // D: a wrong small digit, told at its own square.
  wrong("503 - 187", "the ten of the zero not made a nine", (s) => {
    s.number("503", 0, 4);
    s.sign("−", 0, 1);
    s.number("187", 1, 4);
    s.rule(2, 0, 4);
    s.strike({ col: 1, row: 0 });
    s.small("4", { col: 1, row: 0 });
    s.strike({ col: 2, row: 0 });
    s.small("10", { col: 2, row: 0 });
    s.small("13", { col: 3, row: 0 });
    s.sign("6", 3, 2);
    s.sign("2", 2, 2);
    s.sign("3", 1, 2);
    return { col: 2, row: 0 };
  }),
  wrong("952 ÷ 28", "a wrong product in a long division", (s) => {
    s.line("28", 0, 1);
    s.upright(2, 1);
    s.rule(1, 2, 5);
    s.line("952", 2, 1);
    s.sign("3", 3, 0);
    const at = s.line("74", 2, 2);
    s.rule(3, 2, 4);
    s.line("21", 2, 3);
    s.sign("2", 4, 3);
    s.sign("7", 4, 0);
    s.line("196", 2, 4);
    s.rule(5, 2, 5);
    s.line("16", 3, 5);
    return at;
  }),
  wrong("8/9 - 1/6", "a wrong new numerator", (s) => {
    const all = fractionLine(s, "8/9−1/6=16/18−2/18", 0);
    fractionLine(s, "=14/18", 3);
    return all[6] ?? [];
  }),
  wrong("478 + 265", "a wrong digit under the rule, from the right", (s) => {
    s.number("478", 0, 4);
    s.sign("+", 0, 1);
    s.number("265", 1, 4);
    s.rule(2, 0, 4);
    s.sign("3", 3, 2);
    const at = s.sign("3", 2, 2);
    s.sign("7", 1, 2);
    return at;
  }),
  wrong("768 ÷ 24", "by factors that make another number", (s) => {
    s.line("768:6=128", 0, 0);
    const [, , , , four] = s.line("128:2=64", 0, 1);
    return four ?? { col: 0, row: 0 };
  }),
  wrong("-6 × 7", "a wrong sign, the help right", (s) => {
    const line = s.line("−6×7=42", 0, 0);
    s.line("6×7=42", 0, 2);
    return line.slice(4, 7);
  }),
];

void lines;
