import { changed, type Dice, decimal, otherDigit, Sheet, type Square, type WrittenPaper } from "./sheet";

const factor = (dice: Dice, digits: number): string =>
  Array.from({ length: digits }, (_, nth) =>
    String(nth === 0 || nth === digits - 1 ? dice.among(2, 9) : dice.among(0, 9)),
  ).join("");

const off = (dice: Dice, text: string): { readonly text: string; readonly nth: number } => {
  const nth = dice.among(0, text.length - 1);
  return { text: changed(text, nth, otherDigit(dice, text[nth] ?? "0", nth === 0 ? 1 : 0)), nth };
};

/** Products in columns: factors either way round, rows in any order, by zeros or moved, each digit by each, beside one another. */
export function multiplicationPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [factor(dice, dice.among(2, 3)), factor(dice, dice.pick([1, 2, 2, 2]))];
  const [p, q] = [dice.pick([0, 0, 1]), dice.pick([0, 0, 1])];
  const [x, y] = [decimal(BigInt(a), p), decimal(BigInt(b), Math.min(q, b.length - 1))];
  const places = p + Math.min(q, b.length - 1);
  const problem = `${x} × ${y}`;
  const product = BigInt(a) * BigInt(b);
  const answer = decimal(product, places);
  const sheet = new Sheet();
  const edge = 11;
  let row = dice.among(1, 2);
  const swapped = dice.chance(0.25) && b.length > 1;
  const [top, bottom] = swapped ? [b, a] : [a, b];
  const beside = dice.chance(0.25);
  const [topText, bottomText] = swapped ? [y, x] : [x, y];
  if (beside) sheet.line(`${topText}×${bottomText}`, edge - top.length - bottom.length - 1, row++);
  else {
    sheet.number(topText, row, edge);
    sheet.number(bottomText, row + 1, edge);
    sheet.sign("×", edge - 6, row + 1);
    row += 2;
  }
  sheet.rule(row, edge - 6, edge);
  const single = bottom.replace(/^0+/, "").length === 1;
  const way = single ? "oneRow" : dice.pick(["moved", "zeros", "tensFirst", "cells"]);
  const error = wrong
    ? single
      ? "total"
      : dice.pick(way === "moved" || way === "zeros" ? ["row", "total", "shift"] : ["row", "total"])
    : "none";
  const spots: Square[] = [];
  if (!single) {
    const parts: { value: bigint; zeros: number }[] =
      way === "cells"
        ? [...bottom]
            .reverse()
            .flatMap((digit, j) =>
              [...top]
                .reverse()
                .flatMap((other, i) =>
                  digit === "0" || other === "0"
                    ? []
                    : [{ value: BigInt(digit) * BigInt(other) * 10n ** BigInt(i + j), zeros: 0 }],
                ),
            )
        : [...bottom]
            .reverse()
            .flatMap((digit, j) =>
              digit === "0"
                ? []
                : [{ value: BigInt(top) * BigInt(digit) * 10n ** BigInt(j), zeros: way === "moved" ? j : 0 }],
            );
    if (way === "tensFirst") parts.reverse();
    const bad = error === "row" ? dice.among(0, parts.length - 1) : -1;
    let sum = 0n;
    for (const [nth, { value, zeros }] of parts.entries()) {
      const text = String(value / 10n ** BigInt(zeros));
      const significant = text.replace(/0+$/, "");
      let shown = text;
      let at = -1;
      if (nth === bad) {
        const changedText = off(dice, significant);
        shown = changedText.text + text.slice(significant.length);
        at = changedText.nth;
      }
      const moved = error === "shift" && nth === 1 && parts.length > 1 ? 1 : 0;
      const right = edge - zeros + (way === "moved" ? moved : 0);
      const cut = way === "zeros" && moved === 1 ? shown.replace(/0$/, "") : shown;
      const squares = sheet.number(cut, row, right);
      if (moved === 1) spots.push(...squares);
      const square = squares[at];
      if (square) spots.push(square);
      sum += BigInt(cut) * 10n ** BigInt(edge - right);
      row += 1;
    }
    if (dice.chance(0.3)) sheet.sign("+", edge - 8, row - 1);
    sheet.rule(row, edge - 6, edge);
    let total = String(sum);
    if (error === "total") {
      const bad2 = off(dice, total);
      total = bad2.text;
      const squares = sheet.number(decimal(BigInt(total), places), row, edge);
      const lead = squares.length - total.length;
      const square = squares[bad2.nth + lead];
      if (square) spots.push(square);
    } else sheet.number(decimal(sum, places), row, edge);
  } else {
    const text = String(product);
    if (error === "total") {
      const bad = off(dice, text);
      const squares = sheet.number(decimal(BigInt(bad.text), places), row, edge);
      const square = squares[bad.nth + squares.length - text.length];
      if (square) spots.push(square);
    } else sheet.number(answer, row, edge);
  }
  if (dice.chance(0.3)) sheet.line("3×4=12", 0, row + 2);
  return {
    kind: "multiplication",
    way: `${way} ${beside ? "beside " : ""}${swapped ? "swapped " : ""}${error}`,
    problem,
    marks: sheet.marks,
    answer,
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** A lattice, its zeros in front written or not. */
export function latticePaper(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [factor(dice, dice.among(2, 3)), factor(dice, 2)];
  const sheet = new Sheet();
  const [left, top] = [dice.among(3, 5), dice.among(2, 3)];
  const zeros = dice.chance(0.4);
  for (const [i, digit] of [...a].entries()) sheet.sign(digit, left + i, top - 1);
  for (const [j, digit] of [...b].entries()) sheet.sign(digit, left + a.length, top + j);
  for (let i = 0; i < a.length; i++)
    for (let j = 0; j < b.length; j++)
      sheet.marks.push({ kind: "diagonal", col: left + i, row: top + j, size: 1 });
  sheet.marks.push({ kind: "frame", col: left, row: top, width: a.length, height: b.length });
  const error = wrong ? dice.pick(["cell", "sum"]) : "none";
  const bad = [dice.among(0, a.length - 1), dice.among(0, b.length - 1)];
  const spots: Square[] = [];
  let whole = 0n;
  for (let i = 0; i < a.length; i++)
    for (let j = 0; j < b.length; j++) {
      let value = Number(a[i]) * Number(b[j]);
      const square = { col: left + i, row: top + j };
      if (error === "cell" && bad[0] === i && bad[1] === j) {
        value = value >= 90 ? value - 1 : value + 1;
        spots.push(square);
      }
      const tens = Math.floor(value / 10);
      if (tens > 0 || zeros) sheet.small(String(tens), square, "tens");
      sheet.small(String(value % 10), square, "ones");
      whole += BigInt(value) * 10n ** BigInt(a.length - 1 - i + b.length - 1 - j);
    }
  const size = a.length + b.length;
  let digits = String(whole).padStart(size, "0");
  let at = -1;
  if (error === "sum") {
    const first = digits.search(/[1-9]/);
    at = dice.among(first, size - 1);
    digits = changed(digits, at, otherDigit(dice, digits[at] ?? "0", 1));
  }
  [...digits].forEach((digit, nth) => {
    if (digit === "0" && !zeros && /^0+$/.test(digits.slice(0, nth + 1))) return;
    const square =
      nth < b.length
        ? { col: left - 1, row: top + nth }
        : { col: left + nth - b.length, row: top + b.length };
    sheet.sign(digit, square.col, square.row);
    if (nth === at) spots.push(square);
  });
  const answer = String(BigInt(a) * BigInt(b));
  if (dice.chance(0.5)) sheet.number(String(BigInt(digits)), top + b.length + 2, left + 6);
  return {
    kind: "lattice",
    way: `${zeros ? "zeros" : "none"} ${error}`,
    problem: `${a} × ${b}`,
    marks: sheet.marks,
    answer,
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** An area with its fields anywhere, its parts put together below or in a line. */
export function areaPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [factor(dice, 2), factor(dice, dice.pick([1, 2, 2]))];
  const parts = (text: string): readonly bigint[] =>
    [...text].flatMap((digit, nth) =>
      digit === "0" ? [] : [BigInt(digit) * 10n ** BigInt(text.length - 1 - nth)],
    );
  const [along, down] = [parts(a), parts(b)];
  const sheet = new Sheet();
  const boxes = dice.chance(0.5);
  const wide =
    Math.max(...along.map((part) => String(part * (down[0] ?? 1n)).length)) +
    (boxes ? 0 : 1) +
    dice.among(0, 1);
  const high = dice.among(1, 2);
  const [left, top] = [4, dice.among(1, 2)];
  for (const [i, part] of along.entries()) sheet.number(String(part), top, left + wide * (i + 1) - 1);
  const fields: string[] = [];
  const bad = wrong && dice.chance(0.6) ? dice.among(0, along.length * down.length - 1) : -1;
  const spots: Square[] = [];
  down.forEach((side, j) => {
    const row = top + 1 + j * high;
    sheet.number(String(side), row, left - 1);
    along.forEach((part, i) => {
      const text = String(part * side);
      const nth = j * along.length + i;
      const significant = text.replace(/0+$/, "");
      const changedText = nth === bad ? off(dice, significant) : undefined;
      const shown = changedText ? changedText.text + text.slice(significant.length) : text;
      const squares = sheet.number(shown, row, left + wide * (i + 1) - 1);
      const square = changedText && squares[changedText.nth];
      if (square) spots.push(square);
      fields.push(shown);
      if (boxes)
        sheet.marks.push({ kind: "frame", col: left + wide * i - 1, row, width: wide, height: high });
    });
  });
  const sum = fields.reduce((all, one) => all + BigInt(one), 0n);
  let total = String(sum);
  let at = -1;
  if (wrong && bad < 0) {
    const changedText = off(dice, total);
    total = changedText.text;
    at = changedText.nth;
  }
  const row = top + 3 + down.length * high;
  if (dice.chance(0.5) || fields.length === 1) {
    const text = `${fields.join("+")}=`;
    const squares = sheet.line(text + total, 0, row);
    const square = squares[text.length + at];
    if (at >= 0 && square) spots.push(square);
  } else {
    for (const [nth, field] of fields.entries()) sheet.number(field, row + nth, 9);
    sheet.rule(row + fields.length, 4, 9);
    const squares = sheet.number(total, row + fields.length, 9);
    const square = squares[at];
    if (square) spots.push(square);
  }
  const answer = String(BigInt(a) * BigInt(b));
  if (fields.length === 1) return areaPaper(dice, wrong);
  return {
    kind: "area",
    way: `${boxes ? "boxes" : "bare"} ${bad < 0 ? "sum" : "field"}`,
    problem: `${a} × ${b}`,
    marks: sheet.marks,
    answer,
    ...(wrong ? { wrong: spots } : {}),
  };
}
