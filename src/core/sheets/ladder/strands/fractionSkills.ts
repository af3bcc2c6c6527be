import { COPRIME, MULTIPLE, properPairs, SHARING } from "./properPairs";
import type { Rung } from "./skill";

export const FRACTION_SKILLS = [
  {
    id: "simplify",
    strand: "fractions",
    needs: [],
    climb: [
      { lines: ["simplify #/#", "simplify #/1#"], wishes: { fractions: { simplified: [1, 2] } } },
      { lines: ["simplify #/#0", "simplify 1#/##"], wishes: { fractions: { simplified: [1, 2] } } },
      { lines: ["simplify ##/##"], wishes: { fractions: { simplified: [1, 3] } } },
      { lines: ["simplify ##/1##", "simplify ##/#0"], wishes: { fractions: { simplified: [1, 4] } } },
    ],
  },
  {
    id: "widen",
    strand: "fractions",
    needs: [],
    climb: [
      { lines: ["1/@1 = ?/@10", "1/@1 = ?/@1@1"], wishes: {} },
      { lines: ["#/@1 = ?/@10", "#/@1 = ?/@1@1"], wishes: {} },
      { lines: ["#/1@1 = ?/1@10", "#/@10 = ?/@100", "#/5 = ?/#0", "#/5 = ?/#5"], wishes: {} },
      { lines: ["##/@10 = ?/@100", "##/@1@1 = ?/@1@10"], wishes: {} },
    ],
  },
  {
    id: "add-like",
    strand: "fractions",
    needs: [],
    climb: [
      {
        lines: ["#/@1 + #/@1"],
        wishes: { fractions: { denominators: "equal", simplified: 0, improper: false } },
      },
      { lines: ["#/@1 + #/@1"], wishes: { fractions: { improper: true, simplified: 0 } } },
      {
        lines: properPairs(
          "+",
          [4, 6, 8, 9, 10, 12].map((one) => [one, one] as const),
        ),
        wishes: { fractions: { simplified: 1, improper: false } },
      },
      { lines: ["#/1@1 + #/1@1"], wishes: { fractions: { denominators: "equal" } } },
    ],
  },
  {
    id: "subtract-like",
    strand: "fractions",
    needs: ["add-like"],
    climb: [
      { lines: ["#/@1 - #/@1"], wishes: { fractions: { simplified: 0 } } },
      { lines: ["#/1@1 - #/1@1"], wishes: { fractions: { simplified: 0 } } },
      { lines: ["#/1@1 - #/1@1"], wishes: { fractions: { simplified: 1 } } },
      { lines: ["1 - #/1#"], wishes: {} },
    ],
  },
  {
    id: "add-multiple",
    strand: "fractions",
    needs: ["add-like"],
    climb: [
      {
        lines: ["1/# + 1/#", "1/# + 1/1#", "#/@1 + 1/@10"],
        wishes: { fractions: { denominators: "multiple" } },
      },
      {
        lines: ["#/# + #/#", "#/@1 + #/@10", "#/@1 + #/@1@1"],
        wishes: { fractions: { denominators: "multiple", improper: false } },
      },
      { lines: properPairs("+", MULTIPLE), wishes: { fractions: { denominators: "multiple" } } },
      {
        lines: [
          "#/6 + #/3",
          "#/8 + #/4",
          "#/3 + #/9",
          "#/5 + #/10",
          "1#/15 + #/5",
          "#/6 + 1#/18",
          "1#/16 + #/8",
          "1#/14 + #/7",
        ],
        wishes: { fractions: { denominators: "multiple", improper: true } },
      },
    ],
  },
  {
    id: "add-unlike",
    strand: "fractions",
    needs: ["add-multiple"],
    climb: [
      { lines: ["1/# + 1/#", "1/# + 1/1#"], wishes: { fractions: { denominators: "coprime" } } },
      {
        lines: properPairs("+", COPRIME),
        wishes: { fractions: { denominators: "coprime", improper: false } },
      },
      {
        lines: properPairs("+", COPRIME),
        wishes: { fractions: { denominators: "coprime", improper: true } },
      },
      { lines: properPairs("+", SHARING), wishes: { fractions: { denominators: "sharing" } } },
    ],
  },
  {
    id: "subtract-unlike",
    strand: "fractions",
    needs: ["add-unlike"],
    climb: [
      {
        lines: properPairs("-", MULTIPLE),
        wishes: { fractions: { denominators: "multiple" } },
      },
      { lines: properPairs("-", COPRIME), wishes: { fractions: { denominators: "coprime" } } },
      { lines: properPairs("-", SHARING), wishes: { fractions: { denominators: "sharing" } } },
      {
        lines: properPairs("-", [...SHARING, ...MULTIPLE]),
        wishes: { fractions: { simplified: 1 } },
      },
    ],
  },
  {
    id: "multiply-fractions",
    strand: "fractions",
    needs: ["simplify"],
    climb: [
      { lines: ["1/# × 1/#", "1/# × #/#"], wishes: { fractions: { simplified: 0 } } },
      { lines: ["#/# × #/#"], wishes: { fractions: { simplified: 0 } } },
      { lines: ["#/# × #/#"], wishes: { fractions: { simplified: 1 } } },
      { lines: ["# × #/#"], wishes: { fractions: { simplified: [0, 2] } } },
    ],
  },
  {
    id: "divide-fractions",
    strand: "fractions",
    needs: ["multiply-fractions"],
    climb: [
      { lines: ["#/# ÷ #"], wishes: {} },
      { lines: ["#/# ÷ 1/#"], wishes: {} },
      { lines: ["#/# ÷ #/#"], wishes: { fractions: { simplified: 0 } } },
      { lines: ["# ÷ #/#"], wishes: {} },
    ],
  },
  {
    id: "fraction-of",
    strand: "fractions",
    needs: ["multiply-fractions"],
    climb: [
      { lines: ["1/# of ##", "1/# of #0"], wishes: {} },
      { lines: ["#/# of ##"], wishes: { fractions: { simplified: 1 } } },
      { lines: ["#/# of ##"], wishes: {} },
      { lines: ["#/## of ##0"], wishes: {} },
    ],
  },
  {
    id: "fraction-as-decimal",
    strand: "fractions",
    needs: ["divide-going-on"],
    climb: [
      { lines: ["#/10 as a decimal", "##/100 as a decimal", "###/1000 as a decimal"], wishes: {} },
      {
        lines: [
          "#/4 as a decimal",
          "#/5 as a decimal",
          "##/50 as a decimal",
          "#/20 as a decimal",
          "1#/20 as a decimal",
        ],
        wishes: {},
      },
      { lines: ["#/8 as a decimal", "##/20 as a decimal", "##/25 as a decimal"], wishes: {} },
      { lines: ["##/40 as a decimal", "##/80 as a decimal", "##/125 as a decimal"], wishes: {} },
    ],
  },
] as const satisfies readonly Rung[];
