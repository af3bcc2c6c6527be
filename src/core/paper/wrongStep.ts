import type Exact from "fraction.js";
import type { SignedOperation } from "../problem";
import { type Claim, type Fault, isSameExact } from "./claims/claim";
import { isSameDigits, spotOff } from "./copied";
import type { Judged } from "./judged";
import type { Sorted } from "./reading/glyphs";
import { type JudgingTarget, valueFrom } from "./reading/judgingTarget";
import { OPERATIONS } from "./reading/operations";
import type { WrittenNumeral } from "./reading/pieces";
import { type Quantum, sideOf, signsIn } from "./reading/sides";

/**
 * The first wrong mark of a paper whose lines all hold, and which comes to something else than the problem: the step
 * whose operation or numbers are not the problem's, nor what came before. None where it comes to what is asked, to
 * nothing, or where a rounded answer or one with what is left over is asked.
 */
export function wrongStep(
  { claims, answer }: Judged,
  asked: JudgingTarget,
  marks: Sorted,
): Fault | undefined {
  if (answer === undefined || asked.value === undefined || asked.place !== undefined || asked.withRest)
    return undefined;
  // Amounts and measures are worked in parts and in other units too, which no number of the problem shows.
  if (!WITH_NUMBERS.includes(asked.kind)) return undefined;
  const value = valueFrom(asked.value);
  if (isSameExact(answer.value, value)) return undefined;
  const partials = asked.partials.map(valueFrom);
  const isSound = (one: Exact): boolean =>
    partials.some((partial) => isSameExact(partial, one) || isSameExact(partial, one.neg()));
  const made: Exact[] = [];
  const used: Exact[] = [];
  const numbers = asked.numbers.map(valueFrom);
  const isKnown = (one: Exact): boolean =>
    [...numbers, ...made].some((other) => isSameExact(other, one) || isSameExact(other, one.neg()));
  for (const claim of claims) {
    const { makes } = claim;
    if (claim.state !== "right" || makes === undefined) continue;
    const uses = claim.side?.numbers.map((one) => one.value) ?? claim.uses;
    const isAccounted = uses.length > 0 && uses.every(isKnown);
    const strange = uses.flatMap((one, nth) => (isKnown(one) ? [] : [nth]));
    if (isAccounted && uses.length > 1 && !isSound(makes.value))
      return blamed(claim, asked, isSound, used, marks);
    const [only, more] = strange;
    if (only !== undefined && more === undefined && uses.length > 1 && !isSound(makes.value)) {
      const fault = copiedWrongly(claim, only, asked, isSound, "asLong");
      if (fault !== undefined) return fault;
    }
    made.push(makes.value);
    used.push(...uses);
  }
  const last = claims
    .filter(({ makes }) => makes !== undefined && isSameExact(makes.value, answer.value))
    .at(-1);
  const uses = last?.side?.numbers ?? [];
  const [stranger, more] = uses.filter((one) => !isKnown(one.value));
  const isMoved = asked.numbers.some(({ text }) => isSameDigits(text, stranger?.text ?? ""));
  return more !== undefined || isMoved ? undefined : numberFault(stranger);
}

const WITH_NUMBERS: readonly JudgingTarget["kind"][] = ["decimals", "fractions", "signed", "chain"];

const numeralOf = ({ whole, numerator }: Quantum): WrittenNumeral | undefined => whole ?? numerator;

const numberFault = (quantum: Quantum | undefined): Fault | undefined => {
  const numeral = quantum && numeralOf(quantum);
  return numeral && { kind: "copied", at: { col: numeral.from, row: numeral.row }, written: numeral.mended };
};

const WRITTEN: Readonly<Record<SignedOperation, string>> = {
  add: "+",
  subtract: "−",
  multiply: "×",
  divide: "÷",
};

/** The mark of a step with known numbers that comes to what no sound working comes to: its sign, or a number that was taken again. */
function blamed(
  claim: Claim,
  asked: JudgingTarget,
  isSound: (value: Exact) => boolean,
  used: readonly Exact[],
  marks: Sorted,
): Fault | undefined {
  const { side } = claim;
  if (side === undefined) return signOfBlock(claim, marks);
  const signs = signsIn(side);
  const turned = signs.filter(({ nth, op }) =>
    (["add", "subtract", "multiply", "divide"] as const).some((other) => {
      if (other === op) return false;
      const items = side.items.map((item, at) =>
        at === nth && item.kind === "word" ? { ...item, text: WRITTEN[other] } : item,
      );
      const value = sideOf(items, asked).value;
      return value !== undefined && isSound(value);
    }),
  );
  const repeated = side.numbers.findIndex(({ value }) => isRepeated(value, used, asked));
  if (repeated >= 0 && side.numbers.length > 1) {
    const fault = copiedWrongly(claim, repeated, asked, isSound, "any");
    if (fault !== undefined) return fault;
  }
  const [sign] = turned.length > 0 ? turned : signs;
  const item = sign && side.items[sign.nth];
  return item?.kind === "word"
    ? { kind: "operation", at: { col: item.from, row: item.row }, written: item.text }
    : undefined;
}

/** Whether a number of the problem was used before, and stands in the problem only once. */
const isRepeated = (value: Exact, used: readonly Exact[], { numbers }: JudgingTarget): boolean => {
  const isIt = (one: Exact): boolean => isSameExact(one, value) || isSameExact(one, value.neg());
  const times = numbers.map(valueFrom).filter(isIt).length;
  return times > 0 && used.filter(isIt).length >= times;
};

/** A number of a line in whose place another of the problem would make it sound: where it differs from that one. */
function copiedWrongly(
  { side }: Claim,
  nth: number,
  asked: JudgingTarget,
  isSound: (value: Exact) => boolean,
  length: "asLong" | "any",
): Fault | undefined {
  const quantum = side?.numbers[nth];
  const numeral = quantum && numeralOf(quantum);
  if (side === undefined || numeral === undefined || quantum?.denominator !== undefined) return undefined;
  const ought = asked.numbers.find((one) => {
    // Another number as long may have been meant; a shorter one is a part or a factor, taken on purpose.
    if (!/^[\d.]+$/.test(one.text)) return false;
    if (length === "asLong" && one.text.length !== numeral.mended.length) return false;
    const items = side.items.map((item) =>
      item === numeral ? { ...numeral, text: one.text, mended: one.text } : item,
    );
    const value = sideOf(items, asked).value;
    return one.text !== numeral.mended && value !== undefined && isSound(value);
  });
  return ought && { kind: "copied", at: spotOff(numeral, ought.text), written: numeral.mended };
}

/** The sign of operation that stands in a block, or its last number where none is written. */
function signOfBlock({ top, bottom, read, left }: Claim, { glyphs }: Sorted): Fault | undefined {
  const sign = glyphs.find(
    ({ row, col, text }) => OPERATIONS[text] !== undefined && row >= top && row <= bottom && col <= left + 1,
  );
  if (sign !== undefined)
    return { kind: "operation", at: { col: sign.col, row: sign.row }, written: sign.text };
  const numeral = read[1] ?? read[0];
  return numeral && { kind: "copied", at: { col: numeral.from, row: numeral.row }, written: numeral.mended };
}
