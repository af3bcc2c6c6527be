import { CURRENCY_WORDS } from "../vocabulary";
import { isOwnCurrency, type OwnCurrency, type OwnCurrencyId, ownCurrencyOf } from "./ownCurrency";

/**
 * Currencies with the coins and notes that are in use. Values are in the minor unit (cents, pence, paise).
 * From the issuing banks' lists of circulating coins and notes; pieces that are hardly seen are left out.
 */
export const CURRENCY_IDS = ["USD", "GBP", "EUR", "ZAR", "PHP", "INR"] as const;
type KnownCurrencyId = (typeof CURRENCY_IDS)[number];

/** A currency by its id; one that a tutor has defined is written out in its id (`ownCurrency.ts`). */
export type CurrencyId = KnownCurrencyId | OwnCurrencyId;

/** The sign before an amount, and the one after a number of the minor unit; names; coins and notes, smallest first. */
interface Currency extends OwnCurrency {
  readonly id: CurrencyId;
}

/** How many of the minor unit make one of the major, in all of them. */
export const MINOR_PLACES = 2;

type Words = (typeof CURRENCY_WORDS)[KnownCurrencyId];

const ROWS: Readonly<Record<KnownCurrencyId, Omit<Currency, "id" | keyof Words>>> = {
  USD: {
    sign: "$",
    minorSign: "c",
    coins: [1, 5, 10, 25],
    notes: [100, 500, 1000, 2000, 5000, 10000],
  },
  GBP: {
    sign: "£",
    minorSign: "p",
    coins: [1, 2, 5, 10, 20, 50, 100, 200],
    notes: [500, 1000, 2000, 5000],
  },
  EUR: {
    sign: "€",
    minorSign: "c",
    coins: [1, 2, 5, 10, 20, 50, 100, 200],
    notes: [500, 1000, 2000, 5000, 10000, 20000],
  },
  ZAR: {
    sign: "R",
    minorSign: "c",
    coins: [10, 20, 50, 100, 200, 500],
    notes: [1000, 2000, 5000, 10000, 20000],
  },
  PHP: {
    sign: "₱",
    minorSign: "c",
    coins: [1, 5, 25, 100, 500, 1000, 2000],
    notes: [5000, 10000, 20000, 50000, 100000],
  },
  INR: {
    sign: "₹",
    minorSign: "p",
    coins: [50, 100, 200, 500, 1000, 2000],
    notes: [5000, 10000, 20000, 50000],
  },
};

/** A currency by its id. */
export const currencyOf = (id: CurrencyId): Currency =>
  isOwnCurrency(id) ? { id, ...ownCurrencyOf(id) } : { id, ...ROWS[id], ...CURRENCY_WORDS[id] };

/** The currency of a sign that is typed before an amount, the house's own among them; none for other signs. */
export const currencyTyped = (sign: string, house: CurrencyId): CurrencyId | undefined =>
  currencyOf(house).sign === sign
    ? house
    : CURRENCY_IDS.find((id) => ROWS[id].sign === sign || (id === "INR" && sign === "Rs"));

/** The currencies whose minor unit is typed so, the house's own among them. */
export const minorTyped = (sign: string, house: CurrencyId): readonly CurrencyId[] =>
  [...new Set([...CURRENCY_IDS, house])].filter((id) => {
    const { minorSign, minors } = currencyOf(id);
    return minorSign.toLowerCase() === sign || minors.toLowerCase() === sign;
  });

/** Every coin and note, largest first. */
export function piecesOfCurrency(id: CurrencyId): readonly number[] {
  const { coins, notes } = currencyOf(id);
  return [...coins, ...notes].sort((a, b) => b - a);
}
