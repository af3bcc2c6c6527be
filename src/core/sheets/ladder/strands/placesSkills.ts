import type { Rung } from "./skill";

export const PLACES_SKILLS = [
  {
    id: "round-to-tens",
    strand: "places",
    needs: [],
    climb: [
      { lines: ["round ## to tens", "round 1## to tens"], wishes: {} },
      { lines: ["round ### to tens"], wishes: {} },
      { lines: ["round #### to tens"], wishes: {} },
      { lines: ["round 9@1 to tens", "round #9@1 to tens", "round 9@1# to hundreds"], wishes: {} },
    ],
  },
  {
    id: "round-to-ones",
    strand: "places",
    needs: ["round-to-tens"],
    climb: [
      { lines: ["round #.# to ones"], wishes: {} },
      { lines: ["round ##.# to ones"], wishes: {} },
      { lines: ["round ##.## to ones"], wishes: {} },
      { lines: ["round #9.@1 to ones", "round 0.## to ones", "round ##9.# to ones"], wishes: {} },
    ],
  },
  {
    id: "round-to-tenths",
    strand: "places",
    needs: ["round-to-ones"],
    climb: [
      { lines: ["round #.## to tenths"], wishes: {} },
      { lines: ["round ##.## to tenths"], wishes: {} },
      { lines: ["round #.### to tenths"], wishes: {} },
      { lines: ["round #.9# to tenths", "round ##.9# to tenths", "round 0.0## to tenths"], wishes: {} },
    ],
  },
  {
    id: "round-to-hundredths",
    strand: "places",
    needs: ["round-to-tenths"],
    climb: [
      { lines: ["round #.### to hundredths"], wishes: {} },
      { lines: ["round ##.### to hundredths"], wishes: {} },
      { lines: ["round #.#### to hundredths"], wishes: {} },
      { lines: ["round #.99@1 to hundredths", "round #.#9@1 to hundredths"], wishes: {} },
    ],
  },
  {
    id: "times-ten",
    strand: "places",
    needs: [],
    climb: [
      { lines: ["## × 10", "### × 10"], wishes: {} },
      { lines: ["#.## × 10"], wishes: {} },
      { lines: ["#.## × 100", "##.# × 100"], wishes: {} },
      { lines: ["#.# × 1000", "0.0# × 100"], wishes: {} },
    ],
  },
  {
    id: "over-ten",
    strand: "places",
    needs: ["times-ten"],
    climb: [
      { lines: ["##0 ÷ 10", "###0 ÷ 10"], wishes: {} },
      { lines: ["## ÷ 10", "### ÷ 10"], wishes: {} },
      { lines: ["### ÷ 100", "##.# ÷ 10"], wishes: {} },
      { lines: ["# ÷ 100", "#.# ÷ 100", "0.# ÷ 10", "## ÷ 1000"], wishes: {} },
    ],
  },
] as const satisfies readonly Rung[];
