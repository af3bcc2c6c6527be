import { changed, type Dice, otherDigit, Sheet, type Square, type WrittenPaper } from "./sheet";

/** The greatest common divisor of two whole numbers. */
export const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
const lcm = (a: number, b: number): number => (a * b) / gcd(a, b);

/** A number with one digit changed. */
export const slipped = (dice: Dice, text: string): string => {
  const nth = dice.among(0, text.length - 1);
  return changed(text, nth, otherDigit(dice, text[nth] ?? "0", nth === 0 ? 1 : 0));
};

/** Fractions in lines of any kind: any common denominator, made simpler before or after, mixed or not. */
export function fractionPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const [b, d] = [dice.among(2, 9), dice.among(2, 9)];
  const [a, c] = [dice.among(1, b - 1), dice.among(1, d - 1)];
  const op = dice.pick(["+", "+", "−", "×"]);
  if (op === "−" && a * d <= c * b) return fractionPaper(dice, wrong);
  const sheet = new Sheet();
  const problem = `${a}/${b} ${op === "−" ? "-" : op} ${c}/${d}`;
  let row = dice.among(0, 1);
  const spots: Square[] = [];
  const error = wrong ? dice.pick(op === "×" ? ["result"] : ["widened", "result"]) : "none";
  if (dice.chance(0.4)) {
    const one = sheet.fraction(String(a), String(b), 1, row);
    sheet.sign(op, one.end, row + dice.among(0, 1));
    sheet.fraction(String(c), String(d), one.end + 1, row);
    row += dice.among(2, 3);
  }
  let [over, under] = [a * c, b * d];
  let way = op === "×" ? "across" : "common";
  if (op === "×") {
    const one = sheet.fraction(String(a), String(b), 1, row);
    sheet.sign("×", one.end, row);
    const other = sheet.fraction(String(c), String(d), one.end + 1, row);
    sheet.sign("=", other.end, row);
    let text = String(over);
    if (error === "result") text = slipped(dice, text);
    const result = sheet.fraction(text, String(under), other.end + 1, row);
    if (error === "result") spots.push(...result.top, ...result.bottom);
    over = Number(text);
  } else {
    const common = dice.chance(0.6) ? lcm(b, d) : lcm(b, d) * 2;
    way = common === lcm(b, d) ? "least" : "other";
    let [p, q] = [a * (common / b), c * (common / d)];
    const apart = dice.chance(0.7);
    if (apart || error === "widened") {
      const badNth = dice.among(0, 1);
      [
        [a, b, p],
        [c, d, q],
      ].forEach(([numerator = 0, denominator = 1, wide = 0], nth) => {
        const one = sheet.fraction(String(numerator), String(denominator), 1, row);
        sheet.sign("=", one.end, row + 1);
        let text = String(wide);
        const isBad = error === "widened" && nth === badNth;
        if (isBad) text = slipped(dice, text);
        const other = sheet.fraction(text, String(common), one.end + 1, row);
        if (isBad) spots.push(...other.top, ...other.bottom);
        if (nth === 0) p = Number(text);
        else q = Number(text);
        row += 2;
      });
      row += dice.among(0, 1);
    }
    if (op === "−" && p <= q) return fractionPaper(dice, wrong);
    const one = sheet.fraction(String(p), String(common), 1, row);
    sheet.sign(op, one.end, row);
    const other = sheet.fraction(String(q), String(common), one.end + 1, row);
    sheet.sign("=", other.end, row);
    let text = String(op === "+" ? p + q : p - q);
    if (error === "result") text = slipped(dice, text);
    const result = sheet.fraction(text, String(common), other.end + 1, row);
    if (error === "result") spots.push(...result.top, ...result.bottom);
    [over, under] = [Number(text), common];
  }
  row += 3;
  let answer = `${over}/${under}`;
  const shared = gcd(over, under);
  if (shared > 1 && over > 0) {
    const one = sheet.fraction(String(over), String(under), 1, row);
    sheet.sign("=", one.end, row);
    const whole = dice.chance(0.5) && under / shared > 1;
    if (whole || under / shared > 1) {
      sheet.fraction(String(over / shared), String(under / shared), one.end + 1, row);
      answer = `${over / shared}/${under / shared}`;
    } else {
      sheet.line(String(over / shared), one.end + 1, row);
      answer = String(over / shared);
    }
    row += 3;
    [over, under] = [over / shared, under / shared];
  }
  if (over > under && over % under !== 0) {
    const one = sheet.fraction(String(over), String(under), 1, row);
    sheet.sign("=", one.end, row);
    const whole = String(Math.floor(over / under));
    sheet.line(whole, one.end + 1, row + dice.among(0, 1));
    sheet.fraction(String(over % under), String(under), one.end + 1 + whole.length, row);
    answer = `${whole} ${over % under}/${under}`;
  }
  return {
    kind: "fractions",
    way: `${way} ${error}`,
    problem,
    marks: sheet.marks,
    answer,
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** Measures: columns under their units, changed at the end or on the way; all in the small unit. */
export function unitPaper(dice: Dice, wrong: boolean): WrittenPaper {
  const [large, small, rate] = dice.pick([
    ["ft", "in", 12],
    ["lb", "oz", 16],
  ] as const);
  const [a, b, c, d] = [dice.among(2, 9), dice.among(1, rate - 1), dice.among(2, 9), dice.among(1, rate - 1)];
  const sheet = new Sheet();
  const way = dice.pick(["regrouped", "later", "small"]);
  const problem = `${a} ${large} ${b} ${small} + ${c} ${large} ${d} ${small}`;
  const total = (a + c) * rate + b + d;
  const answer = `${Math.floor(total / rate)} ${large} ${total % rate} ${small}`;
  const spots: Square[] = [];
  const unit = (text: string, col: number, row: number): void => {
    sheet.marks.push({ kind: "glyph", col, row, text, look: "written" });
  };
  const measure = (big: string, little: string, col: number, row: number): readonly Square[] => {
    const squares = sheet.line(big, col, row);
    unit(large, col + big.length, row);
    const rest = sheet.line(little, col + big.length + 2, row);
    unit(small, col + big.length + 2 + little.length, row);
    return [...squares, ...rest];
  };
  if (way === "small") {
    const [one, other] = [a * rate + b, c * rate + d];
    const sum = String(wrong ? Number(slipped(dice, String(one + other))) : one + other);
    const line = `${one}+${other}=`;
    sheet.line(line, 1, 2);
    unit(small, 1 + line.length + sum.length, 2);
    const squares = sheet.line(sum, 1 + line.length, 2);
    if (wrong) spots.push(...squares);
    sheet.line("=", 1, 3);
    measure(String(Math.floor(Number(sum) / rate)), String(Number(sum) % rate), 2, 3);
    sheet.marks.unshift();
    return {
      kind: "units",
      way,
      problem,
      marks: [...sheet.marks, ...conversions(a, b, c, d, large, small, rate)],
      answer,
      ...(wrong ? { wrong: spots } : {}),
      units: [large, small],
    };
  }
  const [x, y] = [5, 9];
  if (dice.chance(0.7)) {
    unit(large, x - 1, 1);
    unit(small, y - 1, 1);
  } else {
    unit(large, x - 1, 1);
    unit(small, y - 1, 1);
  }
  sheet.number(String(a), 2, x);
  sheet.number(String(b), 2, y);
  sheet.number(String(c), 3, x);
  sheet.number(String(d), 3, y);
  sheet.sign("+", 1, 3);
  sheet.rule(4, 1, y);
  const regrouped = way === "regrouped";
  const carry = regrouped && b + d >= rate ? 1 : 0;
  let [big, little] = [String(a + c + carry), String(b + d - carry * rate)];
  const badBig = wrong && dice.chance(0.5);
  if (wrong && badBig) big = slipped(dice, big);
  else if (wrong) {
    little = slipped(dice, little);
    // Another count that carrying would explain is not wrong by itself.
    if (Number(little) === b + d || (Number(little) - (b + d)) % rate === 0) return unitPaper(dice, wrong);
  }
  const squaresBig = sheet.number(big, 4, x);
  const squaresLittle = sheet.number(little, 4, y);
  if (wrong) spots.push(...(badBig ? squaresBig : squaresLittle));
  if (!regrouped && Number(little) >= rate) {
    sheet.line("=", 1, 6);
    measure(String(Number(big) + Math.floor(Number(little) / rate)), String(Number(little) % rate), 2, 6);
  }
  return {
    kind: "units",
    way,
    problem,
    marks: sheet.marks,
    answer,
    ...(wrong ? { wrong: spots } : {}),
    units: [large, small],
  };
}

function conversions(
  a: number,
  b: number,
  c: number,
  d: number,
  large: string,
  small: string,
  rate: number,
): WrittenPaper["marks"] {
  const sheet = new Sheet();
  [
    [a, b],
    [c, d],
  ].forEach(([big = 0, little = 0], row) => {
    const put = (text: string, col: number): number => {
      sheet.line(text, col, row);
      return col + text.length;
    };
    const unit = (text: string, col: number): number => {
      sheet.marks.push({ kind: "glyph", col, row, text, look: "written" });
      return col + 1;
    };
    let col = put(String(big), 1);
    col = unit(large, col) + 1;
    col = put(String(little), col);
    col = unit(small, col);
    col = put(`=${big * rate + little}`, col);
    unit(small, col);
  });
  return sheet.marks;
}
