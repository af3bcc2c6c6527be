import { fromCount } from "../number";
import { type Answer, fractionOf, type Problem, type ReadingNotation, readOneQuantity } from "../problem";
import { type Amount, amountOf, MINOR_PLACES } from "../quantity";
import { type ReadAnswer, readWhole } from "./learnerAnswer";

/** The most pieces that are counted out. */
const MOST_PIECES = 400;

/** A note or a coin, or several of one kind: `$20`, `3 × $1`, `3×$1`. */
const SEVERAL = /^(\d{1,3})\s?[×x*·]\s?(\S.*)$/i;
/** What says that an amount comes back. */
const BACK = /\s?(?:back|change|returned)[.!]?$/i;

/** Notes and coins that are handed over, and what comes back: `$20 + $5 + 3×$1, $0.65 back`; none of what names no pieces. */
export function readHanded(
  text: string,
  problem: Extract<Problem, { readonly op: "pay" }>,
  notation: ReadingNotation,
): ReadAnswer | undefined {
  const at = text.search(/[,;](?=\s)/);
  const [over, rest] = at < 0 ? [text, ""] : [text.slice(0, at), text.slice(at + 1).trim()];
  if (at < 0 && !over.includes("+")) return undefined;
  if (rest !== "" && !BACK.test(rest)) return undefined;
  const pieces = over.split("+").flatMap((part) => piecesOf(part.trim(), notation));
  const known = pieces.filter((piece): piece is number => piece !== undefined);
  if (known.length === 0 || known.length < pieces.length || known.length > MOST_PIECES) return undefined;
  const handed = known.reduce((sum, piece) => sum + piece, 0);
  const back = rest === "" ? backFrom(handed, problem) : amountIn(rest.replace(BACK, ""), notation);
  if (back === undefined) return undefined;
  const answer: Answer = {
    kind: "handed",
    pieces: known.sort((a, b) => b - a),
    currency: problem.currency,
    back,
  };
  return readWhole(answer);
}

/** The pieces that a part of the sum names, in the minor unit; one that is not known where it names none. */
function piecesOf(part: string, notation: ReadingNotation): readonly (number | undefined)[] {
  const [, times, one] = SEVERAL.exec(part) ?? [];
  const amount = amountIn(one ?? part, notation);
  const piece = amount === undefined ? undefined : minorOf(amount);
  return Array.from({ length: Math.min(Number(times ?? 1), MOST_PIECES + 1) }, () => piece);
}

function amountIn(text: string, notation: ReadingNotation): Amount | undefined {
  const read = readOneQuantity(text.trim(), notation);
  return read.ok && read.value.kind === "amount" ? read.value : undefined;
}

/** An amount in its minor unit; none where that is no whole number. */
function minorOf(amount: Amount): number | undefined {
  const worth = fractionOf(amount).mul(100);
  return worth.d === 1n && worth.s > 0n ? Number(worth.n) : undefined;
}

/** What comes back of what was handed over, where nothing was said of it; none where it is too little. */
function backFrom(handed: number, problem: Extract<Problem, { readonly op: "pay" }>): Amount | undefined {
  const over = BigInt(handed) - BigInt(minorOf(problem.operands[0]) ?? 0);
  return over < 0n ? undefined : amountOf(problem.currency, fromCount(over, MINOR_PLACES));
}

type Handed = Extract<Answer, { readonly kind: "handed" }>;

/** Notes and coins together, in the minor unit. */
const worthOf = ({ pieces }: Handed): number => pieces.reduce((sum, piece) => sum + piece, 0);

/** Whether as much is handed over, in whatever pieces. */
export const handAsMuch = (one: Handed, other: Handed): boolean => worthOf(one) === worthOf(other);

/** Whether two ways of paying come to one price once the change is back. */
export const payTheSame = (one: Handed, other: Handed): boolean =>
  fractionOf(one.back)
    .sub(fractionOf(other.back))
    .mul(10n ** BigInt(MINOR_PLACES))
    .equals(worthOf(one) - worthOf(other));
