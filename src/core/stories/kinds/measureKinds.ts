import type { RandomSource } from "../../sheets";
import { between, centimetres, figure, mass, metres, volume } from "../stock/drawing";
import { fullBox } from "./fullBox";
import { about, type StoryKind } from "./kind";

/** A time with hours from one to another, and minutes that stand with two digits on a clock. */
const clock = (chances: RandomSource, from: number, to: number): string =>
  `${between(chances, from, to)} h ${5 * between(chances, 2, 11)} min`;

/** Stories of masses, lengths, volumes and times. */
export const MEASURE_KINDS = [
  {
    id: "how-much-heavier",
    structure: "comparison",
    steps: 1,
    wrong: { "word-for-operation": ["{a} + {b}"] },
    draw: about("mass", 2, (chances, [x, y], units) => {
      const [a, b] = [mass(chances, x), mass(chances, y)];
      return a <= b ? undefined : { givens: { a: units.mass(a), b: units.mass(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "what-there-was-before",
    structure: "change",
    also: ["partsWhole"],
    steps: 1,
    wrong: { "word-for-operation": ["{a} - {b}", "{b} - {a}"] },
    draw: about("volume", 1, (chances, [x], units) => {
      const whole = volume(chances, x);
      const used = 5 * between(chances, 2, Math.floor(whole / 5) - 2);
      return used <= 0 || used >= whole
        ? undefined
        : { givens: { a: units.volume(used), b: units.volume(whole - used) }, line: "{a} + {b}" };
    }),
  },
  {
    id: "what-is-left-in-it",
    structure: "change",
    also: ["partsWhole"],
    steps: 1,
    draw: about("volume", 1, (chances, [x], units) => {
      const whole = volume(chances, x);
      const used = between(chances, 12, whole - 10);
      return used >= whole
        ? undefined
        : { givens: { a: units.volume(whole), b: units.volume(used) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "mass-of-several",
    structure: "equalGroups",
    steps: 1,
    wrong: { "word-for-operation": ["{n} g + {a}"] },
    draw: about("mass", 1, (chances, [x], units) => ({
      givens: { n: String(between(chances, 3, 9)), a: units.mass(mass(chances, x)) },
      line: "{n} × {a}",
    })),
  },
  {
    id: "box-and-contents",
    structure: "equalGroups",
    also: ["partsWhole"],
    steps: 2,
    wrong: { "first-step-as-answer": ["{t} - {e}"], "part-left-out": ["{t} ÷ {n}"] },
    draw: fullBox("({t} - {e}) ÷ {n}", ({ n, full, empty }) => ({ n, t: full, e: empty })),
  },
  {
    id: "joined-lengths",
    structure: "partsWhole",
    also: ["change"],
    steps: 1,
    draw: (chances, _, { cable, cableLength }) => ({
      givens: { a: cableLength(cable(chances)), b: cableLength(cable(chances)) },
      things: [],
      line: "{a} + {b}",
    }),
  },
  {
    id: "cut-length",
    structure: "change",
    also: ["partsWhole"],
    steps: 1,
    draw: (chances, _, { cable, cableLength }) => ({
      givens: { a: cableLength(cable(chances, true)), b: cableLength(cable(chances)) },
      things: [],
      line: "{a} - {b}",
    }),
  },
  {
    id: "duration-of-two-jobs",
    structure: "partsWhole",
    also: ["change"],
    steps: 1,
    draw: (chances) => {
      const time = (): string => `${between(chances, 1, 4)} h ${5 * between(chances, 1, 11)} min`;
      return { givens: { a: time(), b: time() }, things: [], line: "{a} + {b}" };
    },
  },
  {
    id: "how-much-heavier-in-two-units",
    isMetric: true,
    structure: "comparison",
    steps: 1,
    wrong: {
      "word-for-operation": ["{a} + {b}"],
      "unit-not-changed": ["{b} - {a.bare} g", "{b.bare} kg - {a}"],
    },
    draw: about("mass", 2, (chances, [x, y], units) => {
      const [a, b] = [100 * Math.ceil(mass(chances, x) / 100), mass(chances, y)];
      return a <= 1000 || a % 1000 === 0 || b >= a
        ? undefined
        : {
            givens: { a: `${Math.floor(a / 1000)}.${(a % 1000) / 100} kg`, b: units.mass(b) },
            line: "{a} - {b}",
          };
    }),
  },
  {
    id: "joined-lengths-in-two-units",
    isMetric: true,
    structure: "partsWhole",
    also: ["change"],
    steps: 1,
    wrong: { "unit-not-changed": ["{a.bare} cm + {b}", "{a} + {b.bare} m"] },
    draw: (chances) => ({
      givens: {
        a: metres(5 * between(chances, 21, 170)),
        b: centimetres(between(chances, 12, 95)),
      },
      things: [],
      line: "{a} + {b}",
    }),
  },
  {
    id: "several-in-a-heavy-box",
    isMetric: true,
    structure: "partsWhole",
    also: ["equalGroups"],
    steps: 2,
    wrong: {
      "first-step-as-answer": ["{n} × {a}"],
      "unit-not-changed": ["{n} × {a} + {e.bare} g"],
      "all-to-all": ["{n} × ({a} + {e})"],
    },
    draw: about("mass", 1, (chances, [x], units) => {
      const [each, n] = [mass(chances, x), between(chances, 3, 9)];
      const tenths = between(chances, 11, 29);
      return n * each > 8000 || tenths % 10 === 0
        ? undefined
        : {
            givens: { n: String(n), a: units.mass(each), e: `${Math.floor(tenths / 10)}.${tenths % 10} kg` },
            line: "{n} × {a} + {e}",
          };
    }),
  },
  {
    id: "empty-box",
    structure: "partsWhole",
    also: ["equalGroups", "change"],
    steps: 2,
    wrong: { "first-step-as-answer": ["{n} × {a}"], "part-left-out": ["{t} - {a}"] },
    draw: fullBox("{t} - {n} × {a}", ({ n, full, each }) => ({ n, t: full, a: each })),
  },
  {
    id: "jobs-one-after-another",
    structure: "equalGroups",
    steps: 2,
    wrong: { "word-for-operation": ["{n} min + {a}"] },
    draw: (chances) => ({
      givens: { n: String(between(chances, 3, 9)), a: `${between(chances, 12, 48)} min` },
      things: [],
      line: "{n} × {a} in h and min",
    }),
  },
  {
    id: "when-it-ends",
    structure: "change",
    also: ["partsWhole"],
    steps: 1,
    wrong: { "word-for-operation": ["{a} - {b}"] },
    draw: (chances) => ({
      givens: { a: clock(chances, 8, 11), b: clock(chances, 1, 3) },
      things: [],
      line: "{a} + {b}",
    }),
  },
  {
    id: "when-it-began",
    structure: "change",
    also: ["partsWhole"],
    steps: 1,
    wrong: { "word-for-operation": ["{a} + {b}"] },
    draw: (chances) => ({
      givens: { a: clock(chances, 12, 16), b: clock(chances, 1, 3) },
      things: [],
      line: "{a} - {b}",
    }),
  },
  {
    id: "how-long-it-took",
    structure: "change",
    also: ["comparison", "partsWhole"],
    steps: 1,
    wrong: { "word-for-operation": ["{b} + {a}"] },
    draw: (chances) => ({
      givens: { a: clock(chances, 7, 11), b: clock(chances, 13, 18) },
      things: [],
      line: "{b} - {a}",
    }),
  },
  {
    id: "how-much-longer",
    structure: "comparison",
    steps: 1,
    wrong: { "word-for-operation": ["{a} + {b}"] },
    draw: about("length", 2, (chances, [x, y], { length }) => {
      const [a, b] = [figure(chances, x, "length"), figure(chances, y, "length")];
      return a <= b ? undefined : { givens: { a: length(a), b: length(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "how-much-higher",
    structure: "comparison",
    steps: 1,
    wrong: { "word-for-operation": ["{a} + {b}"] },
    draw: about("height", 2, (chances, [x, y], { length }) => {
      const [a, b] = [figure(chances, x, "height"), figure(chances, y, "height")];
      return a <= b ? undefined : { givens: { a: length(a), b: length(b) }, line: "{a} - {b}" };
    }),
  },
  {
    id: "fitting-several",
    structure: "equalGroups",
    steps: 2,
    wrong: { "word-for-operation": ["{n} min + {a}"] },
    draw: about("time", 1, (chances, [x]) => {
      const [n, a] = [between(chances, 3, 9), figure(chances, x, "time")];
      return n * a <= 60 || (n * a) % 60 === 0
        ? undefined
        : { givens: { n: String(n), a: `${a} min` }, line: "{n} × {a} in h and min" };
    }),
  },
] as const satisfies readonly StoryKind[];
