import type { Rung } from "./skill";

export const ADDING_SKILLS = [
  {
    id: "add-without-carrying",
    strand: "addingSubtracting",
    needs: [],
    climb: [
      { lines: ["## + ##", "%6%6 + %5%5"], wishes: { carries: 0 } },
      { lines: ["### + ##", "#%6%6 + %5%5"], wishes: { carries: 0 } },
      { lines: ["%5%6# + %5%4#", "%8%7%5 + %3%3%5"], wishes: { carries: 0 } },
      { lines: ["%4%4%4 + %4%4%4 + %4%4%4", "%5%4 + %3%4 + %4%3"], wishes: { carries: 0 } },
    ],
  },
  {
    id: "add-carrying-once",
    strand: "addingSubtracting",
    needs: ["add-without-carrying"],
    climb: [
      { lines: ["## + #"], wishes: { carries: 1 } },
      { lines: ["## + ##"], wishes: { carries: 1 } },
      { lines: ["### + ###"], wishes: { carries: 1 } },
      { lines: ["### + ##"], wishes: { carries: [1, 2] } },
    ],
  },
  {
    id: "add-carrying-often",
    strand: "addingSubtracting",
    needs: ["add-carrying-once"],
    climb: [
      { lines: ["## + ##"], wishes: { carries: 2 } },
      { lines: ["### + ###"], wishes: { carries: 2 } },
      { lines: ["### + ###"], wishes: { carries: 3 } },
      { lines: ["9## + ##", "99# + ##"], wishes: { carries: [2, 3] } },
    ],
  },
  {
    id: "add-several",
    strand: "addingSubtracting",
    needs: ["add-carrying-often"],
    climb: [
      { lines: ["## + ## + ##"], wishes: { largestCarry: 1 } },
      { lines: ["## + ## + ##"], wishes: { largestCarry: 2 } },
      { lines: ["### + ## + #"], wishes: {} },
      { lines: ["### + ## + ### + #"], wishes: { largestCarry: 2 } },
    ],
  },
  {
    id: "add-equally-long-decimals",
    strand: "addingSubtracting",
    needs: ["add-carrying-once"],
    climb: [
      { lines: ["#.# + #.#", "##.# + #.#"], wishes: { carries: 0 } },
      { lines: ["#.# + #.#"], wishes: { carries: 1 } },
      { lines: ["#.## + #.##"], wishes: { carries: [1, 2] } },
      { lines: ["#.## + #.##"], wishes: { carries: [1, 3], ragged: false, droppedZeros: 0 } },
    ],
  },
  {
    id: "add-ragged-decimals",
    strand: "addingSubtracting",
    needs: ["add-equally-long-decimals"],
    climb: [
      { lines: ["#.# + #.##", "##.# + #.##"], wishes: { carries: 0 } },
      { lines: ["##.# + #.##"], wishes: { carries: [1, 2] } },
      { lines: ["#.### + ##.#"], wishes: {} },
      { lines: ["## + #.##"], wishes: { hiddenPoints: 1 } },
    ],
  },
  {
    id: "add-whole-and-decimal",
    strand: "addingSubtracting",
    needs: ["add-ragged-decimals"],
    climb: [
      { lines: ["# + #.#", "## + #.#"], wishes: {} },
      { lines: ["## + #.##"], wishes: {} },
      { lines: ["## + #.### + #.#"], wishes: {} },
      { lines: ["### + 0.##"], wishes: { hiddenPoints: 1 } },
    ],
  },
  {
    id: "subtract-without-exchange",
    strand: "addingSubtracting",
    needs: [],
    climb: [
      { lines: ["## - ##"], wishes: { exchanges: 0, belowZero: false } },
      { lines: ["### - ##"], wishes: { exchanges: 0, belowZero: false } },
      { lines: ["### - ###"], wishes: { exchanges: 0, belowZero: false } },
      { lines: ["##0 - ##0", "#### - ###", "#0# - #0#"], wishes: { exchanges: 0, belowZero: false } },
    ],
  },
  {
    id: "subtract-one-exchange",
    strand: "addingSubtracting",
    needs: ["subtract-without-exchange"],
    climb: [
      { lines: ["## - #", "### - #"], wishes: { exchanges: 1 } },
      { lines: ["## - ##"], wishes: { exchanges: 1, belowZero: false } },
      { lines: ["### - ##"], wishes: { exchanges: 1 } },
      { lines: ["### - ###"], wishes: { exchanges: 1, belowZero: false } },
    ],
  },
  {
    id: "subtract-several-exchanges",
    strand: "addingSubtracting",
    needs: ["subtract-one-exchange"],
    climb: [
      { lines: ["### - ##"], wishes: { exchanges: 2, acrossZeros: false } },
      { lines: ["### - ###"], wishes: { exchanges: 2, belowZero: false, acrossZeros: false } },
      { lines: ["#### - ###"], wishes: { exchanges: [2, 3], acrossZeros: false } },
      { lines: ["#### - ####"], wishes: { exchanges: 3, belowZero: false } },
    ],
  },
  {
    id: "subtract-across-zeros",
    strand: "addingSubtracting",
    needs: ["subtract-several-exchanges"],
    climb: [
      { lines: ["#0# - ##"], wishes: { acrossZeros: true } },
      { lines: ["#0# - #", "#0## - ##"], wishes: { acrossZeros: true } },
      { lines: ["#00 - ##", "#00 - #"], wishes: { acrossZeros: true } },
      { lines: ["#000 - ###", "#00# - ##"], wishes: { acrossZeros: true } },
    ],
  },
  {
    id: "subtract-equally-long-decimals",
    strand: "addingSubtracting",
    needs: ["subtract-one-exchange"],
    climb: [
      { lines: ["#.# - #.#"], wishes: { exchanges: 0, belowZero: false } },
      { lines: ["##.# - #.#"], wishes: { exchanges: 1 } },
      { lines: ["##.# - ##.#"], wishes: { exchanges: 1, belowZero: false } },
      { lines: ["#.## - #.##"], wishes: { exchanges: [1, 2], belowZero: false } },
    ],
  },
  {
    id: "subtract-ragged-decimals",
    strand: "addingSubtracting",
    needs: ["subtract-equally-long-decimals"],
    climb: [
      { lines: ["##.## - #.#"], wishes: {} },
      { lines: ["##.# - #.##"], wishes: {} },
      { lines: ["##.# - #.###"], wishes: {} },
      { lines: ["#0.# - #.##", "##.0# - #.###"], wishes: {} },
    ],
  },
  {
    id: "subtract-from-whole",
    strand: "addingSubtracting",
    needs: ["subtract-ragged-decimals"],
    climb: [
      { lines: ["## - #.#"], wishes: {} },
      { lines: ["## - #.##"], wishes: {} },
      { lines: ["## - #.###"], wishes: {} },
      { lines: ["#0 - #.##", "#00 - ##.##"], wishes: {} },
    ],
  },
] as const satisfies readonly Rung[];
