import { changed, type Dice, decimal, otherDigit, type Square, type WrittenPaper } from "../sheet";
import { Hand } from "./hand";

const ROW = 1;

/** Two numbers under one another, set out in any order: the sign first or last, the rule before the numbers or after, digits from either end. */
function setOut(hand: Hand, dice: Dice, sign: string, top: string, bottom: string, right: number): void {
  const left = right - Math.max(top.replace(".", "").length, bottom.replace(".", "").length) - 1;
  const write = (text: string, row: number) =>
    dice.chance(0.3)
      ? hand.leftward(text, row, right - placesAfter(text))
      : hand.rightward(text, row, right - placesAfter(text));
  const widest = Math.max(...[top, bottom].map((text) => text.split(".")[1]?.length ?? 0));
  const placesAfter = (text: string): number => widest - (text.split(".")[1]?.length ?? 0);
  const acts = [
    () => void write(top, ROW),
    () => void hand.sign(sign, left, ROW + 1),
    () => void write(bottom, ROW + 1),
    () => hand.rule(ROW + 2, left, right),
  ];
  const order = dice.pick([
    [0, 1, 2, 3],
    [0, 2, 1, 3],
    [0, 2, 3, 1],
    [3, 0, 1, 2],
    [1, 0, 2, 3],
    [0, 1, 3, 2],
  ]);
  for (const nth of order) acts[nth]?.();
}

/** Two numbers of a sum or a difference with as many places, so that one column has a carry or an exchange. */
function numbers(dice: Dice, op: "+" | "−", money: boolean) {
  const places = money ? 2 : dice.pick([0, 0, 1, 2]);
  const size = dice.pick([99, 999, 9999]);
  let [a, b] = [BigInt(dice.among(12, size)), BigInt(dice.among(12, size))];
  if (op === "−" && a < b) [a, b] = [b, a];
  if (a === b) a += 7n;
  const value = op === "+" ? a + b : a - b;
  return {
    a,
    b,
    value,
    places,
    texts: [decimal(a, places), decimal(b, places), decimal(value, places)] as const,
  };
}

function columnPaper(dice: Dice, wrong: boolean, kind: "addition" | "subtraction" | "money"): WrittenPaper {
  const op = kind === "subtraction" ? "−" : kind === "addition" ? "+" : dice.pick(["+", "−"] as const);
  const { a, b, places, texts } = numbers(dice, op, kind === "money");
  const [top, bottom, answer] = texts;
  const hand = new Hand();
  const right = 9;
  const sign = kind === "money" ? "$" : "";
  const problem = `${sign}${top} ${op === "−" ? "-" : "+"} ${sign}${bottom}`;
  const spots: Square[] = [];
  const way = dice.pick(
    wrong
      ? ["plain", "noted", "lineFirst"]
      : ["plain", "noted", "parts", "lineFirst", "checked", "corrected"],
  );
  if (way === "lineFirst") hand.line(`${top}${op}${bottom}`, 12, 0);
  setOut(hand, dice, op, top, bottom, right);
  let result = answer;
  const bare = answer.replace(".", "");
  if (wrong) {
    const nth = dice.among(0, bare.length - 1);
    const at = answer.indexOf(".") >= 0 && nth >= answer.indexOf(".") ? nth + 1 : nth;
    result = changed(answer, at, otherDigit(dice, answer[at] ?? "0", nth === 0 ? 1 : 0));
    spots.push({ col: right - bare.length + nth, row: ROW + 2 });
  }
  const notes = way === "noted" ? columnNotes(a, b, op) : [];
  if (way === "parts" && places === 0 && op === "+") {
    const parts = partsOf(a, b);
    parts.forEach((part, nth) => void hand.rightward(part, ROW + 2 + nth, right));
    hand.rule(ROW + 2 + parts.length, right - 5, right);
    hand.rightward(answer, ROW + 2 + parts.length, right);
  } else if (way === "corrected") {
    const squares = hand.leftward(result, ROW + 2, right);
    const one = squares.at(-1);
    // The last digit is struck and written anew, small beside it: the same one, seen through.
    if (one !== undefined) {
      hand.strike(one);
      hand.small(result.at(-1) ?? "", one);
    }
  } else {
    // A note for each column before its digit is written.
    const digits = [...result.replace(".", "")];
    for (let nth = digits.length - 1; nth >= 0; nth--) {
      const note = notes[digits.length - 1 - nth];
      if (note !== undefined) hand.line(note, 12, digits.length - 1 - nth);
      if (places > 0 && digits.length - nth === places + 1) hand.point(right - places, ROW + 2);
      hand.sign(digits[nth] ?? "", right - digits.length + nth, ROW + 2);
    }
  }
  if (way === "checked") {
    hand.rightward(answer, ROW + 6, right);
    hand.sign(op === "+" ? "−" : "+", 2, ROW + 7);
    hand.rightward(bottom, ROW + 7, right);
    hand.rule(ROW + 8, 2, right);
    hand.leftward(top, ROW + 8, right);
  }
  return { kind, way, problem, marks: hand.marks, answer: result, ...(wrong ? { wrong: spots } : {}) };
}

/** The sum of each place, as rows of parts, from the left. */
function partsOf(a: bigint, b: bigint): readonly string[] {
  const places = Math.max(String(a).length, String(b).length);
  return Array.from({ length: places }, (_, nth) => {
    const unit = 10n ** BigInt(places - 1 - nth);
    return (((a / unit) % 10n) + ((b / unit) % 10n)) * unit;
  })
    .filter((part) => part > 0n)
    .map(String);
}

/** What is noted beside a column: the sum of its digits with what was carried. */
function columnNotes(a: bigint, b: bigint, op: "+" | "−"): readonly string[] {
  if (op === "−") return [];
  let carry = 0n;
  return Array.from({ length: Math.max(String(a).length, String(b).length) }, (_, nth) => {
    const [x, y] = [(a / 10n ** BigInt(nth)) % 10n, (b / 10n ** BigInt(nth)) % 10n];
    const text = carry > 0n ? `${x}+${y}+${carry}=${x + y + carry}` : `${x}+${y}=${x + y}`;
    carry = (x + y + carry) / 10n;
    return text;
  });
}

export const additionHand = (dice: Dice, wrong: boolean): WrittenPaper =>
  columnPaper(dice, wrong, "addition");
export const subtractionHand = (dice: Dice, wrong: boolean): WrittenPaper =>
  columnPaper(dice, wrong, "subtraction");
export const moneyHand = (dice: Dice, wrong: boolean): WrittenPaper => columnPaper(dice, wrong, "money");
