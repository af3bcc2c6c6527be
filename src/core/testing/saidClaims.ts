import type { HouseRules } from "../house";
import { UNITS } from "../quantity";
import { below, over, plus, type Ratio, ratio, same, size, sizeOf, sum, times } from "./ratio";

/** What was claimed in a finished sentence: how much of it could be read back, and what of it does not hold. */
export interface SaidClaims {
  readonly read: number;
  readonly faults: readonly string[];
}

const CARDINALS: ReadonlyMap<string, bigint> = new Map([
  ..."zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen"
    .split(" ")
    .map((word, value): [string, bigint] => [word, BigInt(value)]),
  ..."twenty thirty forty fifty sixty seventy eighty ninety"
    .split(" ")
    .map((word, index): [string, bigint] => [word, BigInt(20 + 10 * index)]),
]);
const GROUPS = new Map([
  ["thousand", 1000n],
  ["million", 1000000n],
  ["billion", 1000000000n],
  ["trillion", 1000000000000n],
  ["quadrillion", 1000000000000000n],
  ["quintillion", 1000000000000000000n],
]);
const ORDINALS: Readonly<Record<string, string>> = {
  half: "two",
  halve: "two",
  quarter: "four",
  third: "three",
  fifth: "five",
  eighth: "eight",
  ninth: "nine",
  twelfth: "twelve",
};
const PLACES: ReadonlyMap<string, Ratio> = new Map([
  ...["one", "unit", "whole"].map((name): [string, Ratio] => [name, ratio(1)]),
  ...["thousand", "million", "billion", "trillion", "quadrillion", "quintillion"]
    .flatMap((name) => [name, `ten-${name}`, `hundred-${name}`])
    .map((name, index): readonly [string, number] => [name, index + 3])
    .concat([
      ["ten", 1],
      ["hundred", 2],
    ])
    .flatMap(([name, power]): [string, Ratio][] => [
      [name, ratio(10n ** BigInt(power))],
      [`${name}th`, ratio(1, 10n ** BigInt(power))],
    ]),
]);
const MEASURED: ReadonlyMap<string, Ratio> = new Map(
  UNITS.filter(({ scale }) => scale !== "angle").flatMap(
    ({ id, symbol, name, names, typed }): [string, Ratio][] =>
      [symbol, name, names, ...typed.filter((word) => word.length > 3)].map((word) => [word, sizeOf(id)]),
  ),
);

/** The count that words stand for, hyphens and all; none for other words. */
function countOf(words: string): bigint | undefined {
  let [total, group, last] = [0n, 0n, -1n];
  for (const word of words.toLowerCase().split(/[ -]/)) {
    const small = CARDINALS.get(word);
    const thousands = GROUPS.get(word);
    // After twenty may come one; after one neither one nor ten.
    if (small !== undefined && (last < 0n || last >= 100n || (last >= 20n && small < 10n))) group += small;
    else if (word === "hundred" && last > 0n) group *= 100n;
    else if (thousands !== undefined && last > 0n) [total, group] = [total + group * thousands, 0n];
    else return undefined;
    last = small ?? 100n;
  }
  return last < 0n ? undefined : total + group;
}

/** What one piece of a name is worth: a place, a kind of part, a unit; none for other words. */
function pieceOf(name: string): Ratio | undefined {
  const one = name.replace(/s$/, "");
  const known = PLACES.get(one) ?? PLACES.get(name) ?? MEASURED.get(name);
  if (known !== undefined) return known;
  const last = one.split("-").at(-1) ?? "";
  const cardinal = ORDINALS[last] ?? last.replace(/ieth$/, "y").replace(/th$/, "");
  const count = cardinal === last ? undefined : countOf(one.slice(0, one.length - last.length) + cardinal);
  return count === undefined || count === 0n ? undefined : ratio(1, count);
}

const NUMBER_WORD = `(?:${[...CARDINALS.keys()].sort((a, b) => b.length - a.length).join("|")})`;
const CARDINAL = `${NUMBER_WORD}(?:[ -](?:${NUMBER_WORD}|hundred|thousand|(?:m|b|tr|quadr|quint)illion)(?![a-z]))*(?![a-z-])`;
const DIGITS = "\\d+(?:\\.\\d+)?";
const PIECE = `(?:[a-z]+-)*(?:ones?|units?|wholes?|tens?|hundreds?|thousands?|(?:m|b|tr|quadr|quint)illions?|hal(?:f|ves)|quarters?|thirds?|[a-z]*(?:tenth|th|fth|nth)s?|parts? over \\d+|${[...MEASURED.keys()].sort((a, b) => b.length - a.length).join("|")})(?![a-z-])`;
const ONE = `(?:[−-]?${DIGITS}(?: \\d+)?/\\d+|[−-]?${DIGITS}|\\([−-]${DIGITS}(?:/\\d+)?\\)|(?:minus )?${CARDINAL})(?: ${PIECE})?`;
const ALONE = `(?:(?<![\\w/.×÷·+−-])(?<![×÷·+<>=] )${ONE}(?![\\d/]|[.,]\\d| [×÷·+−<>=] | zeros?|[-a-z]))`;
const Q = `(${ALONE})`;
/** Several numbers that are taken together. */
const S = `(${ALONE}(?:(?:, and |, | and )${ALONE})*)`;

/** A number with or without the piece it counts, read: digits, a fraction, a mixed number, words. */
function quantity(text: string): Ratio | undefined {
  const several = text.split(/, and |, | and /).map(one);
  return several.every((part) => part !== undefined) ? sum(several) : undefined;
}

function one(text: string): Ratio | undefined {
  // So many notes or coins of one kind: "two 0.20".
  const [, count, each] = /^([a-z][a-z -]*) (\d[\d.]*)$/i.exec(text) ?? [];
  const pieces = count === undefined ? undefined : countOf(count);
  if (pieces !== undefined && each !== undefined) return times(ratio(pieces), digits(each));
  const bare = text.replace(/[()]/g, "");
  const negative = /^(?:[−-]|minus )/.test(bare);
  const [, number = "", piece] =
    /^(\d[\d./ ]*\d|\d)(?: ([a-z].*))?$/i.exec(bare.replace(/^(?:[−-]|minus )/, "")) ?? [];
  const value = number === "" ? words(bare.replace(/^minus /, "")) : withPiece(digits(number), piece);
  return value && negative ? ratio(-value.over, value.under) : value;
}

function digits(text: string): Ratio {
  const [, whole, over = "", under = "1"] = /^(?:([\d.]+) )?([\d.]+)(?:\/(\d+))?$/.exec(text) ?? [];
  const decimal = (one: string): Ratio => {
    const [before = "", after = ""] = one.split(".");
    return ratio(BigInt(before + after), 10n ** BigInt(after.length));
  };
  const part = times(decimal(over), ratio(1, BigInt(under)));
  return whole === undefined ? part : plus(decimal(whole), part);
}

const withPiece = (count: Ratio, piece: string | undefined): Ratio | undefined => {
  if (piece === undefined) return count;
  const parts = /^parts? over (\d+)$/.exec(piece);
  const one = parts ? ratio(1, BigInt(parts[1] ?? "1")) : pieceOf(piece);
  return one && times(count, one);
};

/** Number words, the last of them perhaps the piece that is counted: "fourteen tenths", "two hundred", "three tens". */
function words(text: string): Ratio | undefined {
  const whole = countOf(text);
  if (whole !== undefined) return ratio(whole);
  const at = text.lastIndexOf(" ");
  const count = at < 0 ? undefined : countOf(text.slice(0, at));
  return count === undefined ? undefined : withPiece(ratio(count), text.slice(at + 1));
}

interface Form {
  readonly pattern: RegExp;
  /** Whether it holds of the numbers in it, in their order. */
  readonly holds: (...values: Ratio[]) => boolean;
  /** Which of the numbers stands for the whole of it in what follows, from the end. */
  readonly gives?: number;
}

const form = (text: string, holds: Form["holds"], gives?: number): Form => ({
  pattern: new RegExp(text.replaceAll("Q", Q).replaceAll("§§", S), "gi"),
  holds,
  ...(gives === undefined ? {} : { gives }),
});
const ten = (digit: Ratio, carried: Ratio): Ratio => plus(digit, times(ratio(10), carried));
const none = ratio(0);
const whole = (value: Ratio): boolean => value.over % value.under === 0n;
const floor = (value: Ratio): Ratio => ratio(value.over / value.under);
const minusOf = (a: Ratio, b: Ratio): Ratio => plus(a, ratio(-b.over, b.under));

/** The forms of sentences that claim something about numbers, and when it is true. What a form gives is put in its place. */
const FORMS: readonly Form[] = [
  form("Q times Q is Q", (a, b, c) => same(times(a, b), c), 1),
  form("In Q the Q is Q", (a, b, c) => b.over > 0n && floor(over(a, over(c, b))).over % 10n === b.over),
  form(`(${CARDINAL} \\d[\\d.]*(?:(?:,| and) ${CARDINAL} \\d[\\d.]*)*) makes? Q up to Q`, (a, b, c) =>
    same(plus(a, b), c),
  ),
  form("Q and Q make Q: write Q, (?:and )?(?:carry|exchange) Q (?:below|to the lower number)", (a, b, c) =>
    same(plus(a, b), c),
  ),
  form("§§ (?:make|are) §§(?! more)", same, 1),
  form("Q (?:take away|less) Q (?:leaves?|is) Q", (a, b, c) => same(minusOf(a, b), c), 1),
  form("Q from Q leaves Q", (a, b, c) => same(minusOf(b, a), c), 1),
  form(
    "Q goes Q times into Q, and Q (?:is|are) left",
    (a, b, c, d) => same(plus(times(a, b), d), c) && below(d, a),
  ),
  form("Q goes Q times into Q", (a, b, c) => same(floor(over(c, a)), b)),
  form("Q goes (?:no times|once|twice) into Q, and Q (?:is|are) left", (a, b, c) =>
    whole(over(minusOf(b, c), a)),
  ),
  form("Q goes no times into Q", (a, b) => below(b, a)),
  form("Q goes once into Q", (a, b) => same(floor(over(b, a)), ratio(1))),
  form("Q goes twice into Q", (a, b) => same(floor(over(b, a)), ratio(2))),
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
  form("Q (?:plus|minus) counters for Q", (a, b) => same(size(a), size(b))),
  form("Q is enough for Q", (a, b) => !below(a, b)),
  form("Q is not enough for Q", below),
  form(
    "each whole is Q, so Q of them are Q; Q more make Q",
    (a, b, c, d, e) => same(times(ratio(a.under), b), c) && same(plus(c, d), e) && a.over > 0n,
  ),
  form("The [\\d.]+ (?:carried|exchanged|regrouped) is Q, moved over as Q", (a, b) => same(a, b)),
  form("The answer is Q: (?:minus )?§§\\.", (a, b) => same(size(a), size(b))),
  form("Q over Q is Q", (a, b, c) => same(over(a, b), c)),
  form("Q (?:is|are) §§(?=[,.:;])", same, 0),
  // In words each with its place, in digits both in the column that is added.
  form("exchange Q for Q", (a, b) => same(a, b) || same(a, times(b, ratio(10)))),
  form("Q: write Q, (?:and )?(?:carry|regroup) Q", (a, b, c) => same(a, ten(b, c)) || same(a, plus(b, c))),
];

/** Chains of equal things in signs: both sides of every equals sign, worked with brackets and the usual order. */
const CHAIN =
  /(?<![\d\w/.])[−-]?[\d(](?:[\d./ ()×÷·+−]*[\d)])?(?: (?:[=<>]|is) [−-]?[\d(](?:[\d./ ()×÷·+−]*[\d)])?)+(?![\d/])/g;

function worked(text: string): Ratio | undefined {
  const tokens = text.match(/\d+(?:\.\d+)?(?: \d+)?\/\d+|\d+(?:\.\d+)?|[()×÷·+−]/g) ?? [];
  let at = 0;
  const factor = (): Ratio | undefined => {
    const token = tokens[at++];
    if (token === "−") {
      const value = factor();
      return value && ratio(-value.over, value.under);
    }
    if (token === "(") {
      const value = total();
      return tokens[at++] === ")" ? value : undefined;
    }
    return token !== undefined && /^\d/.test(token) ? digits(token) : undefined;
  };
  const product = (): Ratio | undefined => {
    let value = factor();
    while (value && /^[×·÷]$/.test(tokens[at] ?? "")) {
      const divides = tokens[at++] === "÷";
      const next = factor();
      if (next === undefined || (divides && next.over === 0n)) return undefined;
      value = divides ? over(value, next) : times(value, next);
    }
    return value;
  };
  const total = (): Ratio | undefined => {
    let value = product();
    while (value && /^[+−]$/.test(tokens[at] ?? "")) {
      const takes = tokens[at++] === "−";
      const next = product();
      value = next && (takes ? minusOf(value, next) : plus(value, next));
    }
    return value;
  };
  const value = total();
  return at === tokens.length ? value : undefined;
}

/** Words that no finished sentence holds: a count and a noun that do not agree, an article before the wrong sound, what was never filled in. */
const UNSAYABLE: readonly RegExp[] = [
  /(?<![\d.,/−-])1 (?:tens|ones|hundreds|units|places|zeros|parts|halves|cents|counters|numbers)\b/,
  /(?<![-\w]|hundred |thousand |illion )one (?:tens|ones|hundreds|tenths|hundredths|thousandths|units|places|zeros|parts|halves|cents)\b/i,
  /\b(?:goes|go) (?:into \S+ )?(?:1|one) times\b/,
  /\b[Aa] (?:[ai][a-z]|e(?!uro)|o(?!ne))/,
  /\ba (?:8|11|18|80|eight|eleven|eighteen|eighty|hour|ounce|inch|answer)\b/,
  /\ban (?:[2-79]|10|12|one|unit|two|three|whole|tenth|hundredth)\b/,
  /undefined|NaN|\[object|\$\{| {2}| (?:[,.;](?!\d)|\?(?!\/))|,,|\.\.(?!\.)/,
  /^[a-z]{2}/,
  /[^.?!…)]$/,
  /\bnought\b/i,
];

const MAJORS = /\b(?:dollar|pound|euro|peso|rupee)s?\b|\brand\b/g;
const MINORS = /\b(?:cents?|pence|penny|centavos?|pais[ae])\b/g;
const SYMBOLS = [...MEASURED.keys()].sort((a, b) => b.length - a.length).join("|");
const MEASURE = new RegExp(
  `\\d[\\d./ ]*? (?:${SYMBOLS})(?: \\d[\\d./]* (?:${SYMBOLS}))*(?![a-z-])(?<! in(?= (?:the|a|one|each|every|\\d)))`,
  "g",
);

/** A result whose unit is said, of counts that stand in the column of that unit: "3 + 4 = 7 lb". */
const NAMED_RESULT = new RegExp(`^([\\d.+×·() ]+ = \\d[\\d./ ]*?) (?:${SYMBOLS})(?=[:,])`);

/** A measure in digits, in the smallest unit of its scale. */
function inSmallest(measure: string): string {
  const parts = [...measure.matchAll(/(\d[\d./ ]*?) ([a-z][a-z ]*)(?= \d|$)/gi)];
  const { over, under } = sum(
    parts.map(([, count = "0", unit = ""]) => times(digits(count), MEASURED.get(unit) ?? none)),
  );
  const least =
    [...Array(Number(under < 1000n ? under : 1n)).keys()]
      .map((n) => BigInt(n + 1))
      .find((n) => (over * n) % under === 0n) ?? under;
  return least === 1n ? String(over / under) : `${(over * least) / under}/${least}`;
}

/** A line as every house writes it, made one way of writing: points, no groups, no signs of money. */
function plainly(line: string, { decimalMark, grouping, numberNames }: HouseRules): string {
  const groups = { none: "", space: "\u00a0", mark: decimalMark === "point" ? "," : "\\." }[grouping];
  const joined =
    groups === "" ? line : line.replace(new RegExp(`(?<=\\d)${groups}(?=\\d{3}(?!\\d))`, "g"), "");
  const pointed =
    decimalMark === "comma" ? joined.replace(/(?<=\d),(?=\d)|(?<=[^\w]|^),(?=\d)/g, ".") : joined;
  const money = /[$£€₱₹]|\bR\d/.test(line);
  const named = money ? pointed.replace(MAJORS, "wholes").replace(MINORS, "hundredths") : pointed;
  return (numberNames === "byDigits" ? named.replace(/[a-z][a-z -]* (?:point|comma) [a-z -]+/gi, "§") : named)
    .replace(/[$£€₱₹]|\bR(?=\d)/g, "")
    .replace(/(?<!\d)\.(?=\d)/g, "0.")
    .replace(
      /\b(\d+)[cp]\b/g,
      (_, minor: string) => `${minor.slice(0, -2) || "0"}.${minor.slice(-2).padStart(2, "0")}`,
    )
    .replaceAll(" : ", " ÷ ")
    .replace(/(\d+) over (\d+)(?! is)/g, "$1/$2")
    .replace(/^.*(?: r \d| each, .+ left).* is /, "§ is ")
    .replace(NAMED_RESULT, "$1")
    .replace(MEASURE, inSmallest)
    .replace(
      /,? (?:and )?the (\S+) (?:carried|exchanged|regrouped|owed|that came over)(?= (?:make|are))/g,
      " and $1",
    );
}

/** Reads a finished line back, by a grammar of its own: what it claims of numbers is worked out again, what cannot be said is named. */
export function claimsOf(line: string, house: HouseRules): SaidClaims {
  const faults = UNSAYABLE.filter((one) => one.test(line)).map((one) => `${line} (${one.source})`);
  // The minutes of angles are named as those of hours are.
  if (/[°′]|degree/.test(line)) return { read: 0, faults };
  let read = 0;
  let rest = plainly(line, house);
  const judge = (claim: string, holds: boolean): void => {
    read += 1;
    if (!holds) faults.push(`${line} (${claim})`);
  };
  rest = rest.replace(/^First, roughly: (.+) makes about (.+)\.$/, (claim, asked: string, about: string) => {
    const [exact, said] = [worked(asked), worked(about)];
    if (exact && said) judge(claim, !below(size(exact), times(size(minusOf(exact, said)), ratio(4))));
    return "§";
  });
  rest = rest.replace(CHAIN, (chain) => {
    if (/^[^×÷·+−]* is /.test(chain)) return chain;
    const [first, ...others] = chain.split(/ ([=<>]|is) /);
    let left = worked(first ?? "");
    for (let index = 0; index < others.length; index += 2) {
      const right = worked(others[index + 1] ?? "");
      if (left && right) {
        const sign = others[index];
        judge(
          chain,
          sign === "=" || sign === "is"
            ? same(left, right)
            : sign === "<"
              ? below(left, right)
              : below(right, left),
        );
      }
      left = right;
    }
    return "§";
  });
  for (const { pattern, holds, gives } of FORMS)
    rest = rest.replace(pattern, (claim: string, ...found: readonly unknown[]) => {
      const texts = found
        .slice(
          0,
          found.findIndex((one) => typeof one === "number"),
        )
        .filter((one) => typeof one === "string");
      const values = texts.map(quantity);
      if (values.some((value) => value === undefined)) return claim;
      judge(claim, holds(...values.flatMap((value) => value ?? [])));
      return gives === undefined ? "§" : (texts.at(gives === 0 ? 0 : -1) ?? "§");
    });
  return { read, faults };
}
