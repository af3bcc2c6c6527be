import Exact from "fraction.js";
import type { SignedOperation } from "../problem";
import { type Claim, type Fault, isSameExact } from "./claims/claim";
import { mayBeMiscopied, spotOff } from "./copied";
import type { Judged } from "./judged";
import type { Sorted } from "./reading/glyphs";
import { type JudgingTarget, valueFrom } from "./reading/judgingTarget";
import { OPERATIONS } from "./reading/operations";
import type { WrittenNumeral } from "./reading/pieces";
import { type Quantum, sideOf, signsIn } from "./reading/sides";

/** Amounts and measures are worked in parts and in other units too, which no number of the problem shows. */
const WITH_NUMBERS: readonly JudgingTarget["kind"][] = ["decimals", "fractions", "signed", "chain"];

/**
 * The first wrong mark of a paper whose lines all hold, and which comes to something else than the problem: the step
 * whose operation or numbers are not the problem's, nor what came before. None where the work can still be gone on
 * with: it comes to what is asked, or to a part of it; and none where a rounded answer or one with what is left over
 * is asked.
 */
export function wrongStep(
  { claims, answer }: Judged,
  asked: JudgingTarget,
  marks: Sorted,
): Fault | undefined {
  if (answer === undefined || asked.value === undefined || asked.place !== undefined || asked.withRest)
    return undefined;
  if (!WITH_NUMBERS.includes(asked.kind) || isSameExact(answer.value, valueFrom(asked.value)))
    return undefined;
  const work = workOf(claims, asked);
  const made: Exact[] = [];
  const used: Exact[] = [];
  for (const claim of work.steps) {
    const uses = usesOf(claim);
    const strange = uses.flatMap((one, nth) => ([...work.numbers, ...made].some(sizeIs(one)) ? [] : [nth]));
    const [only, more] = strange;
    const isSound = work.isSound(claim.makes.value) || uses.length < 2 || more !== undefined;
    const fault = isSound
      ? undefined
      : only === undefined
        ? work.isWhole && blamed(claim, asked, work.isSound, used, marks)
        : copiedWrongly(claim, only, asked, work.isSound, "oneOff");
    if (fault) return fault;
    made.push(claim.makes.value);
    used.push(...uses);
  }
  return factorTooMany(work.steps, asked, work.numbers);
}

type Step = Claim & { readonly makes: NonNullable<Claim["makes"]> };

/** The steps of a paper that hold, the problem's numbers, what a sound step may come to, and whether none of the numbers is still to be used. */
function workOf(claims: readonly Claim[], asked: JudgingTarget) {
  const steps = claims.filter((claim): claim is Step => claim.state === "right" && claim.makes !== undefined);
  const numbers = asked.numbers.map(valueFrom);
  const partials = asked.partials.map(valueFrom);
  return {
    steps,
    numbers,
    isSound: (value: Exact): boolean => partials.some(sizeIs(value)),
    isWhole: numbers.every((number) => steps.some((step) => usesOf(step).some(sizeIs(number)))),
  };
}

const usesOf = ({ side, uses }: Claim): readonly Exact[] => side?.numbers.map(({ value }) => value) ?? uses;

/** Whether another value is the same but for its sign. */
const sizeIs =
  (one: Exact) =>
  (other: Exact): boolean =>
    isSameExact(one.abs(), other.abs());

const copiedAt = (numeral: WrittenNumeral | undefined): Fault | undefined =>
  numeral && { kind: "copied", at: { col: numeral.from, row: numeral.row }, written: numeral.mended };

const numeralOf = ({ whole, numerator }: Quantum): WrittenNumeral | undefined => whole ?? numerator;

const SIGNS: Readonly<Record<SignedOperation, string>> = {
  add: "+",
  subtract: "−",
  multiply: "×",
  divide: "÷",
};

/** The mark of a step with known numbers that comes to what no sound working comes to: a number that was taken again, or its sign. */
function blamed(
  claim: Claim,
  asked: JudgingTarget,
  isSound: (value: Exact) => boolean,
  used: readonly Exact[],
  marks: Sorted,
): Fault | undefined {
  const { side } = claim;
  if (side === undefined) return signOfBlock(claim, marks);
  const repeated = side.numbers.findIndex(({ value }) => isRepeated(value, used, asked));
  const again = repeated < 0 ? undefined : copiedWrongly(claim, repeated, asked, isSound, "any");
  if (again !== undefined) return again;
  const signs = signsIn(side);
  const turned = signs.find(({ nth }) =>
    Object.values(SIGNS).some((text) => {
      const items = side.items.map((item, at) =>
        at === nth && item.kind === "word" ? { ...item, text } : item,
      );
      const { value } = sideOf(items, asked);
      return value !== undefined && isSound(value);
    }),
  );
  const item = side.items[(turned ?? signs[0])?.nth ?? -1];
  return item?.kind === "word"
    ? { kind: "operation", at: { col: item.from, row: item.row }, written: item.text }
    : undefined;
}

/** Whether a number of the problem was used before as often as it stands in the problem. */
const isRepeated = (value: Exact, used: readonly Exact[], { numbers }: JudgingTarget): boolean => {
  const times = numbers.map(valueFrom).filter(sizeIs(value)).length;
  return times > 0 && used.filter(sizeIs(value)).length >= times;
};

/** A number of a line in whose place another of the problem would make it sound: where it differs from that one. With `oneOff` only one that it may be by a slip of the pen: round numbers and parts are taken on purpose. */
function copiedWrongly(
  { side }: Claim,
  nth: number,
  asked: JudgingTarget,
  isSound: (value: Exact) => boolean,
  which: "oneOff" | "any",
): Fault | undefined {
  const quantum = side?.numbers[nth];
  const numeral = quantum && numeralOf(quantum);
  if (side === undefined || numeral === undefined || quantum?.denominator !== undefined) return undefined;
  const ought = asked.numbers.find(({ text }) => {
    if (!/^[\d.]+$/.test(text) || text === numeral.mended) return false;
    if (which === "oneOff" && !mayBeMiscopied(numeral.mended, text, asked)) return false;
    const items = side.items.map((item) => (item === numeral ? { ...numeral, text, mended: text } : item));
    const { value } = sideOf(items, asked);
    return value !== undefined && isSound(value);
  });
  return ought && { kind: "copied", at: spotOff(numeral, ought.text), written: numeral.mended };
}

/** Of a number that is multiplied or divided twice or more, the first factor with which they are no factors of the problem's any more. One alone makes a part. */
function factorTooMany(
  steps: readonly Step[],
  { op }: JudgingTarget,
  numbers: readonly Exact[],
): Fault | undefined {
  const [start, by, more] = numbers;
  if ((op !== "multiply" && op !== "divide") || start === undefined || by === undefined || more !== undefined)
    return undefined;
  let factors = new Exact(1);
  let here = start;
  let wrong: WrittenNumeral | undefined;
  for (const { side, line, makes } of steps) {
    const [first, factor, other] = side?.numbers ?? [];
    if (line?.op !== op || first === undefined || factor === undefined || other !== undefined) continue;
    if (!isSameExact(first.value, here)) continue;
    const isSecond = !isSameExact(factors, new Exact(1));
    factors = factors.mul(factor.value);
    if (by.d === 1n && factor.value.d === 1n && by.div(factors).d !== 1n) wrong ??= numeralOf(factor);
    if (isSecond && wrong !== undefined) return copiedAt(wrong);
    here = makes.value;
  }
  return undefined;
}

/** The sign of operation that stands in a block, or its last number where none is written. */
function signOfBlock({ top, bottom, read, left }: Claim, { glyphs }: Sorted): Fault | undefined {
  const sign = glyphs.find(
    ({ row, col, text }) => OPERATIONS[text] !== undefined && row >= top && row <= bottom && col <= left + 1,
  );
  return sign === undefined
    ? copiedAt(read[1] ?? read[0])
    : { kind: "operation", at: { col: sign.col, row: sign.row }, written: sign.text };
}
