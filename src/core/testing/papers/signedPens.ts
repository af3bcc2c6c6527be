import { slipped } from "./linePens";
import { type Dice, Sheet, type Square, type WrittenPaper } from "./sheet";

/** Numbers with signs, in lines or on a number line of one's own. */
export function signedPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const sheet = new Sheet();
  const way = dice.pick(["line", "oneSign", "leftToRight", "numberLine", "product"]);
  const [a, b, c] = [dice.among(2, 12), dice.among(2, 12), dice.among(1, 9)];
  const text = (value: number): string => (value < 0 ? `−${-value}` : String(value));
  const spots: Square[] = [];
  const result = (value: number, col: number, row: number): void => {
    let shown = text(value);
    if (wrong)
      shown =
        dice.chance(0.5) && value !== 0
          ? value < 0
            ? shown.slice(1)
            : `−${shown}`
          : text(value < 0 ? value - 1 : value + 1);
    const squares = sheet.line(shown, col, row);
    if (wrong) spots.push(...squares);
  };
  if (way === "numberLine") {
    const value = b - a;
    const row = 5;
    const line = (at: number): number => 8 + at;
    if (value < -6 || a > 7 || b > 12) return signedPaper(dice, wrong);
    sheet.rule(row, 0, 16);
    for (const at of [-a, value]) {
      const squares =
        at < 0
          ? [
              { text: "−", col: line(at) - 1 },
              { text: String(-at), col: line(at) },
            ]
          : [{ text: String(at), col: line(at) - (at > 9 ? 1 : 0) }];
      for (const one of squares) sheet.line(one.text, one.col - 0, row);
    }
    const stops = dice.chance(0.5) && b > 2 ? [dice.among(1, b - 1)] : [];
    const ends = [...stops, b];
    let here = 0;
    for (const [nth, end] of ends.entries()) {
      const bad = wrong && nth === ends.length - 1 ? 1 : 0;
      sheet.marks.push({ kind: "jump", row, from: line(here - a), to: line(end - a) + bad, rise: 1 });
      if (bad) spots.push({ col: Math.floor(line(here - a)), row: row - 1 });
      here = end;
    }
    return {
      kind: "signed",
      way,
      problem: `-${a} + ${b}`,
      marks: sheet.marks,
      answer: text(value),
      ...(wrong ? { wrong: spots } : {}),
    };
  }
  if (way === "product") {
    const negative = dice.chance(0.5);
    sheet.line(`−${a}×${negative ? `(−${b})` : b}=`, 1, 2);
    const value = negative ? a * b : -a * b;
    result(
      value,
      negative ? 5 + String(a).length + String(b).length + 2 : 4 + String(a).length + String(b).length,
      2,
    );
    return {
      kind: "signed",
      way,
      problem: `-${a} × ${negative ? `(-${b})` : b}`,
      marks: sheet.marks,
      answer: text(value),
      ...(wrong ? { wrong: spots } : {}),
    };
  }
  if (way === "leftToRight") {
    const steps = [a - b, a - b + c];
    sheet.line(`${a}−${b}=${text(a - b)}`, 1, 1);
    const begun = `${text(a - b)}+${c}=`;
    sheet.line(begun, 1, 2);
    result(steps[1] ?? 0, 1 + begun.length, 2);
    return {
      kind: "signed",
      way,
      problem: `${a} - ${b} + ${c}`,
      marks: sheet.marks,
      answer: text(a - b + c),
      ...(wrong ? { wrong: spots } : {}),
    };
  }
  const value = -a + b;
  const problem = `-${a} - (-${b})`;
  if (dice.chance(0.6)) sheet.line(`−${a}−(−${b})`, 1, 1);
  else sheet.line(`−${a}−(−${b})=−${a}+${b}`, 1, 1);
  if (way === "oneSign") sheet.line(`=−${a}+${b}`, 1, 2);
  sheet.line("=", 1, 3);
  result(value, 2, 3);
  return {
    kind: "signed",
    way,
    problem,
    marks: sheet.marks,
    answer: text(value),
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** Several operations: line after line, the steps each for themselves, or one after the other in a row. */
export function chainPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b, c, d] = [dice.among(3, 9), dice.among(3, 9), dice.among(11, 39), dice.among(2, 9)];
  const sheet = new Sheet();
  const way = dice.pick(["lines", "apart", "running"]);
  const problem = `${a} × ${b} + ${c} - ${d}`;
  const values = [a * b, a * b + c, a * b + c - d];
  const bad = wrong ? dice.among(0, 2) : -1;
  const spots: Square[] = [];
  const said: string[] = [];
  let shift = 0;
  values.forEach((value, nth) => {
    const is = String(value + shift);
    const shown = nth === bad ? slipped(dice, is) : is;
    if (nth === bad) shift += Number(shown) - Number(is);
    said.push(shown);
  });
  const [x = "", y = "", z = ""] = said;
  const put = (text: string, col: number, row: number, isBad: boolean, at: number, length: number): void => {
    const squares = sheet.line(text, col, row);
    if (isBad) spots.push(...squares.slice(at, at + length));
  };
  if (way === "lines") {
    sheet.line(`${a}×${b}+${c}−${d}`, 1, 1);
    put(`=${x}+${c}−${d}`, 1, 2, bad === 0, 1, x.length);
    put(`=${y}−${d}`, 1, 3, bad === 1, 1, y.length);
    put(`=${z}`, 1, 4, bad === 2, 1, z.length);
  } else if (way === "apart") {
    const rows = [`${a}×${b}=`, `${x}+${c}=`, `${y}−${d}=`];
    for (const [nth, row] of rows.entries())
      put(row + (said[nth] ?? ""), 1, 1 + nth, bad === nth, row.length, (said[nth] ?? "").length);
  } else {
    const text = `${a}×${b}=${x}+${c}=${y}−${d}=${z}`;
    const squares = sheet.line(text, 0, 2);
    const at =
      [`${a}×${b}=`.length, `${a}×${b}=${x}+${c}=`.length, `${a}×${b}=${x}+${c}=${y}−${d}=`.length][bad] ?? 0;
    if (bad >= 0) spots.push(...squares.slice(at, at + (said[bad] ?? "").length));
  }
  return {
    kind: "chains",
    way: `${way} ${bad}`,
    problem,
    marks: sheet.marks,
    answer: String(values[2]),
    ...(wrong ? { wrong: spots } : {}),
  };
}
