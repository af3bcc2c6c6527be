import type { SkillId } from "../../sheets";

/** A problem as it is judged: its line as written with a point, the numbers in it as they stand, and its notch from 0. */
interface Drawn {
  readonly line: string;
  readonly numbers: readonly string[];
  readonly notch: number;
}

type Promise = (drawn: Drawn) => boolean;

const digits = (text: string): readonly number[] => [...text].reverse().map(Number);
const places = (text: string): number => text.split(".")[1]?.length ?? 0;
const isDecimal = (text: string): boolean => text.includes(".");
/** A number in millionths, so that nothing is rounded. */
const MILLION = 1_000_000;
const millionths = (text: string): number => Math.round(Number(text) * MILLION);
const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
const denominators = (line: string): readonly number[] =>
  [...line.matchAll(/\/(\d+)/g)].map(([, under]) => Number(under));
const different = (all: readonly unknown[]): boolean => new Set(all).size > 1;

/** Columns that come to ten or more, added by hand. */
function carriesOf(numbers: readonly string[]): number {
  const length = Math.max(...numbers.map((one) => one.length));
  let [carry, carries] = [0, 0];
  for (let place = 0; place < length; place++) {
    carry = Math.floor(numbers.reduce((sum, one) => sum + (digits(one)[place] ?? 0), carry) / 10);
    if (carry > 0) carries += 1;
  }
  return carries;
}

/** Places with too little on top, and whether a ten had to come past an empty one, taken away by hand. */
function exchangesOf([a = "0", b = "0"]: readonly string[]): {
  readonly count: number;
  readonly past: boolean;
} {
  const top = [...digits(a)];
  const bottom = digits(b);
  let [count, past] = [0, false];
  for (let place = 0; place < top.length; place++) {
    if ((top[place] ?? 0) >= (bottom[place] ?? 0)) continue;
    count += 1;
    let giver = place + 1;
    while (top[giver] === 0) top[giver++] = 9;
    top[giver] = (top[giver] ?? 0) - 1;
    past ||= giver > place + 1;
  }
  return { count, past };
}

/** Whether a fraction's decimal ends: nothing but twos and fives is left under it. */
function ends(over: number, under: number): boolean {
  let left = under / gcd(over, under);
  for (const prime of [2, 5]) while (left % prime === 0) left /= prime;
  return left === 1;
}

/** Two numbers as whole ones of the same smallest place. */
const scaled = (a: string, b: string): readonly [number, number] => [millionths(a), millionths(b)];

const rounds =
  (...units: readonly number[]): Promise =>
  ({ line, numbers: [number = ""] }) =>
    /^round [\d.]+ to \w+$/.test(line) && units.some((unit) => millionths(number) % (unit * MILLION) !== 0);
const all =
  (...promises: readonly (Promise | RegExp)[]): Promise =>
  (drawn) =>
    promises.every((one) => (one instanceof RegExp ? one.test(drawn.line) : one(drawn)));
const ragged: Promise = ({ numbers }) => different(numbers.map(places));
const equallyLong: Promise = ({ numbers }) => !different(numbers.map(places)) && numbers.every(isDecimal);
const unlike: Promise = ({ line }) => different(denominators(line));
const signs: Promise = ({ line }) => line.includes("−") && /[×÷]/.test(line) && /(?:^|\()−\d/.test(line);
/** What a line of signed terms comes to. */
const total = (line: string): number =>
  [...line.replaceAll("(−", "(-").matchAll(/(^|[+−] ?)\(?([-−]?)(\d+)\)?/g)].reduce(
    (sum, [, join = "", sign, number]) =>
      sum + (join.startsWith("−") ? -1 : 1) * (sign ? -1 : 1) * Number(number),
    0,
  );
const operations = (line: string): number => line.match(/ [+−×÷] /g)?.length ?? 0;

/** What every skill promises of its problems, judged by arithmetic of its own from the line as it is written. */
export const SKILL_PROMISES: Readonly<Record<SkillId, Promise>> = {
  "round-to-tens": rounds(10, 100),
  "round-to-ones": rounds(1),
  "round-to-tenths": rounds(0.1),
  "round-to-hundredths": rounds(0.01),
  "times-ten": all(/^[\d.]+ × 10+$/),
  "over-ten": all(/^[\d.]+ ÷ 10+$/),
  "compare-whole": all(/^compare \d+ and \d+$/, ({ numbers }) => different(numbers)),
  "compare-equally-long": all(/^compare/, equallyLong, ({ numbers }) => different(numbers)),
  "compare-ragged": all(/^compare/, ragged),
  "order-decimals": all(/^order(?: [\d.]+;){2,} [\d.]+$/, ({ numbers }) => numbers.some(isDecimal)),
  "compare-like-fractions": all(
    /^compare \d+\/\d+ and/,
    ({ line, numbers }) => !different(denominators(line)) || numbers[0] === numbers[2],
  ),
  "compare-unlike-fractions": all(
    /^compare/,
    ({ line }) => different(denominators(line)) || /\d\.\d/.test(line),
  ),
  "add-without-carrying": ({ numbers }) => carriesOf(numbers) === 0,
  "add-carrying-once": ({ numbers, notch }) =>
    carriesOf(numbers) === 1 || (notch === 3 && carriesOf(numbers) === 2),
  "add-carrying-often": ({ numbers }) => carriesOf(numbers) >= 2,
  "add-several": all(/^\d+(?: \+ \d+){2,}$/),
  "add-equally-long-decimals": all(/\+/, equallyLong),
  "add-ragged-decimals": all(/\+/, ragged),
  "add-whole-and-decimal": all(/\+/, ({ numbers }) => numbers.some(isDecimal) && !numbers.every(isDecimal)),
  "subtract-without-exchange": ({ numbers }) => exchangesOf(numbers).count === 0,
  "subtract-one-exchange": ({ numbers }) => exchangesOf(numbers).count === 1,
  "subtract-several-exchanges": ({ numbers }) => exchangesOf(numbers).count >= 2,
  "subtract-across-zeros": ({ numbers }) => exchangesOf(numbers).past,
  "subtract-equally-long-decimals": all(/−/, equallyLong),
  "subtract-ragged-decimals": all(/−/, ragged),
  "subtract-from-whole": all(/^\d+ − \d+\.\d+$/),
  "multiply-without-carrying": ({ numbers: [a = "", b = ""] }) =>
    digits(a)
      .slice(0, -1)
      .every((one) => digits(b).every((other) => one * other < 10)),
  "multiply-by-a-digit": ({ numbers }) => numbers.some((one) => one.length === 1),
  "multiply-by-two-digits": all(/^\d{2,} × \d\d$/),
  "multiply-by-tens": all(/^\d+ × \d+$/, ({ numbers }) => numbers.some((one) => one.endsWith("0"))),
  "multiply-decimal-by-whole": ({ numbers }) => numbers.filter(isDecimal).length === 1,
  "multiply-decimals": all(/×/, ({ numbers }) => numbers.every(isDecimal)),
  "multiply-below-one": all(/×/, ({ numbers }) => numbers.some((one) => Number(one) < 1)),
  "divide-exactly": ({ numbers: [a = "", b = ""] }) => Number(a) % Number(b) === 0,
  "divide-zero-in-quotient": ({ numbers: [a = "", b = ""] }) => /.0+./.test(String(Number(a) / Number(b))),
  "divide-with-remainder": ({ numbers: [a = "", b = ""] }) => Number(a) % Number(b) !== 0,
  "divide-by-two-digits": all(/^[\d.]+ ÷ \d\d\b/),
  "divide-decimal": all(
    /^\d+\.\d+ ÷ \d+$/,
    ({ numbers: [a = "", b = ""] }) => millionths(a) % Number(b) === 0,
  ),
  "divide-going-on": ({ numbers: [a = "", b = ""] }) => {
    const [over, under] = scaled(a, b);
    return ends(over, under) && Number(a.replace(".", "")) % Number(b) !== 0;
  },
  "divide-by-decimal": all(/÷ \d+\.\d+$/),
  "divide-recurring": ({ numbers: [a = "", b = ""] }) => !ends(...scaled(a, b)),
  simplify: ({ numbers: [a = "", b = ""] }) => gcd(Number(a), Number(b)) > 1,
  widen: ({ numbers, line }) => {
    const [a = 1, b = 1, c = 1] = numbers.map(Number);
    return /=.*\?/.test(line) && (c % b === 0 || c % a === 0);
  },
  "add-like": ({ line }) => !different(denominators(line)),
  "subtract-like": all(/−/, ({ line }) => !different(denominators(line))),
  "add-multiple": ({ line }) => {
    const [a = 1, b = 1] = denominators(line);
    return a !== b && Math.max(a, b) % Math.min(a, b) === 0;
  },
  "add-unlike": ({ line, notch }) => {
    const [a = 1, b = 1] = denominators(line);
    return Math.max(a, b) % Math.min(a, b) !== 0 && (notch < 3 ? gcd(a, b) === 1 : gcd(a, b) > 1);
  },
  "subtract-unlike": all(/−/, unlike),
  "multiply-fractions": all(/×/, /\d\/\d/),
  "divide-fractions": all(/÷/, /\d\/\d/),
  "fraction-of": all(/^\d+\/\d+ × \d+$|^\d+ × \d+\/\d+$/),
  "fraction-as-decimal": all(/as a decimal$/, ({ numbers: [a = "", b = ""] }) => ends(Number(a), Number(b))),
  "to-one-fraction": all(/^\d+ \d+\/\d+ as a fraction$/),
  "to-mixed": all(/as a mixed number$/, ({ numbers: [a = "", b = ""] }) => Number(a) >= Number(b)),
  "add-mixed": all(/\+/, /\d \d+\/\d/),
  "subtract-mixed": all(/−/, /\d \d+\/\d/),
  "multiply-mixed": all(/×/, /\d \d+\/\d/),
  "add-opposite-signs": ({ line }) => /^−\d+ \+ \d+$|^\d+ \+ \(−\d+\)$|^−\d+ \+ /.test(line),
  "subtract-below-zero": ({ line }) => total(line) < 0,
  "subtract-negative": all(/− \(−\d/),
  "multiply-signs": all(/×/, signs),
  "divide-signs": all(/÷/, signs),
  "several-terms": ({ line }) => operations(line) >= 2,
  "add-money": all(/^\$[\d.]+(?: \+ \$[\d.]+)+$/),
  "give-change": all(/^\$(?:5|10|20|50|100) − \$/, ({ numbers: [a = "", b = ""] }) => Number(a) > Number(b)),
  "times-money": all(/\$/, /×/),
  "share-money": all(/^\$[\d.]+ ÷ \d+$/),
  "enough-money": all(/^is \$[\d.]+ enough for \$[\d.]+(?: \+ \$[\d.]+)*$/),
  "hand-over": all(/^pay \$[\d.]+$/),
  "change-units": all(/ in [a-z]/),
  "add-units": all(/[a-z] \+ \d/),
  "subtract-units": all(/[a-z] − \d/),
  "times-units": all(/×/, /[a-z]/),
  "share-units": all(/÷/, /[a-z]/),
  "left-to-right": all(
    ({ line }) => !/[()]/.test(line) && (!/[×÷]/.test(line) || !/[+−]/.test(line)) && operations(line) >= 2,
  ),
  "times-first": all(({ line }) => !/[()]/.test(line) && /[×÷]/.test(line) && /[+−]/.test(line)),
  "brackets-first": all(/\(/, ({ line }) => operations(line) >= 2),
  "mixed-operations": ({ line }) => operations(line) >= 3,
  "decimal-chains": all(/\d\.\d/, ({ line }) => operations(line) >= 2),
};
