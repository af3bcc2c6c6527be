import { fractionLine, last, type WrongHand, wrong } from "./handCase";

/** Papers with one error, told first at its mark. */
export const ERRORS: readonly WrongHand[] = [
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
  wrong("720 ÷ 24", "by factors that make another number", (s) => {
    s.line("720:6=120", 0, 0);
    const [, , , , five] = s.line("120:5=24", 0, 1);
    return five ?? { col: 0, row: 0 };
  }),
  wrong("-6 × 7", "a wrong sign, the help right", (s) => {
    const line = s.line("−6×7=42", 0, 0);
    s.line("6×7=42", 0, 2);
    return line.slice(4, 7);
  }),
];
