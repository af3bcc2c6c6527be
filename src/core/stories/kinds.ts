import type { Chances } from "../sheets";
import {
  between,
  grams,
  mass,
  metres,
  millilitres,
  money,
  noteOver,
  price,
  thingsWith,
  volume,
} from "./drawing";
import type { Thing } from "./stock";

/** How the quantities of a story hang together. */
export type Structure = "partsWhole" | "comparison" | "equalGroups" | "change";

/** What is drawn for a story: its givens as typed, the things it is about, and the line that works it. */
interface Draft {
  readonly givens: Readonly<Record<string, string>>;
  readonly things: readonly Thing[];
  /** The line with the names of givens in braces: `{a} + {b}`. */
  readonly line: string;
  /** Givens that the question does not need. */
  readonly needless?: readonly string[];
}

export interface StoryKind<Id extends string = string> {
  readonly id: Id;
  readonly structure: Structure;
  /** How many operations it takes. */
  readonly steps: 1 | 2 | 3;
  /** Draws one; none where it did not come out well, and another try has to. */
  readonly draw: (chances: Chances, things: readonly Thing[]) => Draft | undefined;
}

/** A draft of so many things with something known of each, made by what is left over. */
const about =
  (
    known: "price" | "mass" | "volume",
    count: number,
    make: (chances: Chances, things: readonly [Thing, Thing, Thing]) => Omit<Draft, "things"> | undefined,
  ) =>
  (chances: Chances, things: readonly Thing[]): Draft | undefined => {
    const chosen = thingsWith(chances, things, known, count);
    const [x, y = x, z = y] = chosen ?? [];
    if (chosen === undefined || x === undefined || y === undefined || z === undefined) return undefined;
    const made = make(chances, [x, y, z]);
    return made && { ...made, things: chosen };
  };

/** The most that a learner pays in one story, in hundredths. */
const MOST_PAID = 20_000;

const KINDS = [
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
    draw: about("price", 3, (chances, [x, y, z]) => ({
      givens: { a: money(price(chances, x)), b: money(price(chances, y)), c: money(price(chances, z)) },
      line: "{a} + {b} + {c}",
    })),
  },
  {
    id: "several-of-the-same",
    structure: "equalGroups",
    steps: 1,
    draw: about("price", 1, (chances, [x]) => ({
      givens: { a: money(price(chances, x)), n: String(between(chances, 2, 9)) },
      line: "{n} × {a}",
    })),
  },
  {
    id: "change-from-a-note",
    structure: "change",
    steps: 1,
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
    steps: 2,
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
    steps: 1,
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
    steps: 1,
    draw: about("price", 1, (chances, [x]) => {
      const [a, b] = [price(chances, x), price(chances, x)];
      return b <= a ? undefined : { givens: { a: money(a), b: money(b) }, line: "{b} - {a}" };
    }),
  },
  {
    id: "loss",
    structure: "change",
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
    draw: about("price", 2, (chances, [x, y]) => {
      const [a, b] = [price(chances, x), price(chances, y)];
      return a <= b ? undefined : { givens: { a: money(a), b: money(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "how-much-heavier",
    structure: "comparison",
    steps: 1,
    draw: about("mass", 2, (chances, [x, y]) => {
      const [a, b] = [mass(chances, x), mass(chances, y)];
      return a <= b ? undefined : { givens: { a: grams(a), b: grams(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "still-missing",
    structure: "comparison",
    steps: 1,
    draw: about("price", 1, (chances, [x]) => {
      const a = price(chances, x);
      const b = 50 * between(chances, 2, Math.floor(a / 50));
      return b >= a ? undefined : { givens: { a: money(a), b: money(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "what-there-was-before",
    structure: "change",
    steps: 1,
    draw: about("volume", 1, (chances, [x]) => {
      const whole = volume(chances, x);
      const used = 5 * between(chances, 2, Math.floor(whole / 5) - 2);
      return used <= 0 || used >= whole
        ? undefined
        : { givens: { a: millilitres(used), b: millilitres(whole - used) }, line: "{a} + {b}" };
    }),
  },
  {
    id: "what-is-left-in-it",
    structure: "change",
    steps: 1,
    draw: about("volume", 1, (chances, [x]) => {
      const whole = volume(chances, x);
      const used = between(chances, 12, whole - 10);
      return used >= whole
        ? undefined
        : { givens: { a: millilitres(whole), b: millilitres(used) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "mass-of-several",
    structure: "equalGroups",
    steps: 1,
    draw: about("mass", 1, (chances, [x]) => ({
      givens: { n: String(between(chances, 3, 9)), a: grams(mass(chances, x)) },
      line: "{n} × {a}",
    })),
  },
  {
    id: "box-and-contents",
    structure: "equalGroups",
    steps: 2,
    draw: about("mass", 1, (chances, [x]) => {
      const [each, n] = [mass(chances, x), between(chances, 3, 9)];
      const e = 10 * between(chances, 8, 45);
      return n * each + e > 9000
        ? undefined
        : {
            givens: { n: String(n), t: grams(n * each + e), e: grams(e) },
            line: "({t} - {e}) ÷ {n}",
          };
    }),
  },
  {
    id: "joined-lengths",
    structure: "partsWhole",
    steps: 1,
    draw: (chances) => ({
      givens: { a: metres(between(chances, 105, 980)), b: metres(between(chances, 105, 980)) },
      things: [],
      line: "{a} + {b}",
    }),
  },
  {
    id: "cut-length",
    structure: "change",
    steps: 1,
    draw: (chances) => ({
      givens: { a: metres(between(chances, 900, 4900)), b: metres(between(chances, 105, 890)) },
      things: [],
      line: "{a} - {b}",
    }),
  },
  {
    id: "wheels-that-can-be-spoked",
    structure: "equalGroups",
    steps: 1,
    draw: (chances) => {
      const n = chances.pick([20, 24, 28, 32, 36]) ?? 32;
      const t = between(chances, 2 * n + 1, 9 * n);
      return t % n === 0
        ? undefined
        : { givens: { t: String(t), n: String(n) }, things: [], line: "{t} ÷ {n} with remainder" };
    },
  },
  {
    id: "boxes-that-are-needed",
    structure: "equalGroups",
    steps: 1,
    draw: (chances, things) => {
      const n = between(chances, 4, 12);
      const t = between(chances, 3 * n, 15 * n);
      const [x] =
        thingsWith(
          chances,
          things.filter(({ price: range }) => (range?.[1] ?? 0) < 2000),
          "mass",
          1,
        ) ?? [];
      return t % n === 0 || x === undefined
        ? undefined
        : { givens: { t: String(t), n: String(n) }, things: [x], line: "{t} ÷ {n} with remainder" };
    },
  },
  {
    id: "part-of-a-number",
    structure: "partsWhole",
    steps: 1,
    draw: (chances) => {
      const under = between(chances, 3, 8);
      const over = between(chances, 1, under - 1);
      const n = under * between(chances, 3, 12);
      return isLowest(over, under)
        ? { givens: { f: `${over}/${under}`, n: String(n) }, things: [], line: "{f} of {n}" }
        : undefined;
    },
  },
  {
    id: "whole-from-a-part",
    structure: "partsWhole",
    steps: 1,
    draw: (chances) => ({
      givens: { p: String(between(chances, 3, 24)), n: String(between(chances, 3, 9)) },
      things: [],
      line: "{n} × {p}",
    }),
  },
  {
    id: "times-as-much",
    structure: "comparison",
    steps: 1,
    draw: about("price", 1, (chances, [x]) => {
      const a = price(chances, x);
      return a > 4000
        ? undefined
        : { givens: { a: money(a), n: String(between(chances, 2, 6)) }, line: "{n} × {a}" };
    }),
  },
  {
    id: "labour-by-the-hour",
    structure: "equalGroups",
    steps: 1,
    draw: (chances) => ({
      givens: {
        h: `${between(chances, 1, 6)}.${chances.pick(["5", "25", "75"]) ?? "5"}`,
        a: money(100 * between(chances, 28, 64)),
      },
      things: [],
      line: "{h} × {a}",
    }),
  },
  {
    id: "duration-of-two-jobs",
    structure: "partsWhole",
    steps: 1,
    draw: (chances) => {
      const time = (): string => `${between(chances, 1, 4)} h ${5 * between(chances, 1, 11)} min`;
      return { givens: { a: time(), b: time() }, things: [], line: "{a} + {b}" };
    },
  },
  {
    id: "temperature-that-rises",
    structure: "change",
    steps: 1,
    draw: (chances) => degrees(-between(chances, 2, 12), between(chances, 2, 19), "+"),
  },
  {
    id: "temperature-that-falls",
    structure: "change",
    steps: 1,
    draw: (chances) => degrees(between(chances, -4, 9), between(chances, 2, 17), "-"),
  },
  {
    id: "height-above-and-below",
    structure: "change",
    steps: 1,
    draw: (chances) => ({
      givens: { a: String(-between(chances, 2, 60)), b: String(between(chances, 8, 140)) },
      things: [],
      line: "{a} + {b}",
    }),
  },
  {
    id: "cable-by-the-metre",
    structure: "equalGroups",
    steps: 1,
    draw: (chances) => ({
      givens: {
        h: `${between(chances, 1, 9)}.${between(chances, 1, 9)}`,
        a: money(5 * between(chances, 16, 90)),
      },
      things: [],
      line: "{h} × {a}",
    }),
  },
  {
    id: "several-and-one-more",
    structure: "partsWhole",
    steps: 2,
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
    steps: 2,
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
    draw: about("price", 2, (chances, [x, y]) => {
      if (x.mass === undefined) return undefined;
      return {
        givens: { a: money(price(chances, x)), b: money(price(chances, y)), w: grams(mass(chances, x)) },
        line: "{a} + {b}",
        needless: ["w"],
      };
    }),
  },
] as const satisfies readonly StoryKind[];

export type StoryKindId = (typeof KINDS)[number]["id"];

/** Every kind of story, in the order in which they are learned. */
export const STORY_KINDS: readonly StoryKind<StoryKindId>[] = KINDS;

/** Degrees that change; none where a single degree would have to be called so. */
function degrees(a: number, b: number, sign: "+" | "-"): Draft | undefined {
  const then = sign === "+" ? a + b : a - b;
  return Math.abs(a) === 1 || Math.abs(then) === 1
    ? undefined
    : { givens: { a: String(a), b: String(b) }, things: [], line: `{a} ${sign} {b}` };
}

/** Whether a fraction can't be made simpler. */
function isLowest(over: number, under: number): boolean {
  for (let factor = 2; factor <= over; factor++)
    if (over % factor === 0 && under % factor === 0) return false;
  return true;
}
