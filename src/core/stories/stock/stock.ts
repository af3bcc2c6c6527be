import type { HouseRules } from "../../house";
import type { CurrencyId } from "../../quantity";

/** What is plausible of a thing: from, to, in the small unit of its list. */
export type Plausible = readonly [from: number, to: number];

/** The systems of units that a list can be in. */
export const UNIT_SYSTEMS = ["metric", "imperial"] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

/**
 * What can be known of a thing: what it costs in hundredths, weighs, measures, holds, how high it stands, how many
 * minutes it takes to fit one, how warm it is there in degrees.
 */
export const MEASURES = ["price", "mass", "length", "volume", "height", "time", "temperature"] as const;

/** What a thing must have known of it to come into a story. */
export type Measured = (typeof MEASURES)[number];

/** A thing that stories are about: its name for one and for several, and what is plausible of it. */
export interface Thing extends Readonly<Partial<Record<Measured, Plausible | undefined>>> {
  readonly one: string;
  readonly many: string;
}

/** The most things on a stock list. */
export const MOST_THINGS = 400;

/** A list of things, as a workshop has them on its shelves. */
export interface StockList {
  readonly id: string;
  readonly name: string;
  readonly things: readonly Thing[];
  /** The money of its prices; that of the house where it has none of its own. */
  readonly currency?: CurrencyId | undefined;
  /** The units of its figures; metric where it does not say. */
  readonly system?: UnitSystem | undefined;
}

/** The house rules in which a list is told and paid for: with the money of the list. */
export const houseOfStock = ({ currency }: StockList, house: HouseRules): HouseRules =>
  currency === undefined ? house : { ...house, currency };
