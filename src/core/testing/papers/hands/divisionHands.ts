import { changed, type Dice, otherDigit, type Square, type WrittenPaper } from "../sheet";
import { Hand } from "./hand";

/** Each round of a division: the digit of the quotient, its product, what is left, and the column that it ends under. */
interface Round {
  readonly digit: number;
  readonly product: number;
  readonly left: number;
  readonly end: number;
}

function roundsOf(dividend: string, divisor: number): readonly Round[] {
  const rounds: Round[] = [];
  let here = 0;
  [...dividend].forEach((digit, nth) => {
    here = here * 10 + Number(digit);
    if (here < divisor && rounds.length === 0) return;
    const times = Math.floor(here / divisor);
    rounds.push({ digit: times, product: times * divisor, left: here - times * divisor, end: nth + 1 });
    here -= times * divisor;
  });
  return rounds;
}

/** The quotient at the right or over a bracket, its digit before or after its product or what is left; a table of multiples first, in between, or not. */
export function longDivisionHand(dice: Dice, wrong: boolean): WrittenPaper {
  const divisor = dice.pick([3, 4, 6, 7, 8, 12, 13, 14, 23]);
  const quotient = dice.among(23, 489);
  if (/0/.test(String(quotient))) return longDivisionHand(dice, wrong);
  const dividend = String(divisor * quotient);
  const layout = dice.pick(["right", "bracket", "unlined"] as const);
  const products = layout !== "right" || dice.chance(0.6);
  const digitFirst = dice.chance(0.6);
  const table = dice.pick(["none", "none", "first", "later"] as const);
  const hand = new Hand();
  const row = 1;
  const left = layout === "right" ? 0 : String(divisor).length + (layout === "unlined" ? 1 : 0);
  const writeTable = (): void => {
    for (let nth = 1; nth <= 5; nth++) hand.line(String(divisor * nth), 20, nth - 1);
  };
  if (table === "first") writeTable();
  const after = left + dividend.length + 1 + String(divisor).length + 1;
  if (layout === "right") hand.line(`${dividend}${dice.pick([":", "÷"])}${divisor}=`, 0, row);
  else {
    hand.line(String(divisor), 0, row);
    if (layout === "bracket") hand.upright(left, row);
    const bar = (): void => hand.rule(row, left, left + dividend.length);
    const barFirst = dice.chance(0.5);
    if (barFirst) bar();
    hand.line(dividend, left, row);
    if (!barFirst) bar();
  }
  if (table === "later") writeTable();
  const rounds = roundsOf(dividend, divisor);
  const spots: Square[] = [];
  const bad = wrong ? dice.among(0, rounds.length - 1) : -1;
  let at = row + 1;
  for (const [nth, { digit, product, left: rest, end }] of rounds.entries()) {
    const next = dividend[end];
    const isBad = nth === bad;
    const writeDigit = (): void => {
      const col = layout === "right" ? after + nth : left + end - 1;
      hand.sign(String(digit), col, layout === "right" ? row : row - 1);
    };
    const shown = rest === 0 && next !== undefined ? "" : String(rest);
    const brought = next === undefined ? "" : next;
    let text = `${shown}${brought}`;
    const edge = left + end + brought.length;
    if (!products) {
      if (digitFirst) writeDigit();
      if (isBad) {
        const other = otherDigit(dice, text[0] ?? "0", 1);
        text = changed(text, 0, other);
        spots.push({ col: edge - text.length, row: at });
      }
      hand.rightward(text, at, edge);
      if (!digitFirst) writeDigit();
      at += 1;
      if (isBad && next !== undefined) {
        const times = Math.floor(Number(text) / divisor);
        if (times > 9) return longDivisionHand(dice, wrong);
        const after = dividend[end + 1] ?? "";
        hand.sign(
          String(times),
          (layout === "right" ? String(dividend).length + String(divisor).length + 2 : 0) + nth + 1,
          row,
        );
        hand.rightward(`${Number(text) - times * divisor}${after}`, at, edge + after.length);
      }
      if (isBad) break;
      continue;
    }
    let taken = String(product);
    if (isBad) {
      const where = dice.among(0, taken.length - 1);
      taken = changed(taken, where, otherDigit(dice, taken[where] ?? "0", where === 0 ? 1 : 0));
      spots.push({ col: left + end - taken.length + where, row: at });
    }
    if (digitFirst) writeDigit();
    if (dice.chance(0.5)) hand.rightward(taken, at, left + end);
    else hand.leftward(taken, at, left + end);
    if (!digitFirst) writeDigit();
    hand.rule(at + 1, left + end - taken.length, left + end);
    if (isBad) {
      // What is left follows from the wrong product; there the learner looks up.
      const there = product + rest;
      if (Number(taken) > there) return longDivisionHand(dice, wrong);
      hand.rightward(`${there - Number(taken)}${brought}`, at + 1, edge);
      break;
    }
    if (text !== "") hand.rightward(text, at + 1, edge);
    at += 2;
  }
  return {
    kind: "long division",
    way: `${layout}${products ? "" : " left only"}${digitFirst ? "" : " product first"}${table === "none" ? "" : ` table ${table}`}`,
    problem: `${dividend} ÷ ${divisor}`,
    marks: hand.marks,
    answer: String(quotient),
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** Chunks with their counts at the side, the count before its chunk or after, and their sum below or on a line. */
export function chunksHand(dice: Dice, wrong: boolean): WrittenPaper {
  const divisor = dice.pick([6, 7, 8, 12, 14, 15]);
  const [tens, ones] = [dice.among(1, 4) * 10, dice.among(2, 9)];
  const dividend = divisor * (tens + ones);
  const hand = new Hand();
  const left = String(divisor).length;
  const right = left + String(dividend).length;
  hand.line(String(divisor), 0, 0);
  hand.upright(left, 0);
  hand.line(String(dividend), left, 0);
  const times = dice.chance(0.4) ? "×" : "";
  let [rest, row] = [dividend, 1];
  const spots: Square[] = [];
  const bad = wrong ? dice.among(0, 1) : -1;
  for (const [nth, count] of [tens, ones].entries()) {
    const chunk = String(divisor * count);
    let text = chunk;
    if (nth === bad) {
      const where = dice.among(0, chunk.length - 1);
      text = changed(chunk, where, otherDigit(dice, chunk[where] ?? "0", where === 0 ? 1 : 0));
      if (Number(text) > rest) return chunksHand(dice, wrong);
      spots.push({ col: right - text.length + where, row });
    }
    const counted = (): void => void hand.line(`${times}${count}`, right + 2, row);
    const countFirst = dice.chance(0.4);
    if (countFirst) counted();
    hand.rightward(text, row, right);
    if (!countFirst) counted();
    if (nth === bad) break;
    hand.rule(row + 1, left, right);
    rest -= divisor * count;
    hand.rightward(String(rest), row + 1, right);
    row += 2;
  }
  if (!wrong) hand.line(`${tens}+${ones}=${tens + ones}`, 0, row + 1);
  return {
    kind: "long division",
    way: `chunks ${times}`,
    problem: `${dividend} ÷ ${divisor}`,
    marks: hand.marks,
    answer: String(tens + ones),
    ...(wrong ? { wrong: spots } : {}),
  };
}
