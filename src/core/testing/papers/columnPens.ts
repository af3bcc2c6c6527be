import {
  changed,
  type Dice,
  decimal,
  digitPlaces,
  otherDigit,
  Sheet,
  type Square,
  type WrittenPaper,
} from "./sheet";

interface Operand {
  readonly pieces: bigint;
  readonly places: number;
}

const PLACES = 3;
const inPieces = ({ pieces, places }: Operand): bigint => pieces * 10n ** BigInt(PLACES - places);
const textOf = ({ pieces, places }: Operand): string => decimal(pieces, places);

const operand = (dice: Dice, digits = dice.among(2, 4)): Operand => {
  const places = dice.among(0, 2);
  const first = dice.among(1, 9);
  const rest = Array.from({ length: digits - 1 }, () => dice.among(0, 9)).join("");
  const last = places > 0 ? String(dice.among(1, 9)) : "";
  return { pieces: BigInt(`${first}${rest}${last}`), places: places > 0 ? places : 0 };
};

const bare = (pieces: bigint, places: number): string =>
  decimal(pieces / 10n ** BigInt(PLACES - places), places);

/** Where a number ends, if its ones end at a line. */
const endOf = (text: string, ones: number): number => ones + (text.split(".")[1]?.length ?? 0);

/** A wrong number instead of another, and which of its digits is the wrong one. */
function miscounted(dice: Dice, text: string): { readonly text: string; readonly nth: number } {
  const places = digitPlaces(text);
  const nth = dice.among(0, places.length - 1);
  const at = places[nth] ?? 0;
  return { text: changed(text, at, otherDigit(dice, text[at] ?? "0", nth === 0 ? 1 : 0)), nth };
}

/** Sums in columns: in any order, filled up or not, with carries anywhere, notes at the side, two by two, with no rule. */
export function additionPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const numbers = Array.from({ length: dice.pick([2, 2, 3]) }, () => operand(dice));
  const problem = numbers.map(textOf).join(" + ");
  const places = Math.max(...numbers.map((one) => one.places));
  const sum = numbers.reduce((all, one) => all + inPieces(one), 0n);
  const answer = bare(sum, places);
  const sheet = new Sheet();
  const ones = dice.among(7, 10);
  const order = dice.chance(0.3) ? [...numbers].reverse() : numbers;
  let row = dice.among(1, 3);
  const way = dice.pick([
    "plain",
    "filled",
    "carries",
    "carryRow",
    "copied",
    "note",
    "noRule",
    "twoByTwo",
    "noSign",
  ]);
  const spots: Square[] = [];
  if (way === "copied") {
    sheet.line(problem.replaceAll(" ", ""), 1, row);
    row += 2;
  }
  if (way === "carryRow") {
    sheet.sign("1", ones - 2, row);
    if (dice.chance(0.5)) sheet.sign("1", ones - 3, row);
    row += 1;
  }
  const slip = wrong ? dice.pick(["answer", "answer", "copied", "point"]) : "none";
  // Zeros that were filled in would hide which digit was copied wrongly.
  const error =
    (slip === "copied" && way === "filled") || (slip === "point" && places === 0) ? "answer" : slip;
  const written = order.map((one) => (way === "filled" ? bare(inPieces(one), places) : textOf(one)));
  const values = order.map(inPieces);
  if (error === "copied") {
    const nth = dice.among(0, order.length - 1);
    const text = textOf(order[nth] ?? { pieces: 0n, places: 0 });
    const off = miscounted(dice, text);
    written[nth] = off.text;
    values[nth] =
      BigInt(off.text.replace(".", "")) * 10n ** BigInt(PLACES - (off.text.split(".")[1]?.length ?? 0));
  }
  const total = bare(
    values.reduce((all, one) => all + one, 0n),
    places,
  );
  const rowsOf = (texts: readonly string[]): void => {
    texts.forEach((text, nth) => {
      const squares = sheet.number(text, row, endOf(text, ones));
      if (
        error === "copied" &&
        text !== textOf(order[nth] ?? { pieces: 0n, places: 0 }) &&
        way !== "filled"
      ) {
        const ought = textOf(order[nth] ?? { pieces: 0n, places: 0 }).replace(".", "");
        const digits = text.replace(".", "");
        const at = [...digits].findIndex((digit, index) => digit !== ought[index]);
        const square = squares[at];
        if (square) spots.push(square);
      }
      if (nth === texts.length - 1 && way !== "noSign") sheet.sign("+", ones - 6, row);
      row += 1;
    });
  };
  if (way === "twoByTwo" && order.length === 3 && !wrong) {
    const [a, b, c] = written;
    rowsOf([a ?? "", b ?? ""]);
    sheet.rule(row, ones - 6, ones + places);
    const first = bare((values[0] ?? 0n) + (values[1] ?? 0n), places);
    sheet.number(first, row, endOf(first, ones));
    row += 1;
    rowsOf([c ?? ""]);
  } else rowsOf(written);
  if (way !== "noRule") sheet.rule(row, ones - 6, ones + places);
  let shown = total;
  let at = -1;
  if (error === "answer") {
    const off = miscounted(dice, total);
    shown = off.text;
    at = off.nth;
  }
  if (error === "point") {
    const line = dice.chance(0.5) ? ones - 1 : ones + 1;
    sheet.number(total.replace(".", ""), row, ones + places);
    sheet.marks.push({ kind: "point", line, row, look: "written" });
    spots.push({ col: line, row });
    shown = "";
  }
  if (shown !== "") {
    const squares = sheet.number(shown, row, endOf(shown, ones));
    const square = squares[at];
    if (square) spots.push(square);
  }
  if (way === "carries") sheet.small("1", { col: ones - 2, row: row - order.length });
  if (way === "note") sheet.line("6+7=13", 1, row + 2);
  return {
    kind: "addition",
    way: `${way} ${error}`,
    problem,
    marks: sheet.marks,
    answer: answer,
    ...(wrong && spots.length > 0 ? { wrong: spots } : {}),
  };
}

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

const digitAt = (text: string, nth: number): string => text.replace(".", "")[nth] ?? "0";

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

/** Money: columns with the sign in front, totals in a line, change by coins of one's own choice. */
export function moneyPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [BigInt(dice.among(105, 985)), BigInt(dice.among(105, 985))];
  const way = dice.pick(["columns", "line", "coins", "signed"]);
  const sheet = new Sheet();
  if (way === "coins") {
    const note = 1000n;
    const price = b - (b % 5n);
    const answer = decimal(note - price, 2);
    const coins: bigint[] = [];
    let here = price;
    while (here % 100n !== 0n) {
      const coin = here % 25n !== 0n ? (here % 10n !== 0n ? 5n : 10n) : 25n;
      const next = here + coin > (here / 100n + 1n) * 100n ? 5n : coin;
      coins.push(next);
      here += next;
    }
    let row = 1;
    here = price;
    const wrongAt = wrong ? dice.among(0, coins.length - 1) : -1;
    const spots: Square[] = [];
    for (const [nth, coin] of coins.entries()) {
      let next = decimal(here + coin, 2);
      const off =
        nth === wrongAt ? changed(next, next.length - 1, otherDigit(dice, next.at(-1) ?? "0")) : next;
      const squares = sheet.line(`$${decimal(here, 2)}+${coin}c=$${off}`, 1, row);
      if (off !== next) spots.push(squares.at(-1) ?? { col: 0, row });
      next = off;
      here += coin;
      row += 1;
    }
    const dollars = (note - here) / 100n;
    if (dollars > 0n) sheet.line(`$${decimal(here, 2)}+$${dollars}=$10.00`, 1, row++);
    const parts = [
      ...(coins.length > 0
        ? [
            decimal(
              coins.reduce((all, one) => all + one, 0n),
              2,
            ),
          ]
        : []),
      ...(dollars > 0n ? [String(dollars)] : []),
    ];
    if (parts.length < 2) return moneyPaper(dice, wrong);
    sheet.line(`${parts.map((one) => `$${one}`).join("+")}=$${answer}`, 1, row);
    return {
      kind: "money",
      way: `coins ${wrong ? "stop" : ""}`,
      problem: `$10 - $${decimal(price, 2)}`,
      marks: sheet.marks,
      answer,
      ...(wrong ? { wrong: spots } : {}),
    };
  }
  const answer = decimal(a + b, 2);
  const problem = `$${decimal(a, 2)} + $${decimal(b, 2)}`;
  const off = wrong ? miscounted(dice, answer) : { text: answer, nth: -1 };
  const spots: Square[] = [];
  if (way === "line") {
    const text = `$${decimal(a, 2)}+$${decimal(b, 2)}=$`;
    sheet.line(text + off.text, 1, 2);
    const squares = sheet.marks
      .flatMap((mark) => (mark.kind === "glyph" ? [{ col: mark.col, row: mark.row }] : []))
      .slice(-off.text.replace(".", "").length);
    const square = squares[off.nth];
    if (square) spots.push(square);
  } else {
    const ones = 8;
    for (const [row, one] of [a, b].entries()) {
      const squares = sheet.number(decimal(one, 2), row + 2, ones + 2);
      const first = squares[0];
      if (way === "signed" && first) sheet.sign("$", first.col - 1, row + 2);
    }
    sheet.sign("+", ones - 4, 3);
    sheet.rule(4, ones - 4, ones + 2);
    const squares = sheet.number(off.text, 4, ones + 2);
    const first = squares[0];
    if (way === "signed" && first) sheet.sign("$", first.col - 1, 4);
    const square = squares[off.nth];
    if (square) spots.push(square);
  }
  return { kind: "money", way, problem, marks: sheet.marks, answer, ...(wrong ? { wrong: spots } : {}) };
}
