import { slipped } from "../linePens";
import { changed, type Dice, decimal, otherDigit, type Square, type WrittenPaper } from "../sheet";
import { Hand } from "./hand";

/** A digit of a text changed, and which. */
function slip(dice: Dice, text: string): { readonly text: string; readonly nth: number } {
  const nth = dice.among(0, text.length - 1);
  return { text: changed(text, nth, otherDigit(dice, text[nth] ?? "0", nth === 0 ? 1 : 0)), nth };
}

/** Rows in either order, shifted or with zeros, each digit's product noted beside before it, the rule drawn before or after. */
export function multiplicationHand(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [BigInt(dice.among(12, 98)), BigInt(dice.among(12, 98))];
  if (a % 10n === 0n || b % 10n === 0n || b % 11n === 0n) return multiplicationHand(dice, wrong);
  const places = dice.pick([0, 0, 1]);
  const hand = new Hand();
  const right = 9;
  const [top, bottom] = [decimal(a, places), String(b)];
  hand.rightward(top, 0, right);
  hand.sign("×", 5, 1);
  hand.rightward(bottom, 1, right);
  hand.rule(2, 4, right);
  const [tens, ones] = [b / 10n, b % 10n];
  const shifted = dice.chance(0.5);
  const rows = [
    { digit: ones, text: String(a * ones), edge: right },
    {
      digit: tens,
      text: shifted ? String(a * tens) : String(a * tens * 10n),
      edge: shifted ? right - 1 : right,
    },
  ];
  if (dice.chance(0.4)) rows.reverse();
  const spots: Square[] = [];
  const bad = wrong ? dice.among(0, 2) : -1;
  const noted = dice.chance(0.4);
  let total = 0n;
  rows.forEach(({ digit, text, edge }, nth) => {
    let row = text;
    if (bad === nth) {
      const { text: other, nth: at } = slip(
        dice,
        text.replace(/0$/, (zero) => zero),
      );
      row = other;
      spots.push({ col: edge - text.length + at, row: 2 + nth });
    }
    if (noted && bad !== nth) hand.line(`${digit}×${a}=${a * digit}`, 13, nth);
    if (dice.chance(0.7)) hand.leftward(row, 2 + nth, edge);
    else hand.rightward(row, 2 + nth, edge);
    total += BigInt(row) * 10n ** BigInt(right - edge);
  });
  const ruleLast = dice.chance(0.2);
  if (!ruleLast) hand.rule(4, 4, right);
  let sum = decimal(total, places);
  if (bad === 2) {
    const { text, nth } = slip(dice, String(total));
    sum = decimal(BigInt(text), places);
    spots.push({ col: right - text.length + nth, row: 4 });
  }
  hand.leftward(sum, 4, right);
  if (ruleLast) hand.rule(4, 4, right);
  return {
    kind: "multiplication",
    way: `${shifted ? "shifted" : "zeros"}${noted ? " noted" : ""}${ruleLast ? " rule last" : ""}`,
    problem: `${top} × ${bottom}`,
    marks: hand.marks,
    answer: sum,
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** An area: its edges and its fields in any order, each number digit by digit; the sum on one line or two. */
export function areaHand(dice: Dice, wrong: boolean): WrittenPaper {
  const [a, b] = [dice.among(12, 98), dice.among(12, 98)];
  if (a % 10 === 0 || b % 10 === 0) return areaHand(dice, wrong);
  const [along, down] = [
    [a - (a % 10), a % 10],
    [b - (b % 10), b % 10],
  ] as const;
  const hand = new Hand();
  const cols = [4, 11] as const;
  const rows = [2, 4] as const;
  const spots: Square[] = [];
  const bad = wrong ? dice.pick(["field", "sum"] as const) : "none";
  const badAt = dice.among(0, 3);
  const fields = [0, 1, 2, 3].map((nth) => {
    const [i, j] = [nth % 2, Math.floor(nth / 2)];
    const right = String((along[i] ?? 0) * (down[j] ?? 0));
    const text = bad === "field" && nth === badAt ? slipped(dice, right) : right;
    return { i, j, text, isBad: text !== right };
  });
  const head = (i: number) => () => void hand.line(String(along[i]), cols[i] ?? 0, 0);
  const side = (j: number) => () => void hand.line(String(down[j]), 0, rows[j] ?? 0);
  const field = (nth: number) => () => {
    const { i, j, text, isBad } = fields[nth] ?? { i: 0, j: 0, text: "", isBad: false };
    const squares = hand.line(text, cols[i] ?? 0, rows[j] ?? 0);
    if (isBad) spots.push(...squares);
  };
  const order = dice.pick([
    [head(0), head(1), side(0), field(0), field(1), side(1), field(2), field(3)],
    [head(0), head(1), side(0), side(1), field(0), field(1), field(2), field(3)],
    [side(0), side(1), head(0), head(1), field(0), field(2), field(1), field(3)],
    [head(0), head(1), side(0), side(1), field(3), field(2), field(1), field(0)],
  ]);
  for (const act of order) act();
  const values = fields.map(({ text }) => Number(text));
  let total = values.reduce((sum, one) => sum + one, 0);
  if (bad === "sum") {
    total = Number(slipped(dice, String(total)));
  }
  const line =
    dice.chance(0.5) || bad === "sum"
      ? hand.line(`${values.join("+")}=${total}`, 0, 7)
      : (() => {
          const [x = 0, y = 0, z = 0, w = 0] = values;
          hand.line(`${x}+${y}=${x + y}`, 0, 7);
          hand.line(`${z}+${w}=${z + w}`, 0, 8);
          return hand.line(`${x + y}+${z + w}=${total}`, 0, 9);
        })();
  if (bad === "sum") spots.push(...line.slice(-String(total).length));
  return {
    kind: "area",
    way: bad,
    problem: `${a} × ${b}`,
    marks: hand.marks,
    answer: String(total),
    ...(wrong ? { wrong: spots } : {}),
  };
}

/** By factors, or doubling: lines that multiply again and again. */
export function factorsHand(dice: Dice, wrong: boolean): WrittenPaper {
  const a = dice.among(12, 78);
  const [p, q] = [dice.among(2, 9), dice.among(2, 9)];
  const divides = dice.chance(0.5);
  const hand = new Hand();
  const spots: Square[] = [];
  const first = divides ? a * q : a * p;
  const start = divides ? a * p * q : a;
  const sign = divides ? dice.pick([":", "÷"]) : "×";
  const said = wrong ? slipped(dice, String(first)) : String(first);
  if (wrong && divides && Number(said) % q !== 0) return factorsHand(dice, wrong);
  const line = hand.line(`${start}${sign}${p}=${said}`, 0, 0);
  if (wrong) spots.push(...line.slice(-said.length));
  const end = divides ? Number(said) / q : Number(said) * q;
  hand.line(`${said}${sign}${q}=${end}`, 0, 1);
  return {
    kind: divides ? "long division" : "multiplication",
    way: "factors",
    problem: `${start} ${divides ? "÷" : "×"} ${p * q}`,
    marks: hand.marks,
    answer: String(end),
    ...(wrong ? { wrong: spots } : {}),
  };
}
