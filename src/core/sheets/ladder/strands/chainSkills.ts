import type { Rung } from "./skill";

export const CHAIN_SKILLS = [
  {
    id: "left-to-right",
    strand: "chains",
    needs: [],
    climb: [
      { lines: ["# × # ÷ 2"], wishes: {} },
      { lines: ["#0 ÷ 2 × #", "#00 ÷ 4 × #", "##0 ÷ 5 × #"], wishes: {} },
      { lines: ["##0 ÷ 2 × # ÷ 5", "#0 ÷ 5 × # × #"], wishes: {} },
      { lines: ["##00 ÷ 4 × #", "##0 ÷ 2 × ## ÷ 5"], wishes: {} },
    ],
  },
  {
    id: "times-first",
    strand: "chains",
    needs: [],
    climb: [
      { lines: ["# + # × #"], wishes: {} },
      { lines: ["## - # × #"], wishes: {} },
      { lines: ["# × # + # × #"], wishes: {} },
      { lines: ["## - # × # + #"], wishes: {} },
    ],
  },
  {
    id: "brackets-first",
    strand: "chains",
    needs: ["times-first"],
    climb: [
      { lines: ["(# + #) × #"], wishes: {} },
      { lines: ["# × (## - #)"], wishes: {} },
      { lines: ["(# + #) × (# + #)"], wishes: {} },
      { lines: ["## - (# + #) × 2"], wishes: {} },
    ],
  },
  {
    id: "mixed-operations",
    strand: "chains",
    needs: ["brackets-first"],
    climb: [
      { lines: ["# × # + ##0 ÷ 5"], wishes: {} },
      { lines: ["(# + #) × # - #"], wishes: {} },
      { lines: ["#0 - (# + #) × #"], wishes: {} },
      { lines: ["# × (# + # × #)"], wishes: {} },
    ],
  },
  {
    id: "decimal-chains",
    strand: "chains",
    needs: ["mixed-operations", "multiply-decimals"],
    climb: [
      { lines: ["#.# + # × 0.#"], wishes: {} },
      { lines: ["# × #.# - #.#"], wishes: {} },
      { lines: ["(#.# + #.#) × #"], wishes: {} },
      { lines: ["# × (#.# + 0.#) - 0.#"], wishes: {} },
    ],
  },
] as const satisfies readonly Rung[];
