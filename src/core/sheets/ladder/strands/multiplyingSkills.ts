import type { Rung } from "./skill";

export const MULTIPLYING_SKILLS = [
  {
    id: "multiply-without-carrying",
    strand: "multiplying",
    needs: [],
    climb: [
      { lines: ["%5%5 × 2", "%4%4 × %4", "## × #"], wishes: { carries: 0 } },
      { lines: ["#%5%5 × 2", "%4%4%4 × 3"], wishes: { carries: 0 } },
      { lines: ["#%5%5%5 × 2", "#%4%4%4 × 3"], wishes: { carries: 0 } },
      {
        lines: ["#0%5 × 2", "#0%4 × 3", "%50%5 × 2", "#00%5 × 2", "#0%30 × 4", "#0%20%5 × 2"],
        wishes: { carries: 0 },
      },
    ],
  },
  {
    id: "multiply-by-a-digit",
    strand: "multiplying",
    needs: ["multiply-without-carrying"],
    climb: [
      { lines: ["## × #"], wishes: { carries: [1, 1] } },
      { lines: ["### × #"], wishes: { carries: 1 } },
      { lines: ["### × #"], wishes: { carries: [2, 3] } },
      { lines: ["#0# × #"], wishes: { carries: [1, 2] } },
    ],
  },
  {
    id: "multiply-by-two-digits",
    strand: "multiplying",
    needs: ["multiply-by-a-digit"],
    climb: [
      { lines: ["## × 1#"], wishes: {} },
      { lines: ["## × ##"], wishes: {} },
      { lines: ["### × ##"], wishes: {} },
      { lines: ["#0# × ##", "## × #0"], wishes: {} },
    ],
  },
  {
    id: "multiply-by-tens",
    strand: "multiplying",
    needs: ["multiply-by-a-digit"],
    climb: [
      { lines: ["## × #0"], wishes: {} },
      { lines: ["### × #0"], wishes: {} },
      { lines: ["## × #00"], wishes: {} },
      { lines: ["#0 × #0"], wishes: {} },
    ],
  },
  {
    id: "multiply-decimal-by-whole",
    strand: "multiplying",
    needs: ["multiply-by-a-digit"],
    climb: [
      { lines: ["#.# × #"], wishes: { droppedZeros: 0 } },
      { lines: ["#.## × #"], wishes: { droppedZeros: 0 } },
      { lines: ["##.# × ##"], wishes: {} },
      { lines: ["#.# × #0", "#.#5 × 4"], wishes: {} },
    ],
  },
  {
    id: "multiply-decimals",
    strand: "multiplying",
    needs: ["multiply-decimal-by-whole"],
    climb: [
      { lines: ["#.# × #.#"], wishes: { paddedZeros: 0 } },
      { lines: ["#.## × #.#"], wishes: { paddedZeros: 0 } },
      { lines: ["##.# × #.##"], wishes: {} },
      { lines: ["0.## × #.#"], wishes: {} },
    ],
  },
  {
    id: "multiply-below-one",
    strand: "multiplying",
    needs: ["multiply-decimals"],
    climb: [
      { lines: ["0.# × #", "0.# × ##"], wishes: {} },
      { lines: ["0.# × 0.#", "0.# × #.#"], wishes: {} },
      { lines: ["0.## × 0.#"], wishes: {} },
      { lines: ["0.0# × 0.#"], wishes: { paddedZeros: [1, 4] } },
    ],
  },
] as const satisfies readonly Rung[];
