import { below, over, plus, type Ratio, ratio, same, size, times } from "../../claims";
import { CARDINAL, DIGITS, NUMBER_WORD, PIECE, Q, S } from "./numbersRead";

interface Form {
  readonly pattern: RegExp;
  /** Whether it holds of the numbers in it, in their order. */
  readonly holds: (...values: Ratio[]) => boolean;
  /** Which of the numbers stands for the whole of it in what follows. */
  readonly gives?: "first" | "last";
}

const form = (text: string, holds: Form["holds"], gives?: Form["gives"]): Form => ({
  pattern: new RegExp(text.replaceAll("Q", Q).replaceAll("§§", S), "gi"),
  holds,
  ...(gives === undefined ? {} : { gives }),
});
const ten = (digit: Ratio, carried: Ratio): Ratio => plus(digit, times(ratio(10), carried));
const whole = (value: Ratio): boolean => value.over % value.under === 0n;
const floor = (value: Ratio): Ratio => ratio(value.over / value.under);
/** One number less another. */
export const minusOf = (a: Ratio, b: Ratio): Ratio => plus(a, ratio(-b.over, b.under));

/** The powers of ten that are tried, either way. */
const POWERS = Array.from({ length: 40 }, (_, power) => 10n ** BigInt(power));

/** Whether one number is the other with its digits moved. */
const isShifted = (one: Ratio, other: Ratio): boolean =>
  POWERS.some((power) => same(one, times(other, ratio(power))) || same(times(one, ratio(power)), other));

/** How often something goes, where that is said in a word of its own. */
const OFTEN: readonly (readonly [string, Ratio])[] = [
  ["no times", ratio(0)],
  ["once", ratio(1)],
  ["twice", ratio(2)],
];

/** The forms of sentences that claim something about numbers, and when it is true. What a form gives is put in its place. */
export const FORMS: readonly Form[] = [
  form("Q times Q (?:is|are|makes?) Q", (a, b, c) => same(times(a, b), c), "last"),
  form("§§ makes? Q, Q(?=[:.])", (a, b, c) => same(a, b) && same(b, c)),
  form("Q among Q: Q each, and Q (?:is |are )?left", (a, b, each, left) =>
    same(plus(times(each, b), left), a),
  ),
  form("Q among Q: Q each", (a, b, each) => !below(a, times(each, b))),
  form("In Q the Q is Q", (a, b, c) => b.over > 0n && floor(over(a, over(c, b))).over % 10n === b.over),
  form(`(${CARDINAL} \\d[\\d.]*(?:(?:,| and) ${CARDINAL} \\d[\\d.]*)*) makes? Q up to Q`, (a, b, c) =>
    same(plus(a, b), c),
  ),
  form("Q and Q make Q: write Q, (?:and )?(?:carry|exchange) Q (?:below|to the lower number)", (a, b, c) =>
    same(plus(a, b), c),
  ),
  form("§§ (?:make|are) §§(?! more)", same, "last"),
  form("Q (?:take away|less) Q (?:leaves?|is) Q", (a, b, c) => same(minusOf(a, b), c), "last"),
  form("Q from Q leaves Q", (a, b, c) => same(minusOf(b, a), c), "last"),
  ...OFTEN.flatMap(([words, often]) => [
    form(
      `Q goes ${words} into Q, and Q (?:is|are) left`,
      (a, b, left) => same(plus(times(a, often), left), b) && below(left, a),
    ),
    form(`Q goes ${words} into Q`, (a, b) => same(floor(over(b, a)), often)),
  ]),
  form(
    "Q goes Q times into Q, and Q (?:is|are) left",
    (a, often, b, left) => same(plus(times(a, often), left), b) && below(left, a),
  ),
  form("Q goes Q times into Q", (a, often, b) => same(floor(over(b, a)), often)),
  form("Q(?: [a-z]+)? is a little less than the estimate Q", (a, b) => below(a, b)),
  form("Q(?: [a-z]+)? is a little more than the estimate Q", (a, b) => below(b, a)),
  form("§§ is less than §§", (a, b) => below(a, b)),
  form("§§ is (?:more|larger|greater) than §§", (a, b) => below(b, a)),
  form("Q is too small and Q too large: Q is right", (a, b, c) => below(a, c) && below(c, b)),
  form("Q lies between Q and Q", (a, b, c) => !below(a, b) && !below(c, a)),
  form(
    "Q and Q both divide by Q: Q above, Q below",
    (a, b, c, d, e) => same(times(c, d), a) && same(times(c, e), b),
  ),
  form("Q and Q both divide by Q", (a, b, c) => whole(over(a, c)) && whole(over(b, c))),
  form("Q and Q are worth the same", (a, b) => same(a, b)),
  form("Q is no more than Q, and Q would be too much", (a, b, c) => !below(b, a) && below(b, c)),
  form("each whole is Q; Q more make Q", (a, b, c) => same(plus(ratio(a.under), b), c)),
  form(`(${NUMBER_WORD}|${DIGITS})(?: ${PIECE})? and nothing (?:more|to take away): write Q`, same),
  form("Pull Q apart(?: along the top| down the left side)?: §§", same),
  form(
    "Q(?: [a-z]+)? is close to the estimate Q",
    (a, b) => !below(size(b), times(size(minusOf(a, b)), ratio(4))),
  ),
  form(
    "The divisor Q is not whole\\. Multiply both by Q: Q ÷ Q",
    (a, b, c, d) => c.over >= 0n && same(times(a, b), d),
  ),
  form("Q (?:plus|minus) counters? for Q", (a, b) => same(size(a), size(b))),
  form(
    "Q pairs? (?:is|are) nothing: of Q plus and Q minus counters? (?:Q (?:plus|minus) counters? (?:is|are) left|nothing is left)",
    (pairs, plus, minus, left = ratio(0)) =>
      same(pairs, below(plus, minus) ? plus : minus) && same(size(minusOf(plus, minus)), left),
  ),
  form("Q is enough for Q", (a, b) => !below(a, b)),
  form("Q is not enough for Q", below),
  form(
    "each whole is Q, so Q of them are Q; Q more make Q",
    (a, b, c, d, e) => same(times(ratio(a.under), b), c) && same(plus(c, d), e) && a.over > 0n,
  ),
  form("The [\\d.]+ (?:carried|exchanged|regrouped) is Q, moved over as Q", (a, b) => same(a, b)),
  form("The answer is Q: (?:minus )?§§\\.", (a, b) => same(size(a), size(b))),
  form("Q over Q is Q", (a, b, c) => same(over(a, b), c)),
  form("Q (?:is|are) §§(?=[,.:;])", same, "first"),
  // In words each with its place, in digits both in the column that is added.
  form("exchange Q for Q", (a, b) => same(a, b) || same(a, times(b, ratio(10)))),
  // Counts with their places leave the digit that is written as so many of one place.
  form(
    `(${DIGITS} ${PIECE}): write Q, (?:and )?(?:carry|regroup|exchange|keep) (${DIGITS} ${PIECE})`,
    (a, b, c) => isShifted(minusOf(a, c), b),
  ),
  form(
    "Q: write Q, (?:and )?(?:carry|regroup|exchange|keep) Q",
    (a, b, c) => same(a, ten(b, c)) || same(a, plus(b, c)),
  ),
];
