import type { Features } from "./features";

/**
 * What a sheet can train, one trait a row: how often it is met in a problem, counted off the features of its working,
 * 0 where it is not. From these rows come the table of a sheet and what can be wished for in a recipe.
 */
export const TRAITS = [
  { id: "carries", count: ({ carries }) => carries },
  { id: "exchanges", count: ({ exchanges }) => exchanges },
  { id: "acrossZeros", count: ({ acrossZeros }) => Number(acrossZeros) },
  { id: "ragged", count: ({ ragged }) => Number(ragged) },
  { id: "hiddenPoints", count: ({ hiddenPoints }) => hiddenPoints },
  { id: "belowZero", count: ({ belowZero, signs }) => Number(belowZero || (signs?.belowZero ?? false)) },
  { id: "droppedZeros", count: ({ droppedZeros }) => droppedZeros },
  { id: "paddedZeros", count: ({ paddedZeros }) => paddedZeros },
  { id: "placesMoved", count: ({ placesMoved }) => placesMoved },
  { id: "quotientZeros", count: ({ quotientZeros }) => quotientZeros },
  { id: "leftOver", count: ({ leftOver, measures }) => Number(leftOver || (measures?.leftOver ?? false)) },
  { id: "appendedZeros", count: ({ appendedZeros }) => appendedZeros },
  { id: "recurring", count: ({ recurring }) => recurring },
  { id: "mixedNumbers", count: ({ fractions }) => fractions?.mixedNumbers ?? 0 },
  { id: "equalDenominators", count: ({ fractions }) => Number(fractions?.denominators === "equal") },
  { id: "multipleDenominators", count: ({ fractions }) => Number(fractions?.denominators === "multiple") },
  { id: "sharingDenominators", count: ({ fractions }) => Number(fractions?.denominators === "sharing") },
  { id: "coprimeDenominators", count: ({ fractions }) => Number(fractions?.denominators === "coprime") },
  { id: "simplified", count: ({ fractions }) => fractions?.simplified ?? 0 },
  { id: "improper", count: ({ fractions }) => Number(fractions?.improper ?? false) },
  { id: "wholesRegrouped", count: ({ fractions }) => fractions?.wholesRegrouped ?? 0 },
  { id: "crossings", count: ({ signs }) => signs?.crossings ?? 0 },
  { id: "smallCoins", count: ({ money }) => money?.withSmallCoins ?? 0 },
  { id: "exactMoney", count: ({ money }) => Number(money?.exact ?? false) },
  { id: "missingCoins", count: ({ money }) => money?.missing ?? 0 },
  { id: "regroupedUp", count: ({ measures }) => measures?.regroupedUp ?? 0 },
  { id: "regroupedDown", count: ({ measures }) => measures?.regroupedDown ?? 0 },
  { id: "emptyUnit", count: ({ measures }) => Number(measures?.emptyUnit ?? false) },
  { id: "brackets", count: ({ chain }) => chain?.brackets ?? 0 },
  { id: "outOfOrder", count: ({ chain }) => chain?.outOfOrder ?? 0 },
  { id: "equalPlaces", count: ({ comparing }) => comparing?.equalPlaces ?? 0 },
  { id: "differentLengths", count: ({ comparing }) => Number(comparing?.differentLengths ?? false) },
] as const satisfies readonly { readonly id: string; readonly count: (features: Features) => number }[];

export type TraitId = (typeof TRAITS)[number]["id"];

export type TraitCounts = Partial<Readonly<Record<TraitId, number>>>;

/** Whether an id is that of a trait. */
export const isTrait = (id: string | undefined): id is TraitId => TRAITS.some((one) => one.id === id);

/** How often each trait is met in a working; those that are not met are left out. */
export function traitCounts(features: Features): TraitCounts {
  const met = TRAITS.map(({ id, count }) => [id, count(features)] as const).filter(([, times]) => times > 0);
  return Object.fromEntries(met);
}
