import { MULTIPLE, properPairs } from "./properPairs";
import type { Rung } from "./skill";

export const MIXED_SKILLS = [
  {
    id: "to-one-fraction",
    strand: "mixedNumbers",
    needs: [],
    climb: [
      { lines: ["# #/# as a fraction"], wishes: {} },
      { lines: ["# #/1# as a fraction"], wishes: {} },
      { lines: ["## #/# as a fraction"], wishes: {} },
      { lines: ["## #/1# as a fraction"], wishes: {} },
    ],
  },
  {
    id: "to-mixed",
    strand: "mixedNumbers",
    needs: [],
    climb: [
      {
        lines: ["#/# as a mixed number", "1#/# as a mixed number"],
        wishes: { fractions: { improper: true } },
      },
      { lines: ["##/# as a mixed number"], wishes: { fractions: { improper: true, simplified: 0 } } },
      { lines: ["##/# as a mixed number"], wishes: { fractions: { improper: true } } },
      { lines: ["##/1# as a mixed number"], wishes: { fractions: { improper: true, simplified: [0, 1] } } },
    ],
  },
  {
    id: "add-mixed",
    strand: "mixedNumbers",
    needs: ["add-unlike"],
    climb: [
      { lines: ["# 1/@1 + # 1/@1"], wishes: { fractions: { denominators: "equal" } } },
      {
        lines: properPairs("+", MULTIPLE, "# "),
        wishes: { fractions: { mixedNumbers: 2, denominators: "multiple" } },
      },
      { lines: ["# #/# + # #/#"], wishes: { fractions: { mixedNumbers: 2, denominators: "coprime" } } },
      { lines: ["# #/# + #"], wishes: { fractions: { mixedNumbers: 1 } } },
    ],
  },
  {
    id: "subtract-mixed",
    strand: "mixedNumbers",
    needs: ["add-mixed"],
    climb: [
      { lines: ["# #/@1 - # #/@1"], wishes: { fractions: { denominators: "equal", mixedNumbers: 2 } } },
      {
        lines: [
          "# #/4 - # #/2",
          "# #/8 - # #/4",
          "# #/6 - # #/3",
          "# #/3 - # #/9",
          "# #/2 - # #/6",
          "# #/5 - # 1/10",
          "# #/10 - # #/5",
          "# #/4 - # #/8",
        ],
        wishes: { fractions: { denominators: "multiple", mixedNumbers: 2 } },
      },
      { lines: ["# - # #/#"], wishes: { fractions: { mixedNumbers: 1 } } },
      { lines: ["# #/# - # #/#"], wishes: { fractions: { denominators: "coprime", mixedNumbers: 2 } } },
    ],
  },
  {
    id: "multiply-mixed",
    strand: "mixedNumbers",
    needs: ["multiply-fractions", "to-one-fraction"],
    climb: [
      { lines: ["# #/# × #"], wishes: { fractions: { mixedNumbers: 1 } } },
      { lines: ["# #/# × #/#"], wishes: { fractions: { mixedNumbers: 1 } } },
      { lines: ["# #/# × # #/#"], wishes: { fractions: { mixedNumbers: 2, simplified: 0 } } },
      { lines: ["# #/# × # #/#"], wishes: { fractions: { mixedNumbers: 2, simplified: [1, 3] } } },
    ],
  },
] as const satisfies readonly Rung[];
