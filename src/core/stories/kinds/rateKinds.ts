import { between, centimetres, millilitres, money } from "../stock/drawing";
import type { StoryKind } from "./kind";

/** Stories of so much for each hour, metre, litre or kilogram, in its own unit or in another one. */
export const RATE_KINDS = [
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
    id: "cable-by-the-metre",
    isMetric: true,
    structure: "equalGroups",
    steps: 1,
    draw: (chances) => ({
      givens: {
        h: `${between(chances, 1, 9)}.${between(chances, 1, 9)}`,
        a: money(10 * between(chances, 8, 45)),
      },
      things: [],
      line: "{h} × {a}",
    }),
  },
  {
    id: "cable-by-the-metre-in-centimetres",
    isMetric: true,
    structure: "equalGroups",
    steps: 2,
    wrong: { "unit-not-changed": ["{h.bare} × {a}"] },
    draw: (chances) => {
      const metresOf = between(chances, 1, 9);
      const tenths = between(chances, 1, 9);
      return {
        givens: { h: `${metresOf}.${tenths}`, a: money(10 * between(chances, 8, 45)) },
        told: { h: { text: `${100 * metresOf + 10 * tenths} cm`, into: "m" } },
        things: [],
        line: "{h} × {a}",
      };
    },
  },
  {
    id: "labour-for-minutes",
    structure: "equalGroups",
    steps: 2,
    wrong: { "unit-not-changed": ["{h.bare} × {a}"] },
    draw: (chances) => {
      const quarters = between(chances, 1, 9);
      return quarters % 4 === 0
        ? undefined
        : {
            givens: { h: decimal(25 * quarters), a: money(100 * between(chances, 28, 64)) },
            told: { h: { text: `${15 * quarters} min`, into: "h" } },
            things: [],
            line: "{h} × {a}",
          };
    },
  },
  {
    id: "oil-by-the-litre",
    isMetric: true,
    structure: "equalGroups",
    steps: 2,
    wrong: { "unit-not-changed": ["{h.bare} × {a}"] },
    draw: (chances) => {
      const twentieths = between(chances, 3, 17);
      return {
        givens: { h: decimal(5 * twentieths), a: money(20 * between(chances, 40, 95)) },
        told: { h: { text: millilitres(50 * twentieths), into: "L" } },
        things: [],
        line: "{h} × {a}",
      };
    },
  },
  {
    id: "grease-by-the-kilogram",
    isMetric: true,
    structure: "equalGroups",
    steps: 2,
    wrong: { "unit-not-changed": ["{h.bare} × {a}"] },
    draw: (chances) => {
      const tenths = between(chances, 2, 9);
      return {
        givens: { h: decimal(10 * tenths), a: money(10 * between(chances, 90, 240)) },
        told: { h: { text: `${100 * tenths} g`, into: "kg" } },
        things: [],
        line: "{h} × {a}",
      };
    },
  },
  {
    id: "ride-by-the-hour",
    isMetric: true,
    structure: "equalGroups",
    steps: 1,
    wrong: { "word-for-operation": ["{n} km + {a}"] },
    draw: (chances) => ({
      givens: { n: String(between(chances, 2, 6)), a: `${between(chances, 11, 24)} km` },
      things: [],
      line: "{n} × {a}",
    }),
  },
  {
    id: "pace-of-a-ride",
    isMetric: true,
    structure: "equalGroups",
    steps: 2,
    wrong: { "word-for-operation": ["{n} min + {a}"] },
    draw: (chances) => {
      const [n, a] = [between(chances, 14, 38), between(chances, 3, 6)];
      return n * a < 60 || (n * a) % 60 === 0
        ? undefined
        : { givens: { n: String(n), a: `${a} min` }, things: [], line: "{n} × {a} in h and min" };
    },
  },
  {
    id: "water-by-the-minute",
    isMetric: true,
    structure: "equalGroups",
    steps: 2,
    wrong: { "unit-not-changed": ["{n} × {a.bare} L"] },
    draw: (chances) => ({
      givens: { n: String(between(chances, 3, 12)), a: millilitres(5 * between(chances, 24, 90)) },
      things: [],
      line: "{n} × {a} in L",
    }),
  },
  {
    id: "tape-by-the-minute",
    isMetric: true,
    structure: "equalGroups",
    steps: 2,
    wrong: { "unit-not-changed": ["{n} × {a.bare} m"] },
    draw: (chances) => ({
      givens: { n: String(between(chances, 3, 12)), a: centimetres(between(chances, 15, 85)) },
      things: [],
      line: "{n} × {a} in m",
    }),
  },
] as const satisfies readonly StoryKind[];

/** Hundredths as a number, without zeros at its end. */
const decimal = (hundredths: number): string => String(hundredths / 100);
