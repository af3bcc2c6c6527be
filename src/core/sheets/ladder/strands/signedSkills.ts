import type { Rung } from "./skill";

export const SIGNED_SKILLS = [
  {
    id: "add-opposite-signs",
    strand: "signed",
    needs: [],
    climb: [
      { lines: ["-# + #", "-# + ##"], wishes: { signs: { belowZero: false } } },
      { lines: ["-# + #", "-1# + #"], wishes: { signs: { belowZero: true } } },
      { lines: ["# + (-#)", "1# + (-1#)"], wishes: {} },
      { lines: ["-## + #"], wishes: { signs: { belowZero: true } } },
    ],
  },
  {
    id: "subtract-below-zero",
    strand: "signed",
    needs: ["add-opposite-signs"],
    climb: [
      { lines: ["-# - #", "-1# - #"], wishes: {} },
      { lines: ["# - ## + #"], wishes: { signs: { belowZero: true } } },
      { lines: ["-# - ##"], wishes: {} },
      { lines: ["-## - # + #"], wishes: {} },
    ],
  },
  {
    id: "subtract-negative",
    strand: "signed",
    needs: ["subtract-below-zero"],
    climb: [
      { lines: ["# - (-#)", "1# - (-#)"], wishes: {} },
      { lines: ["-# - (-#)", "-1# - (-#)"], wishes: { signs: { belowZero: true } } },
      { lines: ["-# - (-#)", "-# - (-1#)"], wishes: { signs: { belowZero: false } } },
      { lines: ["-## - (-##)"], wishes: {} },
    ],
  },
  {
    id: "multiply-signs",
    strand: "signed",
    needs: [],
    climb: [
      { lines: ["-# × #", "-## × #"], wishes: {} },
      { lines: ["# × (-#)", "## × (-#)"], wishes: {} },
      { lines: ["-# × (-#)", "-# × (-1#)"], wishes: {} },
      { lines: ["-## × (-#)"], wishes: {} },
    ],
  },
  {
    id: "divide-signs",
    strand: "signed",
    needs: ["multiply-signs"],
    climb: [
      { lines: ["-## ÷ 2", "-#0 ÷ 5", "-## ÷ 3"], wishes: { appendedZeros: 0, recurring: 0 } },
      { lines: ["-## ÷ (-#)"], wishes: { appendedZeros: 0, recurring: 0 } },
      { lines: ["## ÷ (-#)"], wishes: { appendedZeros: 0, recurring: 0 } },
      { lines: ["-### ÷ (-#)", "-##0 ÷ (-#)"], wishes: { appendedZeros: 0, recurring: 0 } },
    ],
  },
  {
    id: "several-terms",
    strand: "signed",
    needs: ["subtract-negative"],
    climb: [
      { lines: ["# - # + #"], wishes: {} },
      { lines: ["-# + # - #"], wishes: {} },
      { lines: ["# - # + # - #"], wishes: { signs: { crossings: [1, 3] } } },
      { lines: ["-# - (-#) + # - #"], wishes: {} },
    ],
  },
] as const satisfies readonly Rung[];
