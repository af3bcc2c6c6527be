import {
  bare,
  digitAt,
  endOf,
  inPieces,
  miscounted,
  type Operand,
  operand,
  PLACES,
  textOf,
} from "./columnPens";
import { type Dice, decimal, Sheet, type Square, type WrittenPaper } from "./sheet";

/** Differences: by exchanging, by ones paid, from the head, by hops, with a check below. */
export function subtractionPaper(dice: Dice, wrong: boolean): WrittenPaper {
  let [a, b] = [operand(dice, dice.among(2, 3)), operand(dice, dice.among(2, 3))];
  if (inPieces(a) < inPieces(b)) [a, b] = [b, a];
  if (inPieces(a) === inPieces(b)) return subtractionPaper(dice, wrong);
  const places = Math.max(a.places, b.places);
  const problem = `${textOf(a)} - ${textOf(b)}`;
  const answer = bare(inPieces(a) - inPieces(b), places);
  const sheet = new Sheet();
  const ones = dice.among(7, 10);
  let row = dice.among(1, 3);
  const way = dice.pick(["plain", "filled", "exchanged", "paid", "check", "hops", "note"]);
  const error = wrong ? dice.pick(["answer", "answer", "copied", "swapped", "smallFromLarge"]) : "none";
  if (way === "hops" && !wrong) return hopsPaper(dice, problem, a, b, places, answer);
  const text = (one: Operand): string =>
    way === "filled" || way === "exchanged" ? bare(inPieces(one), places) : textOf(one);
  let [top, bottom] = [text(a), text(b)];
  const spots: Square[] = [];
  let [upper, lower] = [inPieces(a), inPieces(b)];
  let copiedAt = -1;
  if (error === "copied") {
    const off = miscounted(dice, textOf(b));
    bottom = off.text;
    copiedAt = off.nth;
    lower = BigInt(off.text.replace(".", "")) * 10n ** BigInt(PLACES - (off.text.split(".")[1]?.length ?? 0));
    if (lower >= upper) return subtractionPaper(dice, wrong);
  }
  if (error === "swapped") [top, bottom, upper, lower] = [bottom, top, lower, upper];
  const topSquares = sheet.number(top, row, endOf(top, ones));
  const bottomSquares = sheet.number(bottom, row + 1, endOf(bottom, ones));
  if (error === "copied") {
    const square = bottomSquares[copiedAt];
    if (square) spots.push(square);
  }
  if (error === "swapped") spots.push(...topSquares.slice(0, 1));
  sheet.sign("−", ones - 6, row + 1);
  sheet.rule(row + 2, ones - 6, ones + places);
  let shown = bare(upper > lower ? upper - lower : lower - upper, places);
  let at = -1;
  if (error === "answer") {
    const off = miscounted(dice, shown);
    shown = off.text;
    at = off.nth;
  }
  if (error === "smallFromLarge") {
    const [x, y] = [
      bare(inPieces(a), places).replace(".", ""),
      bare(inPieces(b), places).replace(".", ""),
    ].map((one, _, all) => one.padStart(Math.max(...all.map(({ length }) => length)), "0"));
    const digits = [...(x ?? "")]
      .map((digit, nth) => String(Math.abs(Number(digit) - Number((y ?? "")[nth]))))
      .join("");
    const bad = decimal(BigInt(digits), places);
    if (bad === shown || top !== bare(inPieces(a), places)) return subtractionPaper(dice, wrong);
    const right = shown.replace(".", "").padStart(digits.length, "0");
    const trimmed = bad.replace(".", "").padStart(digits.length, "0");
    const off = [...trimmed].reverse().findIndex((digit, nth) => digit !== [...right].reverse()[nth]);
    shown = bad;
    at = bad.replace(".", "").length - 1 - off;
  }
  if (way === "exchanged" && error === "none") exchanged(sheet, topSquares, top, bottom);
  if (way === "paid" && top.length === bottom.length)
    for (const [nth, square] of topSquares.entries()) {
      const below = bottomSquares[nth];
      if (nth > 0 && below && Number(digitAt(top, nth)) < Number(digitAt(bottom, nth))) {
        sheet.small("1", square);
        const before = bottomSquares[nth - 1];
        if (before) sheet.small("1", before);
      }
    }
  row += 2;
  const squares = sheet.number(shown, row, endOf(shown, ones));
  const square = squares[at];
  if (square) spots.push(square);
  if (way === "check" && error === "none") {
    sheet.number(shown, row + 2, endOf(shown, ones));
    sheet.number(bottom, row + 3, endOf(bottom, ones));
    sheet.sign("+", ones - 6, row + 3);
    sheet.rule(row + 4, ones - 6, ones + places);
    const back = bare(inPieces(a), places);
    sheet.number(back, row + 4, endOf(back, ones));
  }
  if (way === "note") sheet.line("12-8=4", 1, row + 2);
  return {
    kind: "subtraction",
    way: `${way} ${error}`,
    problem,
    marks: sheet.marks,
    answer,
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** What was struck and what it became, from the right, as one who exchanges writes it. */
function exchanged(sheet: Sheet, squares: readonly Square[], top: string, bottom: string): void {
  const upper = [...top.replace(".", "")].map(Number);
  const lower = [...bottom.replace(".", "").padStart(upper.length, "0")].map(Number);
  const now = [...upper];
  for (let nth = upper.length - 1; nth > 0; nth--) {
    if ((now[nth] ?? 0) >= (lower[nth] ?? 0)) continue;
    let giver = nth - 1;
    while (giver > 0 && now[giver] === 0) giver -= 1;
    if (now[giver] === 0) return;
    now[giver] = (now[giver] ?? 0) - 1;
    for (let between = giver + 1; between < nth; between++) now[between] = (now[between] ?? 0) + 9;
    now[nth] = (now[nth] ?? 0) + 10;
  }
  squares.forEach((square, nth) => {
    if (now[nth] === upper[nth]) return;
    sheet.strike(square);
    sheet.small(String(now[nth]), square);
  });
}

/** Counting up in lines, by hops of one's own. */
function hopsPaper(
  dice: Dice,
  problem: string,
  a: Operand,
  b: Operand,
  places: number,
  answer: string,
): WrittenPaper {
  const sheet = new Sheet();
  const [from, to] = [inPieces(b), inPieces(a)];
  const stops = [from];
  const step = 10n ** BigInt(PLACES + dice.among(0, 1));
  const first = (from / step + 1n) * step;
  if (first > from && first < to) stops.push(first);
  const middle = (to / step) * step;
  if (middle > (stops.at(-1) ?? 0n) && middle < to) stops.push(middle);
  stops.push(to);
  const hops: string[] = [];
  let row = 1;
  const clean = (pieces: bigint): string =>
    bare(pieces, places)
      .replace(/(\.\d*?)0+$/, "$1")
      .replace(/\.$/, "");
  stops.slice(1).forEach((stop, nth) => {
    const before = stops[nth] ?? 0n;
    hops.push(clean(stop - before));
    sheet.line(`${clean(before)}+${clean(stop - before)}=${clean(stop)}`, 1, row);
    row += 1;
  });
  if (hops.length > 1) sheet.line(`${hops.join("+")}=${answer}`, 1, row);
  else sheet.line(`=${answer}`, 1, row + 1);
  return hops.length > 1
    ? { kind: "subtraction", way: "hops", problem, marks: sheet.marks, answer }
    : subtractionPaper(dice, false);
}
