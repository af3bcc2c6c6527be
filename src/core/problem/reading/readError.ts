/**
 * Why a typed line is not (yet) a problem: facts only, worded in `wording/readErrorWords.ts`.
 * `at` is where reading stopped, counted in characters from the start of what was typed.
 * `readings` are whole lines that could have been meant; they are offered, never assumed.
 */
export type ReadError =
  | { readonly code: "empty"; readonly at: number }
  | { readonly code: "tooLong"; readonly at: number; readonly most: number }
  | { readonly code: "letters"; readonly at: number; readonly word: string }
  | { readonly code: "unknownUnit"; readonly at: number; readonly word: string }
  | { readonly code: "unknownCharacter"; readonly at: number; readonly character: string }
  | { readonly code: "unknownForm"; readonly at: number; readonly form: string }
  | { readonly code: "otherForm"; readonly at: number; readonly of: FormOf }
  | { readonly code: "roundToWhat"; readonly at: number }
  | { readonly code: "compareTwo"; readonly at: number }
  | { readonly code: "orderSeveral"; readonly at: number; readonly most: number }
  | { readonly code: "divisionByZero"; readonly at: number }
  | { readonly code: "zeroDenominator"; readonly at: number }
  | { readonly code: "wholeFraction"; readonly at: number; readonly readings: readonly string[] }
  | { readonly code: "twoSlashes"; readonly at: number; readonly readings: readonly string[] }
  | { readonly code: "fractionOfUnit"; readonly at: number }
  | { readonly code: "notWholeTimes"; readonly at: number }
  | { readonly code: "missingNumber"; readonly at: number }
  | { readonly code: "missingSign"; readonly at: number; readonly readings: readonly string[] }
  | { readonly code: "onlyOneNumber"; readonly at: number }
  | { readonly code: "moreThanANumber"; readonly at: number }
  | { readonly code: "secondPoint"; readonly at: number }
  | { readonly code: "lonePoint"; readonly at: number }
  | { readonly code: "badGroups"; readonly at: number }
  | { readonly code: "otherNotation"; readonly at: number; readonly readings: readonly string[] }
  | {
      readonly code: "tooManyDigits";
      readonly at: number;
      readonly side: "whole" | "fraction";
      readonly most: number;
    }
  /** A power that is no whole number from two up to this one. */
  | { readonly code: "power"; readonly at: number; readonly most: number }
  | { readonly code: "openBracket"; readonly at: number }
  | { readonly code: "closeBracket"; readonly at: number }
  | { readonly code: "deepBrackets"; readonly at: number; readonly most: number }
  | { readonly code: "signedBracket"; readonly at: number }
  | {
      readonly code: "tooManyNumbers";
      readonly at: number;
      readonly most: number;
      readonly of: "add" | "multiply" | "terms" | "fractions" | "chain";
    }
  /** Two units, or a unit and something else, that can't be added, subtracted or written together. */
  | { readonly code: "unlikeUnits"; readonly at: number; readonly one: string; readonly other: string }
  | { readonly code: "otherSystem"; readonly at: number; readonly one: string; readonly other: string }
  | { readonly code: "unitOrder"; readonly at: number; readonly one: string; readonly other: string }
  | { readonly code: "bareNumber"; readonly at: number; readonly beside: "money" | "measure" }
  | { readonly code: "twoMeasures"; readonly at: number }
  | { readonly code: "dividesANumber"; readonly at: number }
  | { readonly code: "unknownCurrency"; readonly at: number; readonly sign: string }
  | { readonly code: "mixedCurrencies"; readonly at: number; readonly one: string; readonly other: string }
  | { readonly code: "smallerThanMinor"; readonly at: number; readonly minors: string }
  | { readonly code: "negativeAmount"; readonly at: number }
  | { readonly code: "cantHandOver"; readonly at: number; readonly most: number }
  | { readonly code: "belowZeroOnTheWay"; readonly at: number }
  | { readonly code: "unevenOnTheWay"; readonly at: number }
  /** A fraction of an amount that is no whole number of the smallest pieces of money. */
  | { readonly code: "unevenParts"; readonly at: number }
  | { readonly code: "unknownPiece"; readonly at: number; readonly pieces: readonly string[] }
  | { readonly code: "largeFraction"; readonly at: number; readonly most: number };

/** What a form was asked of that can't be given so. */
export type FormOf = "round" | "compare" | "number" | "fraction" | "money" | "measure";
