import Exact from "fraction.js";
import type { Sorted } from "../reading/glyphs";
import { type JudgingTarget, valueFrom } from "../reading/judgingTarget";
import { worthOfNumeral } from "../reading/pieces";
import type { StackRow } from "../reading/stacks";
import { type Claim, claimOf, type Fault, type JumpFault } from "./claim";

/** A number at a line of the number line. */
interface Label {
  readonly line: number;
  readonly value: Exact;
}

/** The numbers that stand under a number line, each at the grid line its middle is nearest to. */
function labelsUnder(row: number, rows: readonly StackRow[], { labels }: Sorted): readonly Label[] {
  const written = rows
    .filter((one) => one.row >= row && one.row <= row + 1)
    .flatMap(({ numerals, words }) =>
      numerals.map((numeral): Label => {
        const minus = words.find(({ text, to }) => text === "−" && Math.abs(to - numeral.from) < 0.01);
        const from = minus?.from ?? numeral.from;
        const value = worthOfNumeral(numeral);
        return { line: (from + numeral.to) / 2, value: minus ? value.neg() : value };
      }),
    );
  const given = labels
    .filter((one) => one.row >= row && one.row <= row + 1 && /^[−-]?\d+$/.test(one.text))
    .map(({ line, text }): Label => ({ line, value: new Exact(text.replace("−", "-")) }));
  return [...written, ...given];
}

/** Numbers at whole grid lines: one that stands between two belongs to the one that gives the line an even scale, else to where a jump ends. */
function atLines(labels: readonly Label[], ends: readonly number[]): readonly Label[] {
  const candidates = ({ line }: Label): readonly number[] =>
    Number.isInteger(line)
      ? [line]
      : [Math.floor(line), Math.ceil(line)].sort(
          (a, b) => Number(ends.includes(b)) - Number(ends.includes(a)),
        );
  const [one, other] = labels;
  if (one === undefined) return [];
  const lineOf = (label: Label): number => candidates(label)[0] ?? label.line;
  const pairs =
    other === undefined ? [] : candidates(one).flatMap((a) => candidates(other).map((b) => [a, b] as const));
  const unevenness = ([a, b]: readonly [number, number]): number => {
    if (other === undefined || a === b) return 3;
    const scale = other.value.sub(one.value).div(new Exact(b - a));
    return scale.equals(1) ? 0 : scale.d === 1n || scale.n === 1n ? 1 : 2;
  };
  const [best] = [...pairs].sort((a, b) => unevenness(a) - unevenness(b));
  return labels.map((label, nth) => ({ ...label, line: best?.[nth] ?? lineOf(label) }));
}

/**
 * What jumps on a number line state: where they begin, which way they go, how far they lead together. How long a
 * square is, is the learner's own choice, and is told by the numbers under the line. Judged as a whole only once
 * it is done.
 */
export function jumpClaim(
  rows: readonly StackRow[],
  marks: Sorted,
  asked: JudgingTarget,
  settled: boolean,
): Claim | undefined {
  const { jumps } = marks;
  const [first, ...more] = jumps;
  const [start] = asked.numbers;
  if (first === undefined || start === undefined || asked.value === undefined) return undefined;
  const claim = {
    top: first.row - 1,
    bottom: first.row + 1,
    left: Math.min(first.from, first.to),
    uses: asked.numbers.map(valueFrom),
  };
  const wrong = (nth: number, how: JumpFault["wrong"]): Claim => {
    const { from, to, row } = jumps[nth - 1] ?? first;
    const fault: Fault = {
      kind: "jump",
      at: { col: Math.floor(Math.min(from, to)), row: row - 1 },
      written: "",
      jump: { nth, wrong: how },
    };
    return claimOf("jumps", [], { ...claim, fault });
  };
  const apart = more.findIndex((jump, index) => jump.from !== jumps[index]?.to);
  if (apart >= 0) return wrong(apart + 2, "apart");
  const ends = jumps.flatMap((jump) => [jump.from, jump.to]);
  const labels = atLines(labelsUnder(first.row, rows, marks), ends);
  const at = (line: number): Exact | undefined =>
    labels
      .filter((one) => Math.abs(one.line - line) <= 0.6)
      .sort((a, b) => Math.abs(a.line - line) - Math.abs(b.line - line))[0]?.value;
  const [one, other] = labels;
  const scale =
    one !== undefined && other !== undefined && one.line !== other.line
      ? other.value.sub(one.value).div(new Exact(other.line - one.line))
      : new Exact(1);
  const from =
    at(first.from) ??
    (one === undefined ? undefined : one.value.add(scale.mul(new Exact(first.from - one.line))));
  const [a, value] = [valueFrom(start), valueFrom(asked.value)];
  const whole = jumps.reduce((sum, { from: begin, to }) => sum + to - begin, 0);
  const travelled = scale.mul(new Exact(whole));
  if (from === undefined) {
    const found = unlabelled(
      jumps.map((jump) => jump.to - jump.from),
      termsOf(asked),
      settled,
    );
    return found === undefined
      ? claimOf("jumps", [], { ...claim, state: "unfinished" })
      : wrong(found.nth, found.wrong);
  }
  if (!from.equals(a) && from.n !== 0n) return wrong(1, "start");
  const way = value.sub(from);
  if (from.equals(a) && jumps.length === 1 && way.n !== 0n && travelled.s !== way.s)
    return wrong(1, "direction");
  if (travelled.equals(way))
    return claimOf("jumps", [], {
      ...claim,
      makes: { value, text: value.toString().replace("-", "−"), row: first.row },
    });
  return settled ? wrong(jumps.length, "length") : claimOf("jumps", [], { ...claim, state: "unfinished" });
}

/** How far the problem goes after its first number, each way as it is jumped. */
const termsOf = ({ numbers, taken }: JudgingTarget): readonly number[] =>
  numbers.map((one, nth) => (taken[nth] ? -1 : 1) * valueFrom(one).valueOf()).slice(1);

/**
 * Jumps on a line with no numbers under it: jump for term, however long a square is taken for; or a term in several
 * jumps, each square counted as one. None where they can be either, or are not done yet.
 */
function unlabelled(
  jumps: readonly number[],
  terms: readonly number[],
  settled: boolean,
): JumpFault | undefined {
  const [jump = 0] = jumps;
  const [term = 0] = terms;
  const each = jumps
    .map((by, index): JumpFault | undefined => {
      const ought = terms[index];
      const nth = index + 1;
      if (ought === undefined) return { nth, wrong: "tooMany" };
      if (Math.sign(by) !== Math.sign(ought)) return { nth, wrong: "direction" };
      return Math.abs(by * term) === Math.abs(ought * jump) ? undefined : { nth, wrong: "length" };
    })
    .find((fault) => fault !== undefined);
  if (each === undefined) return undefined;
  let [at, done] = [0, 0];
  for (const by of jumps) {
    if (done === terms[at]) [at, done] = [at + 1, 0];
    const ought = terms[at];
    if (ought === undefined || Math.sign(by) !== Math.sign(ought) || Math.abs(done + by) > Math.abs(ought))
      return each;
    done += by;
  }
  const isWhole = at === terms.length - 1 && done === terms[at];
  return settled && !isWhole ? each : undefined;
}
