import { between, mass, money, noteOver, price } from "../stock/drawing";
import { about, type StoryKind } from "./kind";

/** The most that a learner pays in one story, in hundredths. */
const MOST_PAID = 20_000;

/** Stories of prices, wages and change. */
export const MONEY_KINDS = [
  {
    id: "total-of-two",
    structure: "partsWhole",
    steps: 1,
    draw: about("price", 2, (chances, [x, y]) => ({
      givens: { a: money(price(chances, x)), b: money(price(chances, y)) },
      line: "{a} + {b}",
    })),
  },
  {
    id: "total-of-three",
    structure: "partsWhole",
    steps: 1,
    wrong: { "part-left-out": ["{a} + {b}", "{b} + {c}", "{a} + {c}"] },
    draw: about("price", 3, (chances, [x, y, z]) => ({
      givens: { a: money(price(chances, x)), b: money(price(chances, y)), c: money(price(chances, z)) },
      line: "{a} + {b} + {c}",
    })),
  },
  {
    id: "several-of-the-same",
    structure: "equalGroups",
    steps: 1,
    wrong: { "word-for-operation": ["$${n} + {a}"] },
    draw: about("price", 1, (chances, [x]) => ({
      givens: { a: money(price(chances, x)), n: String(between(chances, 2, 9)) },
      line: "{n} × {a}",
    })),
  },
  {
    id: "change-from-a-note",
    structure: "change",
    also: ["partsWhole"],
    steps: 1,
    wrong: { "word-for-operation": ["{p} + {a}"] },
    draw: about("price", 1, (chances, [x]) => {
      const a = price(chances, x);
      const p = noteOver(chances, a);
      return p === undefined || a % 100 === 0
        ? undefined
        : { givens: { a: money(a), p: money(p) }, line: "change from {p} for {a}" };
    }),
  },
  {
    id: "enough-or-not",
    structure: "comparison",
    also: ["partsWhole", "change"],
    steps: 2,
    wrong: {
      "first-step-as-answer": ["{a} + {b}"],
      "part-left-out": ["{p} - {a}", "{p} - {b}", "{a} - {p}", "{b} - {p}"],
    },
    draw: about("price", 2, (chances, [x, y]) => {
      const [a, b] = [price(chances, x), price(chances, y)];
      const p = 500 * Math.max(1, Math.round((a + b) / 500) + between(chances, -1, 1));
      return p <= Math.max(a, b) || p === a + b
        ? undefined
        : { givens: { a: money(a), b: money(b), p: money(p) }, line: "is {p} enough for {a} + {b}" };
    }),
  },
  {
    id: "how-many-can-be-bought",
    structure: "equalGroups",
    also: ["change"],
    steps: 1,
    wrong: { "word-for-operation": ["{p} - {a}"] },
    draw: about("price", 1, (chances, [x]) => {
      const a = price(chances, x);
      const p = 500 * between(chances, 1, 20);
      return p < 2 * a || p > 12 * a || p % a === 0
        ? undefined
        : { givens: { a: money(a), p: money(p) }, line: "{p} ÷ {a}" };
    }),
  },
  {
    id: "gain",
    structure: "change",
    also: ["comparison"],
    steps: 1,
    wrong: { "word-for-operation": ["{a} + {b}"] },
    draw: about("price", 1, (chances, [x]) => {
      const [a, b] = [price(chances, x), price(chances, x)];
      return b <= a ? undefined : { givens: { a: money(a), b: money(b) }, line: "{b} - {a}" };
    }),
  },
  {
    id: "loss",
    structure: "change",
    also: ["comparison"],
    steps: 1,
    draw: about("price", 1, (chances, [x]) => {
      const [a, b] = [price(chances, x), price(chances, x)];
      return b >= a ? undefined : { givens: { a: money(a), b: money(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "how-much-dearer",
    structure: "comparison",
    steps: 1,
    wrong: { "word-for-operation": ["{a} + {b}"] },
    draw: about("price", 2, (chances, [x, y]) => {
      const [a, b] = [price(chances, x), price(chances, y)];
      return a <= b ? undefined : { givens: { a: money(a), b: money(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "still-missing",
    structure: "comparison",
    also: ["partsWhole", "change"],
    steps: 1,
    wrong: { "word-for-operation": ["{a} + {b}"] },
    draw: about("price", 1, (chances, [x]) => {
      const a = price(chances, x);
      const b = 50 * between(chances, 2, Math.floor(a / 50));
      return b >= a ? undefined : { givens: { a: money(a), b: money(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "times-as-much",
    structure: "comparison",
    also: ["equalGroups"],
    steps: 1,
    draw: about("price", 1, (chances, [x]) => {
      const a = price(chances, x);
      return a > 4000
        ? undefined
        : { givens: { a: money(a), n: String(between(chances, 2, 6)) }, line: "{n} × {a}" };
    }),
  },
  {
    id: "several-and-one-more",
    structure: "partsWhole",
    also: ["equalGroups"],
    steps: 2,
    wrong: {
      "first-step-as-answer": ["{n} × {a}"],
      "part-left-out": ["{a} + {b}"],
      "all-to-all": ["{n} × ({a} + {b})"],
    },
    draw: about("price", 2, (chances, [x, y]) => ({
      givens: {
        n: String(between(chances, 2, 6)),
        a: money(price(chances, x)),
        b: money(price(chances, y)),
      },
      line: "{n} × {a} + {b}",
    })),
  },
  {
    id: "change-from-several",
    structure: "change",
    also: ["partsWhole"],
    steps: 2,
    wrong: { "first-step-as-answer": ["{n} × {a}"], "part-left-out": ["{p} - {a}"] },
    draw: about("price", 1, (chances, [x]) => {
      const [a, n] = [price(chances, x), between(chances, 2, 5)];
      const p = noteOver(chances, n * a);
      return p === undefined || n * a > MOST_PAID
        ? undefined
        : { givens: { n: String(n), a: money(a), p: money(p) }, line: "{n} × {a}, from {p}" };
    }),
  },
  {
    id: "total-with-a-needless-number",
    structure: "partsWhole",
    steps: 1,
    wrong: { "all-numbers-used": ["{a} + {b} + $${w.bare}"] },
    draw: about("price", 2, (chances, [x, y], units) => {
      if (x.mass === undefined) return undefined;
      return {
        givens: { a: money(price(chances, x)), b: money(price(chances, y)), w: units.mass(mass(chances, x)) },
        line: "{a} + {b}",
        needless: ["w"],
      };
    }),
  },
  {
    id: "half-as-much",
    structure: "comparison",
    also: ["equalGroups", "partsWhole"],
    steps: 1,
    wrong: { "word-for-operation": ["{n} × {a}"] },
    draw: about("price", 1, (chances, [x]) => {
      const a = price(chances, x);
      return a % 2 === 1 ? undefined : { givens: { a: money(a), n: "2" }, line: "{a} ÷ {n}" };
    }),
  },
  {
    id: "how-much-cheaper-altogether",
    structure: "comparison",
    also: ["equalGroups"],
    steps: 2,
    wrong: { "first-step-as-answer": ["{n} × {a}"], "part-left-out": ["{b} - {a}", "{a} - {b}"] },
    draw: about("price", 1, (chances, [x]) => {
      const [a, n] = [price(chances, x), between(chances, 3, 8)];
      const off = 10 * between(chances, 1, Math.max(2, Math.floor((n * a) / 60)));
      return n * a > MOST_PAID || off >= n * a
        ? undefined
        : { givens: { n: String(n), a: money(a), b: money(n * a - off) }, line: "{n} × {a} - {b}" };
    }),
  },
  {
    id: "change-from-two-things",
    structure: "change",
    also: ["partsWhole"],
    steps: 2,
    wrong: { "first-step-as-answer": ["{a} + {b}"], "part-left-out": ["{p} - {a}", "{p} - {b}"] },
    draw: about("price", 2, (chances, [x, y]) => {
      const [a, b] = [price(chances, x), price(chances, y)];
      const p = noteOver(chances, a + b);
      return p === undefined || (a + b) % 100 === 0
        ? undefined
        : { givens: { a: money(a), b: money(b), p: money(p) }, line: "{p} - ({a} + {b})" };
    }),
  },
  {
    id: "several-with-a-needless-number",
    structure: "equalGroups",
    steps: 1,
    wrong: {
      "all-numbers-used": ["{n} × {a} + $${w.bare}", "{n} × {w.bare} × {a}"],
      "word-for-operation": ["$${n} + {a}"],
    },
    draw: about("price", 1, (chances, [x], units) =>
      x.mass === undefined
        ? undefined
        : {
            givens: {
              n: String(between(chances, 2, 9)),
              a: money(price(chances, x)),
              w: units.mass(mass(chances, x)),
            },
            line: "{n} × {a}",
            needless: ["w"],
          },
    ),
  },
  {
    id: "how-much-dearer-with-a-needless-number",
    structure: "comparison",
    steps: 1,
    wrong: {
      "all-numbers-used": ["{a} - {b} + $${n}", "{a} - {b} - $${n}"],
      "word-for-operation": ["{a} + {b}"],
    },
    draw: about("price", 2, (chances, [x, y]) => {
      const [a, b] = [price(chances, x), price(chances, y)];
      return a <= b
        ? undefined
        : {
            givens: { n: String(between(chances, 3, 24)), a: money(a), b: money(b) },
            line: "{a} - {b}",
            needless: ["n"],
          };
    }),
  },
] as const satisfies readonly StoryKind[];
