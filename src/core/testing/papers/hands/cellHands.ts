import { changed, type Dice, otherDigit, type Square, type WrittenPaper } from "../sheet";
import { Hand } from "./hand";

/** A lattice: its frame and edges first, its squares in rows, in columns or from the right, the diagonals last. */
export function latticeHand(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [String(dice.among(12, 98)), String(dice.among(12, 98))];
  if (/0/.test(a + b)) return latticeHand(dice, wrong);
  const hand = new Hand();
  const [left, top] = [3, 2];
  for (let i = 0; i < 2; i++)
    for (let j = 0; j < 2; j++) hand.marks.push({ kind: "diagonal", col: left + i, row: top + j, size: 1 });
  hand.marks.push({ kind: "frame", col: left, row: top, width: 2, height: 2 });
  const edges = [
    () => [...a].forEach((digit, i) => void hand.sign(digit, left + i, top - 1)),
    () => [...b].forEach((digit, j) => void hand.sign(digit, left + 2, top + j)),
  ];
  if (dice.chance(0.4)) edges.reverse();
  for (const write of edges) write();
  const spots: Square[] = [];
  const bad = wrong ? dice.among(0, 3) : -1;
  const cells = [0, 1, 2, 3].map((nth) => ({ i: nth % 2, j: Math.floor(nth / 2), nth }));
  const order = dice.pick([cells, [...cells].reverse(), [...cells].sort((x, y) => x.i - y.i || x.j - y.j)]);
  const values: number[][] = [[], []];
  for (const { i, j, nth } of order) {
    let value = Number(a[i]) * Number(b[j]);
    const tens = Math.floor(value / 10);
    let ones = value % 10;
    if (nth === bad) {
      ones = Number(otherDigit(dice, String(ones)));
      value = tens * 10 + ones;
      spots.push({ col: left + i, row: top + j });
    }
    (values[j] ?? [])[i] = value;
    const both = [
      () => hand.small(String(tens), { col: left + i, row: top + j }, "tens"),
      () => hand.small(String(ones), { col: left + i, row: top + j }, "ones"),
    ];
    if (dice.chance(0.3)) both.reverse();
    for (const write of both) write();
  }
  const total =
    (values[0]?.[0] ?? 0) * 100 +
    ((values[0]?.[1] ?? 0) + (values[1]?.[0] ?? 0)) * 10 +
    (values[1]?.[1] ?? 0);
  const digits = String(total).padStart(4, "0");
  const places = [
    { col: left - 1, row: top },
    { col: left - 1, row: top + 1 },
    { col: left, row: top + 2 },
    { col: left + 1, row: top + 2 },
  ];
  for (let nth = 3; nth >= 0; nth--) {
    const { col, row } = places[nth] ?? { col: 0, row: 0 };
    if (nth > 0 || digits[nth] !== "0") hand.sign(digits[nth] ?? "0", col, row);
  }
  return {
    kind: "lattice",
    way: "2 by 2",
    problem: `${a} × ${b}`,
    marks: hand.marks,
    answer: String(total),
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** Short division under a bracket, what is left small before the next digit, written before or after the digit of the quotient. */
export function shortDivisionHand(dice: Dice, wrong: boolean): WrittenPaper {
  const divisor = dice.among(3, 9);
  const quotient = String(dice.among(112, 989));
  if (/0/.test(quotient)) return shortDivisionHand(dice, wrong);
  const dividend = String(Number(quotient) * divisor);
  const hand = new Hand();
  const left = 1;
  hand.sign(String(divisor), 0, 1);
  const acts = [
    () => hand.upright(left, 1),
    () => hand.rule(1, left, left + dividend.length),
    () => void hand.line(dividend, left, 1),
  ];
  if (dice.chance(0.4)) acts.reverse();
  for (const write of acts) write();
  let here = 0;
  const spots: Square[] = [];
  const bad = wrong ? dice.among(0, quotient.length - 1) : -1;
  const smallFirst = dice.chance(0.4);
  let nth = 0;
  for (const [at, digit] of [...dividend].entries()) {
    here = here * 10 + Number(digit);
    if (here < divisor && nth === 0) continue;
    let times = String(Math.floor(here / divisor));
    const rest = here % divisor;
    const isBad = nth === bad;
    if (isBad) {
      times = otherDigit(dice, times, 1);
      spots.push({ col: left + at, row: 0 });
    }
    const small = (): void => {
      if (rest > 0 && at + 1 < dividend.length && !isBad)
        hand.small(String(rest), { col: left + at + 1, row: 1 });
    };
    if (smallFirst) small();
    hand.sign(times, left + at, 0);
    if (!smallFirst) small();
    if (isBad) break;
    here = rest;
    nth += 1;
  }
  return {
    kind: "short division",
    way: smallFirst ? "small first" : "digit first",
    problem: `${dividend} ÷ ${divisor}`,
    marks: hand.marks,
    answer: quotient,
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** Two units, and how many of the smaller make one of the larger. */
type Pair = readonly [big: string, small: string, rate: number];

const UNITS: readonly [Pair, ...Pair[]] = [
  ["h", "min", 60],
  ["ft", "in", 12],
  ["lb", "oz", 16],
];

/** Columns of two units, the smaller first or the larger, turned on a line below or at once. */
export function unitHand(dice: Dice, wrong: boolean): WrittenPaper {
  const [big, small, rate] = dice.pick(UNITS);
  const [a, b] = [dice.among(1, 8), dice.among(2, rate - 1)];
  const [c, d] = [dice.among(1, 8), dice.among(2, rate - 1)];
  const hand = new Hand();
  const row = (x: number, y: number, at: number): readonly [readonly Square[], readonly Square[]] => {
    const one = hand.rightward(String(x), at, 3);
    hand.sign(big, 3, at);
    const other = hand.rightward(String(y), at, 6);
    hand.sign(small, 6, at);
    return [one, other];
  };
  row(a, b, 0);
  hand.sign("+", 0, 1);
  row(c, d, 1);
  hand.rule(2, 0, 7);
  const [wholes, parts] = [a + c, b + d];
  const turns = parts >= rate;
  const bad = wrong ? dice.pick(["small", "big"] as const) : "none";
  let [x, y] = [wholes, parts];
  if (bad === "small")
    y = Number(
      changed(String(parts), String(parts).length - 1, otherDigit(dice, String(parts).at(-1) ?? "0", 1)),
    );
  if (bad === "big") x += 1;
  const smallFirst = dice.chance(0.5);
  const at = 2;
  let spots: readonly Square[] = [];
  const one = (): void => {
    const squares = hand.rightward(String(x), at, 3);
    hand.sign(big, 3, at);
    if (bad === "big") spots = squares;
  };
  const other = (): void => {
    const squares = hand.rightward(String(y), at, 6);
    hand.sign(small, 6, at);
    if (bad === "small") spots = squares;
  };
  const acts = smallFirst ? [other, one] : [one, other];
  for (const write of acts) write();
  let answer = `${x} ${big} ${y} ${small}`;
  if (turns && bad === "none") {
    row(wholes + 1, parts - rate, 3);
    answer = `${wholes + 1} ${big} ${parts - rate} ${small}`;
  }
  return {
    kind: "units",
    way: smallFirst ? "small first" : "big first",
    problem: `${a} ${big} ${b} ${small} + ${c} ${big} ${d} ${small}`,
    marks: hand.marks,
    answer,
    units: [big, small],
    ...(wrong ? { wrong: spots } : {}),
  };
}
