import type { Rung } from "./skill";

export const DIVIDING_SKILLS = [
  {
    id: "divide-exactly",
    strand: "dividing",
    needs: [],
    climb: [
      { lines: ["## ÷ #"], wishes: { quotientDigits: 2, appendedZeros: 0 } },
      { lines: ["### ÷ #"], wishes: { quotientDigits: 3, appendedZeros: 0, quotientZeros: 0 } },
      { lines: ["### ÷ #"], wishes: { quotientDigits: 2, appendedZeros: 0 } },
      { lines: ["#### ÷ #"], wishes: { appendedZeros: 0, quotientZeros: 0 } },
    ],
  },
  {
    id: "divide-zero-in-quotient",
    strand: "dividing",
    needs: ["divide-exactly"],
    climb: [
      { lines: ["@10@1 ÷ @1", "@1@10@1 ÷ @1"], wishes: { quotientZeros: [1, 2], appendedZeros: 0 } },
      { lines: ["#### ÷ #"], wishes: { quotientZeros: 1, appendedZeros: 0 } },
      { lines: ["#0## ÷ #"], wishes: { quotientZeros: 1, appendedZeros: 0 } },
      { lines: ["#00# ÷ #", "#0#0# ÷ #"], wishes: { quotientZeros: [2, 3], appendedZeros: 0 } },
    ],
  },
  {
    id: "divide-with-remainder",
    strand: "dividing",
    needs: ["divide-exactly"],
    climb: [
      { lines: ["## ÷ # with remainder"], wishes: { leftOver: true } },
      { lines: ["### ÷ # with remainder"], wishes: { leftOver: true } },
      { lines: ["### ÷ ## with remainder"], wishes: { leftOver: true } },
      { lines: ["#### ÷ ## with remainder"], wishes: { leftOver: true, quotientZeros: [0, 1] } },
    ],
  },
  {
    id: "divide-by-two-digits",
    strand: "dividing",
    needs: ["divide-exactly"],
    climb: [
      { lines: ["### ÷ 1#"], wishes: { appendedZeros: 0 } },
      { lines: ["### ÷ ##"], wishes: { appendedZeros: 0 } },
      { lines: ["#### ÷ ##"], wishes: { appendedZeros: 0 } },
      { lines: ["##0# ÷ ##"], wishes: { appendedZeros: 0, quotientZeros: [0, 1] } },
    ],
  },
  {
    id: "divide-decimal",
    strand: "dividing",
    needs: ["divide-exactly"],
    climb: [
      { lines: ["#.# ÷ #"], wishes: { appendedZeros: 0 } },
      { lines: ["#.## ÷ #"], wishes: { appendedZeros: 0 } },
      { lines: ["##.## ÷ #"], wishes: { appendedZeros: 0 } },
      { lines: ["0.## ÷ #"], wishes: { appendedZeros: 0 } },
    ],
  },
  {
    id: "divide-going-on",
    strand: "dividing",
    needs: ["divide-decimal"],
    climb: [
      { lines: ["## ÷ 2", "### ÷ 2", "## ÷ 5"], wishes: { appendedZeros: 1 } },
      { lines: ["## ÷ 4", "### ÷ 4"], wishes: { appendedZeros: [1, 2] } },
      { lines: ["## ÷ 8", "#.# ÷ 4", "##.# ÷ 4"], wishes: { appendedZeros: [1, 3] } },
      { lines: ["#.# ÷ 8", "##.# ÷ 8"], wishes: { appendedZeros: [1, 3] } },
    ],
  },
  {
    id: "divide-by-decimal",
    strand: "dividing",
    needs: ["divide-decimal"],
    climb: [
      { lines: ["#.# ÷ 0.#"], wishes: { placesMoved: 1, appendedZeros: 0, recurring: 0 } },
      { lines: ["## ÷ 0.#"], wishes: { placesMoved: 1, recurring: 0 } },
      { lines: ["#.## ÷ 0.0#"], wishes: { placesMoved: 2, recurring: 0 } },
      { lines: ["# ÷ 0.0#"], wishes: { placesMoved: 2, recurring: 0 } },
    ],
  },
  {
    id: "divide-recurring",
    strand: "dividing",
    needs: ["divide-going-on"],
    climb: [
      { lines: ["## ÷ 3", "### ÷ 3"], wishes: { recurring: 1 } },
      { lines: ["## ÷ 9", "### ÷ 9"], wishes: { recurring: 1 } },
      { lines: ["## ÷ 6", "### ÷ 6", "#.# ÷ 3"], wishes: { recurring: 1 } },
      { lines: ["# ÷ 11", "## ÷ 11", "## ÷ 7"], wishes: { recurring: [2, 6] } },
    ],
  },
] as const satisfies readonly Rung[];
