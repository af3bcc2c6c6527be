import { fractionLine, type RightHand, right } from "./handCase";

/** Lines and divisions that can still become right at every mark. */
export const LINES_AND_DIVISIONS: readonly RightHand[] = [
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
];
