import { changed, type Dice, decimal, otherDigit, Sheet, type Square, type WrittenPaper } from "./sheet";

/** Long division: the quotient above, after the sign or beside; products and what is left, or only what is left; chunks. */
export function longDivisionPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const divisor = BigInt(dice.pick([3, 4, 6, 7, 8, 9, 12, 14]));
  const quotient = BigInt(dice.among(102, 985));
  const places = dice.pick([0, 0, 1, 2]);
  const dividend = String(divisor * quotient);
  const answer = decimal(quotient, places);
  const problem = `${decimal(BigInt(dividend), places)} ÷ ${divisor}`;
  const way = dice.pick(["bracket", "sign", "right", "leftOnly", "chunks", "multiples"]);
  if (way === "chunks")
    return places === 0
      ? chunksPaper(dice, wrong, dividend, divisor, quotient)
      : longDivisionPaper(dice, wrong);
  const sheet = new Sheet();
  const [left, row] = [5, 3];
  const end = left + dividend.length;
  sheet.number(decimal(BigInt(dividend), places), row, end);
  const error = wrong ? dice.pick(way === "leftOnly" ? ["left"] : ["product", "left", "quotient"]) : "none";
  const rounds: { readonly col: number; readonly digit: number }[] = [];
  let here = 0n;
  [...dividend].forEach((digit, nth) => {
    here = here * 10n + BigInt(digit);
    if (here >= divisor || rounds.length > 0) {
      rounds.push({ col: left + nth, digit: Number(here / divisor) });
      here %= divisor;
    }
  });
  const spots: Square[] = [];
  const worked = rounds.filter(({ digit }) => digit > 0);
  const badRound = dice.among(0, worked.length - 1);
  let text = String(quotient);
  if (error === "quotient") {
    const nth = dice.among(0, text.length - 1);
    text = changed(text, nth, otherDigit(dice, text[nth] ?? "0", nth === 0 ? 1 : 0));
    const shown = decimal(BigInt(text), places);
    const squares = writeQuotient(sheet, way, shown, divisor, row, left, end);
    const square = squares[nth + squares.length - text.length];
    if (square) spots.push(square);
  } else writeQuotient(sheet, way, answer, divisor, row, left, end);
  let at = row + 1;
  let rest = 0n;
  let pointer = left;
  let broken = false;
  for (const [nth, { col, digit }] of worked.entries()) {
    while (pointer <= col) {
      rest = rest * 10n + BigInt(dividend[pointer - left] ?? "0");
      pointer += 1;
    }
    let product = String(BigInt(digit) * divisor);
    const isBad = error !== "none" && error !== "quotient" && nth === badRound && !broken;
    if (way !== "leftOnly") {
      let bad = -1;
      if (isBad && error === "product") {
        bad = dice.among(0, product.length - 1);
        product = changed(product, bad, otherDigit(dice, product[bad] ?? "0", bad === 0 ? 1 : 0));
        if (BigInt(product) > rest) return longDivisionPaper(dice, wrong);
      }
      const squares = sheet.number(product, at, col + 1);
      const square = squares[bad];
      if (square) spots.push(square);
      if (dice.chance(0.5)) sheet.sign("−", col - product.length, at);
      at += 1;
      sheet.rule(at, col + 1 - product.length, col + 1);
    }
    rest -= BigInt(product);
    const next = worked[nth + 1]?.col;
    let shown = String(rest);
    for (let bring = pointer; next !== undefined && bring <= next; bring++)
      shown += dividend[bring - left] ?? "";
    const upTo = next === undefined ? end : next + 1;
    if (next === undefined)
      for (let bring = pointer; bring < end; bring++) shown += dividend[bring - left] ?? "";
    if (shown.length > 1 && dice.chance(0.6)) shown = shown.replace(/^0+(?=.)/, "");
    if (isBad && error === "left") {
      const bad = dice.among(0, shown.length - 1);
      shown = changed(shown, bad, otherDigit(dice, shown[bad] ?? "0", 1));
      const squares = sheet.number(shown, at, upTo);
      const square = squares[bad];
      if (square) spots.push(square);
      broken = true;
      break;
    }
    sheet.number(shown, at, upTo);
    at += 1;
    if (isBad && error === "product") {
      broken = true;
      break;
    }
  }
  if (way === "multiples" && !broken)
    for (const [nth, times] of [1n, 2n, 5n].entries())
      sheet.number(String(divisor * times), row + 1 + nth, end + 7);
  return {
    kind: "long division",
    way: `${way} ${error}`,
    problem,
    marks: sheet.marks,
    answer,
    ...(wrong ? { wrong: spots } : {}),
  };
}

function writeQuotient(
  sheet: Sheet,
  way: string,
  text: string,
  divisor: bigint,
  row: number,
  left: number,
  end: number,
): readonly Square[] {
  const by = String(divisor);
  if (way === "sign" || way === "leftOnly") {
    sheet.line(`:${by}=`, end, row);
    return sheet.line(text, end + by.length + 2, row);
  }
  if (way === "right") {
    sheet.upright(end + 1, row);
    sheet.number(by, row, end + 1 + by.length);
    sheet.rule(row + 1, end + 1, end + 5);
    return sheet.line(text, end + 1, row + 1);
  }
  sheet.number(by, row, left);
  sheet.upright(left, row);
  sheet.rule(row, left, end);
  return sheet.number(text, row - 1, end);
}

/** Chunks taken away, with how often beside them. */
function chunksPaper(
  dice: Dice,
  wrong: boolean,
  dividend: string,
  divisor: bigint,
  quotient: bigint,
): WrittenPaper {
  const sheet = new Sheet();
  const [left, row] = [4, 2];
  const end = left + dividend.length;
  sheet.number(dividend, row, end);
  sheet.number(String(divisor), row, left);
  sheet.upright(left, row);
  const chunks = [...String(quotient)].flatMap((digit, nth, all) =>
    digit === "0" ? [] : [BigInt(digit) * 10n ** BigInt(all.length - 1 - nth)],
  );
  if (dice.chance(0.4) && (chunks[0] ?? 0n) > 100n) chunks.splice(0, 1, 100n, (chunks[0] ?? 0n) - 100n);
  let here = BigInt(dividend);
  let at = row + 1;
  const bad = wrong ? dice.among(0, chunks.length - 1) : -1;
  const spots: Square[] = [];
  for (const [nth, chunk] of chunks.entries()) {
    const product = chunk * divisor;
    sheet.number(String(product), at, end);
    sheet.number(String(chunk), at, end + 6);
    sheet.rule(at + 1, left, end);
    here -= product;
    let shown = String(here);
    let wrongAt = -1;
    if (nth === bad) {
      wrongAt = dice.among(0, shown.length - 1);
      shown = changed(shown, wrongAt, otherDigit(dice, shown[wrongAt] ?? "0", 1));
    }
    const squares = sheet.number(shown, at + 1, end);
    const square = squares[wrongAt];
    if (square) spots.push(square);
    at += 2;
    if (nth === bad) break;
  }
  sheet.upright(end + 2, row, at);
  if (bad < 0) {
    sheet.rule(at - 1, end + 2, end + 6);
    sheet.number(String(quotient), at - 1, end + 6);
  }
  return {
    kind: "long division",
    way: "chunks",
    problem: `${dividend} ÷ ${divisor}`,
    marks: sheet.marks,
    answer: String(quotient),
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** Short division: the quotient above or below, small remainders or none. */
export function shortDivisionPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const divisor = BigInt(dice.among(3, 9));
  const quotient = BigInt(dice.among(103, 985));
  const places = dice.pick([0, 0, 1, 2]);
  const dividend = String(divisor * quotient);
  const sheet = new Sheet();
  const [left, row] = [4, 3];
  const end = left + dividend.length;
  const squares = sheet.number(decimal(BigInt(dividend), places), row, end).slice(-dividend.length);
  sheet.number(String(divisor), row, left);
  sheet.upright(left, row);
  const below = dice.chance(0.5);
  sheet.rule(below ? row + 1 : row, left, end);
  if (dice.chance(0.7)) {
    let rest = 0n;
    for (const [nth, square] of squares.entries()) {
      if (rest > 0n) sheet.small(String(rest), square);
      rest = (rest * 10n + BigInt(dividend[nth] ?? "0")) % divisor;
    }
  }
  let text = String(quotient);
  const answer = decimal(quotient, places);
  const nth = dice.among(0, text.length - 1);
  if (wrong) text = changed(text, nth, otherDigit(dice, text[nth] ?? "0", nth === 0 ? 1 : 0));
  const shown = sheet.number(decimal(BigInt(text), places), below ? row + 1 : row - 1, end);
  const square = shown[nth + shown.length - text.length];
  return {
    kind: "short division",
    way: below ? "below" : "above",
    problem: `${decimal(BigInt(dividend), places)} ÷ ${divisor}`,
    marks: sheet.marks,
    answer,
    ...(wrong && square ? { wrong: [square] } : {}),
  };
}
