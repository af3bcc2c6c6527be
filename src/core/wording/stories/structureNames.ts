import type { Structure } from "../../stories";

/** How the quantities of a story hang together, by name. */
export const STRUCTURE_NAMES: Readonly<Record<Structure, string>> = {
  partsWhole: "Parts and whole",
  comparison: "Comparing",
  equalGroups: "Equal groups",
  change: "Before and after",
};
