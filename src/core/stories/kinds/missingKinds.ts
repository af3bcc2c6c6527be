import { between, mass, money, noteOver, price } from "../stock/drawing";
import { fullBox } from "./fullBox";
import { about, type StoryKind } from "./kind";

/** Stories that do not say a number that their question needs: what is missing has to be said. */
export const MISSING_KINDS = [
  {
    id: "box-that-was-not-weighed",
    structure: "equalGroups",
    also: ["partsWhole"],
    steps: 2,
    missing: { given: "e", named: () => ["box"], other: "full" },
    wrong: { "part-left-out": ["{t} ÷ {n}"] },
    draw: fullBox("({t} - {e}) ÷ {n}", ({ n, full, empty }) => ({ n, t: full, e: empty })),
  },
  {
    id: "change-from-a-note-that-is-not-named",
    structure: "change",
    also: ["equalGroups", "partsWhole"],
    steps: 2,
    missing: { given: "p", named: () => ["note"] },
    wrong: { "first-step-as-answer": ["{n} × {a}"], "word-for-operation": ["$${n} + {a}"] },
    draw: about("price", 1, (chances, [x]) => {
      const [a, n] = [price(chances, x), between(chances, 2, 6)];
      const p = noteOver(chances, n * a);
      return p === undefined
        ? undefined
        : { givens: { n: String(n), a: money(a), p: money(p) }, line: "{p} - {n} × {a}" };
    }),
  },
  {
    id: "total-with-a-price-missing",
    structure: "partsWhole",
    steps: 1,
    missing: { given: "b", named: ([, y]) => [y?.one ?? "", "cost"] },
    wrong: { "all-numbers-used": ["{a} + $${w.bare}"] },
    draw: about("price", 2, (chances, [x, y], units) =>
      y.mass === undefined
        ? undefined
        : {
            givens: {
              a: money(price(chances, x)),
              w: units.mass(mass(chances, y)),
              b: money(price(chances, y)),
            },
            line: "{a} + {b}",
            needless: ["w"],
          },
    ),
  },
] as const satisfies readonly StoryKind[];
