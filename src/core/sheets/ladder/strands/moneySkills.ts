import type { Rung } from "./skill";

export const MONEY_SKILLS = [
  {
    id: "add-money",
    strand: "money",
    needs: ["add-equally-long-decimals"],
    climb: [
      { lines: ["$$#.#0 + $$#.#0"], wishes: {} },
      { lines: ["$$#.## + $$#.##"], wishes: {} },
      { lines: ["$$##.## + $$#.##"], wishes: {} },
      { lines: ["$$## + $$#.##"], wishes: {} },
    ],
  },
  {
    id: "give-change",
    strand: "money",
    needs: ["subtract-from-whole"],
    climb: [
      {
        lines: ["change from $$20 for $$1#", "change from $$50 for $$##", "change from $$100 for $$##"],
        wishes: {},
      },
      { lines: ["change from $$10 for $$#.#0", "change from $$20 for $$1#.#0"], wishes: {} },
      { lines: ["change from $$20 for $$#.##"], wishes: {} },
      { lines: ["change from $$20 for $$1#.0#"], wishes: {} },
    ],
  },
  {
    id: "times-money",
    strand: "money",
    needs: ["multiply-decimal-by-whole"],
    climb: [
      { lines: ["$$# × #", "$$## × #"], wishes: {} },
      { lines: ["$$#.#0 × #"], wishes: {} },
      { lines: ["$$#.## × #"], wishes: {} },
      { lines: ["$$#.## × 1#"], wishes: {} },
    ],
  },
  {
    id: "share-money",
    strand: "money",
    needs: ["divide-decimal"],
    climb: [
      { lines: ["share $$#0 among #", "share $$## among #"], wishes: {} },
      { lines: ["share $$#.#0 among #"], wishes: {} },
      { lines: ["share $$##.## among #"], wishes: {} },
      { lines: ["share $$##.## among 1#"], wishes: {} },
    ],
  },
  {
    id: "enough-money",
    strand: "money",
    needs: ["add-money"],
    climb: [
      { lines: ["is $$10 enough for $$# + $$#", "is $$20 enough for $$1# + $$#"], wishes: {} },
      { lines: ["is $$10 enough for $$#.#0 + $$#.#0"], wishes: {} },
      { lines: ["is $$10 enough for $$4.## + $$5.##"], wishes: {} },
      { lines: ["is $$20 enough for $$9.## + $$5.## + $$4.##"], wishes: {} },
    ],
  },
  {
    id: "hand-over",
    strand: "money",
    needs: ["add-money"],
    climb: [
      { lines: ["pay $$##", "pay $$#.#0"], wishes: {} },
      { lines: ["pay $$#.##"], wishes: {} },
      { lines: ["pay $$##.##"], wishes: {} },
      { lines: ["pay $$##.0#", "pay $$#9.##"], wishes: {} },
    ],
  },
] as const satisfies readonly Rung[];
