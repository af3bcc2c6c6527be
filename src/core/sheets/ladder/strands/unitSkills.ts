import type { Rung } from "./skill";

export const UNIT_SKILLS = [
  {
    id: "change-units",
    strand: "units",
    needs: [],
    climb: [
      {
        lines: ["# ft in in", "## ft in in", "# h in min", "## h in min", "# lb in oz", "## lb in oz"],
        wishes: {},
      },
      { lines: ["# ft %12 in in in", "# h %60 min in min"], wishes: {} },
      { lines: ["## in in ft and in", "### min in h and min"], wishes: {} },
      { lines: ["### oz in lb and oz"], wishes: {} },
    ],
  },
  {
    id: "add-units",
    strand: "units",
    needs: ["change-units"],
    climb: [
      { lines: ["# ft %6 in + # ft %6 in"], wishes: { measures: { regroupedUp: 0 } } },
      { lines: ["# ft %12 in + # ft %12 in"], wishes: { measures: { regroupedUp: 1 } } },
      { lines: ["# h %60 min + # h %60 min"], wishes: { measures: { regroupedUp: 1 } } },
      { lines: ["# lb %16 oz + # lb %16 oz"], wishes: { measures: { regroupedUp: 1 } } },
    ],
  },
  {
    id: "subtract-units",
    strand: "units",
    needs: ["add-units"],
    climb: [
      { lines: ["# ft %12 in - # ft %12 in"], wishes: { measures: { regroupedDown: 0 } } },
      { lines: ["# ft %12 in - # ft %12 in"], wishes: { measures: { regroupedDown: 1 } } },
      { lines: ["# h %60 min - # h %60 min"], wishes: { measures: { regroupedDown: 1 } } },
      { lines: ["## lb %16 oz - # lb %16 oz"], wishes: { measures: { regroupedDown: 1 } } },
    ],
  },
  {
    id: "times-units",
    strand: "units",
    needs: ["add-units"],
    climb: [
      { lines: ["# ft %6 in × 2"], wishes: { measures: { regroupedUp: 0 } } },
      { lines: ["# ft %12 in × #"], wishes: { measures: { regroupedUp: [1, 1] } } },
      { lines: ["# h %60 min × #"], wishes: { measures: { regroupedUp: [1, 1] } } },
      { lines: ["# lb %16 oz × #"], wishes: { measures: { regroupedUp: [1, 1] } } },
    ],
  },
  {
    id: "share-units",
    strand: "units",
    needs: ["subtract-units"],
    climb: [
      { lines: ["## ft ÷ #", "#0 lb ÷ #", "## h ÷ #"], wishes: { measures: { leftOver: false } } },
      { lines: ["## ft %12 in ÷ #"], wishes: { measures: { leftOver: false } } },
      { lines: ["# h %60 min ÷ #", "## h %60 min ÷ #"], wishes: { measures: { leftOver: false } } },
      { lines: ["## lb %16 oz ÷ #"], wishes: { measures: { leftOver: true } } },
    ],
  },
] as const satisfies readonly Rung[];
