import fc from "fast-check";

/** Lines as a tutor types them, by kind and operation, over the whole range that is read. Some are refused. */

const count = (min: number, max: number): fc.Arbitrary<string> => fc.integer({ min, max }).map(String);
const often = <T>(usual: fc.Arbitrary<T>, rare: fc.Arbitrary<T>): fc.Arbitrary<T> =>
  fc.oneof({ weight: 4, arbitrary: usual }, { weight: 1, arbitrary: rare });
const joined = (
  terms: fc.Arbitrary<string>,
  sign: fc.Arbitrary<string>,
  least: number,
  most: number,
): fc.Arbitrary<string> =>
  fc
    .array(fc.tuple(sign, terms), { minLength: least, maxLength: most })
    .map((all) => all.map(([before, term], index) => (index === 0 ? term : `${before}${term}`)).join(""));
const just = fc.constant;

const denominator = fc.oneof(
  { weight: 6, arbitrary: count(2, 12) },
  { weight: 2, arbitrary: fc.constantFrom("15", "16", "18", "24", "25", "36", "60", "100") },
  { weight: 1, arbitrary: count(1, 9999) },
);
const numerator = often(count(0, 20), count(0, 9999));
const whole = often(count(0, 12), count(0, 9999));
const plainFraction = fc.tuple(numerator, denominator).map(([over, under]) => `${over}/${under}`);
const mixed = fc.tuple(whole, numerator, denominator).map(([one, over, under]) => `${one} ${over}/${under}`);
const decimal = fc.tuple(whole, count(0, 999)).map(([one, places]) => `${one}.${places}`);
const numeral = fc.oneof(
  { weight: 4, arbitrary: plainFraction },
  { weight: 3, arbitrary: mixed },
  { weight: 1, arbitrary: whole },
  { weight: 1, arbitrary: decimal },
);
const fractionForm = often(
  just(""),
  fc.constantFrom(
    " as a mixed number",
    " as a fraction",
    " as a decimal",
    " in simplest form",
    " to hundredths",
  ),
);
const formed = (lines: fc.Arbitrary<string>): fc.Arbitrary<string> =>
  fc.tuple(lines, fractionForm).map(([line, form]) => line + form);

const FRACTIONS = {
  add: formed(joined(numeral, just(" + "), 2, 6)),
  subtract: formed(fc.tuple(numeral, numeral).map(([a, b]) => `${a} - ${b}`)),
  multiply: formed(joined(numeral, just(" × "), 2, 3)),
  divide: formed(fc.tuple(numeral, numeral).map(([a, b]) => `${a} ÷ ${b}`)),
  compare: fc.tuple(numeral, numeral).map(([a, b]) => `compare ${a} and ${b}`),
  order: joined(numeral, just("; "), 3, 6).map((list) => `order ${list}`),
  rewrite: fc.oneof(
    numeral.map((one) => `simplify ${one}`),
    fc
      .tuple(
        numeral,
        fc.constantFrom("as a mixed number", "as a fraction", "as a decimal", "in lowest terms", "to tenths"),
      )
      .map(([one, form]) => `${one} ${form}`),
    fc
      .tuple(
        plainFraction,
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom<"under" | "over">("under", "over"),
      )
      .map(([one, by, side]) => {
        const [above = 0, under = 1] = one.split("/").map(Number);
        return side === "under" ? `${one} = ?/${under * by}` : `${one} = ${above * by}/?`;
      }),
  ),
};

const size = fc.oneof(
  { weight: 6, arbitrary: count(0, 20) },
  { weight: 1, arbitrary: count(21, 99999) },
  { weight: 2, arbitrary: decimal },
  { weight: 2, arbitrary: plainFraction },
  { weight: 1, arbitrary: mixed },
);
const sided = fc.tuple(size, fc.boolean()).map(([one, negative]) => (negative ? `(-${one})` : one));
const small = fc.integer({ min: -14, max: 14 }).map((one) => (one < 0 ? `(${one})` : String(one)));
const numbers = (terms: fc.Arbitrary<string>): fc.Arbitrary<string> =>
  joined(terms, fc.constantFrom(" + ", " - "), 2, 6);
const SIGNED = {
  terms: fc.oneof(
    numbers(sided),
    numbers(small),
    fc.tuple(small, small).map(([a, b]) => `${a} - ${b}`),
    // Numbers taken away one after the other, nothing below zero on the way.
    fc
      .tuple(count(200, 999), decimal, count(0, 90), fc.constantFrom(" - ", " + "))
      .filter(([, middle]) => Number(middle) < 100)
      .map(([a, b, c, sign]) => `${a} - ${b}${sign}${c}`),
  ),
  multiply: fc.oneof(
    formed(joined(sided, just(" × "), 2, 3)),
    fc
      .tuple(fc.integer({ min: -6, max: 6 }), fc.integer({ min: -6, max: 6 }))
      .map(([a, b]) => `${a} × (${b})`),
  ),
  divide: fc.oneof(
    formed(fc.tuple(sided, sided).map(([a, b]) => `${a} ÷ ${b}`)),
    fc.tuple(small, small).map(([a, b]) => `${a} ÷ ${b}`),
  ),
};

const SIGNS = ["$", "£", "€", "R", "₱", "₹"] as const;
const MINORS = { $: "c", "£": "p", "€": "c", R: "c", "₱": "c", "₹": "p" } as const;
const inOne = (
  make: (amount: fc.Arbitrary<string>, sign: (typeof SIGNS)[number]) => fc.Arbitrary<string>,
): fc.Arbitrary<string> =>
  fc.constantFrom(...SIGNS).chain((sign) => {
    const major = often(count(0, 60), count(0, 99999));
    const amount = fc.oneof(
      {
        weight: 4,
        arbitrary: fc.tuple(major, count(0, 99)).map(([a, b]) => `${sign}${a}.${b.padStart(2, "0")}`),
      },
      { weight: 2, arbitrary: major.map((a) => sign + a) },
      // Cents and pence of another currency than the house's can't stand alone, so a major amount goes before.
      { weight: 1, arbitrary: count(1, 99).map((minor) => minor + MINORS[sign]) },
    );
    return make(amount, sign);
  });
/** A line that says whose money it is, where its amounts do not all do so. */
const MONEY = {
  add: inOne((amount) => joined(amount, just(" + "), 2, 8)),
  subtract: inOne((amount, sign) =>
    fc.oneof(
      fc.tuple(amount, amount).map(([a, b]) => `${a} - ${b}`),
      fc
        .tuple(count(1, 60), amount, fc.constantFrom("1", "2", "5", "10", "20", "50"))
        .map(([paid, price, piece]) => `${sign}${paid} - ${price} without ${sign}${piece}`),
    ),
  ),
  multiply: inOne((amount) =>
    fc.tuple(often(count(0, 12), decimal), amount).map(([by, one]) => `${by} × ${one}`),
  ),
  divide: inOne((amount) => fc.tuple(amount, fc.oneof(count(1, 12), amount)).map(([a, b]) => `${a} ÷ ${b}`)),
  enough: inOne((amount) =>
    fc
      .tuple(amount, joined(amount, just(" + "), 1, 5))
      .map(([have, costs]) => `is ${have} enough for ${costs}`),
  ),
  pay: inOne((amount, sign) =>
    fc
      .tuple(
        amount,
        often(
          just(""),
          fc.constantFrom("5", "10", "20").map((piece) => ` without ${sign}${piece}`),
        ),
      )
      .map(([price, without]) => `pay ${price}${without}`),
  ),
};

const SCALES = [
  ["ton", "lb", "oz"],
  ["st", "lb", "oz"],
  ["lb", "oz"],
  ["mi", "yd", "ft", "in"],
  ["yd", "ft", "in"],
  ["ft", "in"],
  ["gal", "qt", "pt", "cup", "fl oz"],
  ["L", "mL"],
  ["kg", "g"],
  ["km", "m"],
  ["m", "cm", "mm"],
  ["week", "day", "h", "min", "s"],
  ["h", "min", "s"],
  ["h", "min"],
  ["°", "′"],
] as const;
const inScale = (
  make: (measure: fc.Arbitrary<string>, units: readonly string[]) => fc.Arbitrary<string>,
): fc.Arbitrary<string> =>
  fc.constantFrom<readonly string[]>(...SCALES).chain((units) => {
    const measure = fc
      .tuple(
        fc.subarray([...units], { minLength: 1 }),
        fc.array(often(count(0, 11), count(0, 2000)), { minLength: 5, maxLength: 5 }),
        often(just(""), fc.constantFrom(".5", ".25", ".125")),
      )
      .map(([used, counts, end]) =>
        used
          .map((unit, index) => `${counts[index]}${index === used.length - 1 ? end : ""} ${unit}`)
          .join(" "),
      );
    return make(measure, units);
  });
const unitForm = (units: readonly string[]): fc.Arbitrary<string> =>
  often(
    just(""),
    fc.subarray([...units], { minLength: 1 }).map((form) => ` in ${form.join(" and ")}`),
  );
const MEASURES = {
  add: inScale((measure, units) =>
    fc.tuple(joined(measure, just(" + "), 2, 4), unitForm(units)).map(([line, form]) => line + form),
  ),
  subtract: inScale((measure, units) =>
    fc.tuple(measure, measure, unitForm(units)).map(([a, b, form]) => `${a} - ${b}${form}`),
  ),
  multiply: inScale((measure, units) =>
    fc.tuple(count(0, 12), measure, unitForm(units)).map(([by, one, form]) => `${by} × ${one}${form}`),
  ),
  divide: inScale((measure, units) =>
    fc
      .tuple(measure, fc.oneof(count(1, 12), measure), unitForm(units))
      .map(([a, b, form]) => `${a} ÷ ${b}${form}`),
  ),
  rewrite: inScale((measure, units) =>
    fc
      .tuple(measure, fc.subarray([...units], { minLength: 1 }))
      .map(([one, form]) => `${one} in ${form.join(" and ")}`),
  ),
};

/** Brackets, two or more operations, up to eight numbers. */
const nested = (leaf: fc.Arbitrary<string>, factor: fc.Arbitrary<string>): fc.Arbitrary<string> =>
  fc.letrec<{ readonly part: string; readonly group: string }>((tie) => ({
    part: fc.oneof({ depthSize: "small", withCrossShrink: true }, leaf, tie("group")),
    group: fc.oneof(
      fc
        .tuple(tie("part"), fc.constantFrom(" + ", " - "), tie("part"))
        .map(([a, sign, b]) => `(${a}${sign}${b})`),
      fc.tuple(factor, tie("part")).map(([a, b]) => `${a} × ${b}`),
      fc.tuple(tie("part"), factor).map(([a, b]) => `${a} ÷ ${b}`),
      fc.tuple(tie("part"), factor).map(([a, b]) => `${a} × ${b}`),
    ),
  })).group;
const CHAIN = {
  chain: fc.oneof(
    formed(nested(often(count(0, 30), fc.oneof(decimal, plainFraction)), count(1, 12))),
    formed(nested(sided, sided)),
    inOne((amount, sign) =>
      fc.oneof(
        nested(amount, count(1, 12)),
        fc
          .tuple(count(1, 9), amount, amount, count(1, 90))
          .map(([by, one, more, from]) => `${by} × ${one} + ${more}, from ${sign}${from}`),
      ),
    ),
    inScale((measure) => nested(measure, count(1, 6))),
  ),
};

/** Things that are compared or put in order: signs, money of one currency, measures of one scale. */
const ofAny = (line: (thing: fc.Arbitrary<string>) => fc.Arbitrary<string>): fc.Arbitrary<string> =>
  fc.oneof(
    line(sided),
    line(small),
    inOne((amount) => line(amount)),
    inScale((measure) => line(measure)),
  );
const QUANTITIES = {
  compare: ofAny((thing) => fc.tuple(thing, thing).map(([a, b]) => `compare ${a} and ${b}`)),
  order: ofAny((thing) => joined(thing, just("; "), 3, 6).map((list) => `order ${list}`)),
};

export const LINES = {
  fractions: FRACTIONS,
  signed: SIGNED,
  money: MONEY,
  measures: MEASURES,
  quantities: QUANTITIES,
  chain: CHAIN,
} as const;
