/**
 * Why a typed line is not (yet) a problem: facts only, worded in `wording/readErrorWords.ts`.
 * `at` is where reading stopped, counted in characters from the start of what was typed.
 * `readings` are whole lines that could have been meant; they are offered, never assumed.
 */
export type ReadError =
  | { readonly code: "empty"; readonly at: number }
  | { readonly code: "tooLong"; readonly at: number; readonly most: number }
  | { readonly code: "letters"; readonly at: number; readonly word: string }
  | { readonly code: "unknownCharacter"; readonly at: number; readonly character: string }
  | { readonly code: "unknownForm"; readonly at: number; readonly form: string }
  | { readonly code: "formOfQuotients"; readonly at: number }
  | { readonly code: "roundToWhat"; readonly at: number }
  | { readonly code: "compareTwo"; readonly at: number }
  | { readonly code: "divisionByZero"; readonly at: number }
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
  | { readonly code: "signedNumber"; readonly at: number }
  | { readonly code: "mixedOperations"; readonly at: number }
  | {
      readonly code: "tooManyNumbers";
      readonly at: number;
      readonly most: number;
      readonly op: "add" | "multiply";
    };
