import { gcd, slipped } from "../linePens";
import type { Dice, Square, WrittenPaper } from "../sheet";
import { Hand } from "./hand";

/** A number as it stands in a line: with its minus. */
const signed = (value: number): string => (value < 0 ? `−${-value}` : String(value));

/** A step of a line of fractions: `7/8` a fraction, all else as it is. */
type Piece = readonly [over: string, under: string] | string;

/** Writes pieces beside each other; gives the squares of each. */
function pieces(hand: Hand, dice: Dice, all: readonly Piece[], row: number, from: number) {
  let col = from;
  const squares: (readonly Square[])[] = [];
  const barFirst = dice.chance(0.2);
  for (const piece of all) {
    if (typeof piece === "string") {
      squares.push(hand.line(piece, col, row));
      col += piece.length;
    } else {
      const { top, bottom, end } = hand.stroked(piece[0], piece[1], col, row, barFirst);
      squares.push([...top, ...bottom]);
      col = end;
    }
  }
  return { squares, end: col };
}

/** Sums and differences of fractions over any common denominator, in one line or several, each beginning with = or not. */
export function fractionHand(dice: Dice, wrong: boolean): WrittenPaper {
  const [b, d] = [dice.among(2, 9), dice.among(2, 9)];
  const [a, c] = [dice.among(1, b - 1), dice.among(1, d - 1)];
  const op = dice.pick(["+", "−", "×"] as const);
  if (op === "−" && a * d <= c * b) return fractionHand(dice, wrong);
  const hand = new Hand();
  const spots: Square[] = [];
  const problem = `${a}/${b} ${op === "−" ? "-" : op} ${c}/${d}`;
  const broken = dice.chance(0.6);
  const [one, other]: [Piece, Piece] = [
    [String(a), String(b)],
    [String(c), String(d)],
  ];
  if (op === "×") {
    let over = String(a * c);
    if (wrong) over = slipped(dice, over);
    const { squares, end } = pieces(
      hand,
      dice,
      broken ? [one, "×", other] : [one, "×", other, "=", [over, String(b * d)]],
      0,
      0,
    );
    const result = broken
      ? pieces(hand, dice, ["=", [over, String(b * d)]], 3, dice.pick([0, end - 1])).squares[1]
      : squares[4];
    if (wrong) spots.push(...(result ?? []));
    return done(
      "fractions",
      broken ? "two lines" : "one line",
      problem,
      hand,
      `${over}/${b * d}`,
      wrong,
      spots,
    );
  }
  const common = dice.chance(0.6) ? (b * d) / gcd(b, d) : b * d;
  const bad = wrong ? dice.pick(["one", "other", "sum"] as const) : "none";
  let [p, q] = [String((a * common) / b), String((c * common) / d)];
  if (bad === "one") p = slipped(dice, p);
  if (bad === "other") q = slipped(dice, q);
  const value = op === "+" ? Number(p) + Number(q) : Number(p) - Number(q);
  if (value <= 0) return fractionHand(dice, wrong);
  let sum = String(value);
  if (bad === "sum") sum = slipped(dice, sum);
  const widened: readonly Piece[] = [[p, String(common)], op, [q, String(common)]];
  const way = dice.pick(["one line", "two lines", "three lines", "each"] as const);
  let parts: readonly (readonly Square[])[] = [];
  let total: readonly Square[] | undefined;
  if (way === "each") {
    const first = pieces(hand, dice, [one, "=", [p, String(common)]], 0, 0).squares;
    const second = pieces(hand, dice, [other, "=", [q, String(common)]], 3, 0).squares;
    parts = [first[2] ?? [], [], second[2] ?? []];
    total = pieces(hand, dice, [...widened, "=", [sum, String(common)]], 6, 0).squares[4];
  } else if (way === "one line") {
    const { squares } = pieces(
      hand,
      dice,
      [one, op, other, "=", ...widened, "=", [sum, String(common)]],
      0,
      0,
    );
    parts = squares.slice(4, 7);
    total = squares[8];
  } else if (way === "two lines") {
    const { squares } = pieces(hand, dice, [one, op, other, "=", ...widened], 0, 0);
    parts = squares.slice(4, 7);
    total = pieces(hand, dice, ["=", [sum, String(common)]], 3, dice.pick([0, 3])).squares[1];
  } else {
    pieces(hand, dice, [one, op, other], 0, 1);
    parts = pieces(hand, dice, ["=", ...widened], 3, 0).squares.slice(1, 4);
    total = pieces(hand, dice, ["=", [sum, String(common)]], 6, 0).squares[1];
  }
  if (bad === "one") spots.push(...(parts[0] ?? []));
  if (bad === "other") spots.push(...(parts[2] ?? []));
  if (bad === "sum") spots.push(...(total ?? []));
  return done("fractions", way, problem, hand, `${sum}/${common}`, wrong, spots);
}

function done(
  kind: string,
  way: string,
  problem: string,
  { marks }: Hand,
  answer: string,
  wrong: boolean,
  spots: readonly Square[],
): WrittenPaper {
  return { kind, way, problem, marks, answer, ...(wrong ? { wrong: spots } : {}) };
}

/** Sums, differences and products of signed numbers, with the bare numbers as a help above, beside or below. */
export function signedHand(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [
    dice.among(2, 18) * (dice.chance(0.6) ? -1 : 1),
    dice.among(2, 18) * (dice.chance(0.6) ? -1 : 1),
  ];
  const op = dice.pick(["+", "−", "×"] as const);
  if (a > 0 && b > 0) return signedHand(dice, wrong);
  const value = op === "+" ? a + b : op === "−" ? a - b : a * b;
  if (value === 0 || value === a || value === b) return signedHand(dice, wrong);
  const hand = new Hand();
  const bracketed = b < 0 ? `(${signed(b)})` : String(b);
  const expression = `${signed(a)}${op}${bracketed}`;
  const bad = wrong ? dice.pick(["sign", "size"] as const) : "none";
  const said =
    bad === "sign"
      ? signed(-value)
      : bad === "size"
        ? `${value < 0 ? "−" : ""}${slipped(dice, String(Math.abs(value)))}`
        : signed(value);
  const help = op === "×" && dice.chance(0.6) ? `${Math.abs(a)}×${Math.abs(b)}=${Math.abs(value)}` : "";
  const where = dice.pick(["above", "beside", "below"] as const);
  if (help !== "" && where === "above") hand.line(help, 0, 0);
  const row = 2;
  const lines = dice.chance(0.5) ? 1 : 2;
  let squares: readonly Square[];
  if (lines === 1) squares = hand.line(`${expression}=${said}`, 0, row).slice(expression.length + 1);
  else {
    hand.line(expression, 0, row);
    squares = hand.line(`=${said}`, 0, row + 1).slice(1);
  }
  if (help !== "" && where === "beside") hand.line(help, 15, row);
  if (help !== "" && where === "below") hand.line(help, 0, row + 4);
  return done(
    "signed",
    help === "" ? "bare" : `help ${where}`,
    expression.replaceAll("−", "-"),
    hand,
    said,
    wrong,
    squares,
  );
}

/** Several operations, each on a line of its own or the whole carried over line by line; in columns under one another too. */
export function chainHand(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b, c, d] = [dice.among(11, 60), dice.among(2, 9), dice.among(3, 9), dice.among(2, 9)];
  const product = b * c;
  const end = a + product - d;
  const hand = new Hand();
  const problem = `${a} + ${b} × ${c} - ${d}`;
  const way = dice.pick(["apart", "carried"] as const);
  const bad = wrong ? dice.pick(["product", "sum", "operation", "number"] as const) : "none";
  let spots: readonly Square[] = [];
  const p = bad === "product" ? Number(slipped(dice, String(product))) : product;
  let sum = a + p;
  if (bad === "sum") sum = Number(slipped(dice, String(sum)));
  const last = bad === "number" ? Number(slipped(dice, String(d))) : d;
  const sign = bad === "operation" ? "+" : "−";
  const total = sign === "+" ? sum + last : sum - last;
  if (total < 0 || (wrong && (total === end || last === c || last === b))) return chainHand(dice, wrong);
  if (way === "apart") {
    const one = hand.line(`${b}×${c}=${p}`, 0, 0);
    const two = hand.line(`${a}+${p}=${sum}`, 0, 1);
    const three = hand.line(`${sum}${sign}${last}=${total}`, 0, 2);
    const at = String(sum).length;
    spots =
      bad === "product"
        ? one.slice(4)
        : bad === "sum"
          ? two.slice(2 + String(a).length + String(p).length)
          : bad === "operation"
            ? three.slice(at, at + 1)
            : three.slice(at + 1, at + 1 + String(last).length);
  } else {
    hand.line(`${a}+${b}×${c}−${d}`, 1, 0);
    // What goes wrong on the way is seen at the first line that has it.
    const two = hand.line(`=${a}+${p}${sign}${last}`, 0, 1);
    const three = hand.line(`=${sum}${sign}${last}`, 0, 2);
    hand.line(`=${total}`, 0, 3);
    const at = 2 + String(a).length;
    spots =
      bad === "product"
        ? two.slice(at, at + String(p).length)
        : bad === "sum"
          ? three.slice(1, 1 + String(sum).length)
          : bad === "operation"
            ? two.slice(at + String(p).length, at + String(p).length + 1)
            : two.slice(at + String(p).length + 1);
  }
  return done("chains", `${way} ${bad}`, problem, hand, String(total), wrong, spots);
}
