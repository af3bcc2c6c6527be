import type { Rung } from "./skill";

export const COMPARING_SKILLS = [
  {
    id: "compare-whole",
    strand: "comparing",
    needs: [],
    climb: [
      { lines: ["compare ## and ##"], wishes: {} },
      { lines: ["compare ### and ###"], wishes: { comparing: { equalPlaces: [0, 0] } } },
      { lines: ["compare @1## and @1##"], wishes: {} },
      { lines: ["compare @1@2# and @1@2#", "compare ### and ####"], wishes: {} },
    ],
  },
  {
    id: "compare-equally-long",
    strand: "comparing",
    needs: ["compare-whole"],
    climb: [
      { lines: ["compare #.# and #.#"], wishes: {} },
      { lines: ["compare @1.## and @1.##"], wishes: {} },
      { lines: ["compare @1.@2# and @1.@2#"], wishes: {} },
      { lines: ["compare @1.0# and @1.#0"], wishes: {} },
    ],
  },
  {
    id: "compare-ragged",
    strand: "comparing",
    needs: ["compare-equally-long"],
    climb: [
      { lines: ["compare #.# and #.##"], wishes: {} },
      { lines: ["compare @1.# and @1.##"], wishes: {} },
      { lines: ["compare @1.@2 and @1.@2#"], wishes: {} },
      { lines: ["compare @1.# and @1.0##", "compare @1.@2# and @1.@20#"], wishes: {} },
    ],
  },
  {
    id: "order-decimals",
    strand: "comparing",
    needs: ["compare-ragged"],
    climb: [
      { lines: ["order #.#; #.#; #.#"], wishes: {} },
      { lines: ["order @1.#; @1.##; @1.#"], wishes: {} },
      { lines: ["order 0.#; 0.##; 0.###"], wishes: {} },
      { lines: ["order @1.@2; @1.@2#; @1.0@2"], wishes: {} },
    ],
  },
  {
    id: "compare-like-fractions",
    strand: "comparing",
    needs: [],
    climb: [
      { lines: ["compare #/@1 and #/@1", "compare #/@1@2 and #/@1@2"], wishes: {} },
      { lines: ["compare #/1@1 and #/1@1"], wishes: {} },
      { lines: ["compare @2/# and @2/#", "compare @2/1# and @2/1#"], wishes: {} },
      { lines: ["compare @2/# and @2/1#"], wishes: {} },
    ],
  },
  {
    id: "compare-unlike-fractions",
    strand: "comparing",
    needs: ["compare-like-fractions"],
    climb: [
      { lines: ["compare 1/# and 1/#", "compare 1/# and 1/##"], wishes: {} },
      {
        lines: ["compare #/# and #/#", "compare #/@1 and #/@10", "compare #/@1 and ##/@10"],
        wishes: { fractions: { denominators: "multiple" } },
      },
      { lines: ["compare #/# and #/#"], wishes: { fractions: { denominators: "coprime" } } },
      { lines: ["compare #/# and 0.#"], wishes: {} },
    ],
  },
] as const satisfies readonly Rung[];
