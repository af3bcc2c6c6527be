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

export interface Operand {
  readonly pieces: bigint;
  readonly places: number;
}

export const PLACES = 3;
export const inPieces = ({ pieces, places }: Operand): bigint => pieces * 10n ** BigInt(PLACES - places);
export const textOf = ({ pieces, places }: Operand): string => decimal(pieces, places);

export const operand = (dice: Dice, digits = dice.among(2, 4)): Operand => {
  const places = dice.among(0, 2);
  const first = dice.among(1, 9);
  const rest = Array.from({ length: digits - 1 }, () => dice.among(0, 9)).join("");
  const last = places > 0 ? String(dice.among(1, 9)) : "";
  return { pieces: BigInt(`${first}${rest}${last}`), places: places > 0 ? places : 0 };
};

export const bare = (pieces: bigint, places: number): string =>
  decimal(pieces / 10n ** BigInt(PLACES - places), places);

/** Where a number ends, if its ones end at a line. */
export const endOf = (text: string, ones: number): number => ones + (text.split(".")[1]?.length ?? 0);

/** A wrong number instead of another, and which of its digits is the wrong one. */
export function miscounted(dice: Dice, text: string): { readonly text: string; readonly nth: number } {
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

export const digitAt = (text: string, nth: number): string => text.replace(".", "")[nth] ?? "0";

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
