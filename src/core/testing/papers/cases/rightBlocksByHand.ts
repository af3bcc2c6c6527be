import { type RightHand, right } from "./handCase";

/** Tables, columns, areas, helps and corrections that can still become right at every mark. */
export const BLOCKS: readonly RightHand[] = [
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
    s.leftward("171", 2, 4);
    s.leftward("228", 3, 3);
    s.rule(4, 0, 4);
    s.leftward("2451", 4, 4);
  }),
  // A9: a column that goes on.
  right("24 × 7 - 59", "the difference under the product", "109", (s) => {
    s.number("24", 0, 3);
    s.sign("×", 1, 1);
    s.number("7", 1, 3);
    s.rule(2, 0, 3);
    s.leftward("168", 2, 3);
    s.sign("−", 0, 3);
    s.number("59", 3, 3);
    s.rule(4, 0, 3);
    s.leftward("109", 4, 3);
  }),
  right("35 + 48 - 27", "the difference under the sum", "56", (s) => {
    s.number("35", 0, 3);
    s.sign("+", 0, 1);
    s.number("48", 1, 3);
    s.rule(2, 0, 3);
    s.leftward("83", 2, 3);
    s.sign("−", 0, 3);
    s.number("27", 3, 3);
    s.rule(4, 0, 3);
    s.leftward("56", 4, 3);
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
    s.leftward("635", 2, 4);
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
