export { type Features, featuresOf } from "./features";
export { isTrait, TRAITS, type TraitCounts, type TraitId, traitCounts } from "./traits";
