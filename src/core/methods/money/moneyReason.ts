import type { Decimal } from "../../number";
import type { MoneyProblem, Problem } from "../../problem";
import type { Amount, CurrencyId } from "../../quantity";

/** What the steps of working with money do and why. Counts of the minor unit are plain numbers. */
export type MoneyReason =
  | { readonly kind: "writeAmounts"; readonly problem: MoneyProblem }
  | { readonly kind: "hiddenPlaces"; readonly amount: Amount; readonly numeral: Decimal }
  | { readonly kind: "amountsAsDecimals"; readonly problem: Problem; readonly currency: CurrencyId }
  | { readonly kind: "againAndAgain"; readonly amount: Amount; readonly times: number }
  | {
      readonly kind: "startChange";
      readonly price: number;
      readonly paid: number;
      readonly currency: CurrencyId;
    }
  | {
      readonly kind: "changeHop";
      readonly from: number;
      readonly to: number;
      /** The coins and notes that make the hop, the smallest first. */
      readonly pieces: readonly number[];
      readonly currency: CurrencyId;
      /** What the hop reaches: a round ten of the minor unit, a whole of the major, or what was paid. */
      readonly reaches: "ten" | "whole" | "paid";
    }
  | {
      readonly kind: "changeTotal";
      readonly hops: readonly number[];
      readonly total: number;
      readonly pieces: readonly number[];
      readonly currency: CurrencyId;
    }
  | {
      readonly kind: "compareCost";
      readonly have: Amount;
      readonly cost: Amount;
      readonly enough: boolean;
      readonly problem: Problem;
    }
  | {
      readonly kind: "handNotes";
      readonly price: Amount;
      readonly pieces: readonly number[];
      readonly total: Amount;
      readonly exact: boolean;
    }
  | { readonly kind: "backFromNotes"; readonly price: Amount; readonly total: Amount; readonly back: Amount }
  | { readonly kind: "intoMinor"; readonly amount: Amount; readonly count: bigint }
  | {
      readonly kind: "minorProblem";
      readonly problem: Problem;
      readonly currency: CurrencyId;
      readonly shares: boolean;
    }
  | { readonly kind: "backToMajor"; readonly count: bigint; readonly amount: Amount };
