/** How many zeros a row of digits ends in. */
export function zerosAtEnd(digits: string): number {
  let end = digits.length;
  while (end > 0 && digits[end - 1] === "0") end--;
  return digits.length - end;
}

/** A row of digits without the zeros at its end: `4700` gives `47`. */
export const withoutEndZeros = (digits: string): string =>
  digits.slice(0, digits.length - zerosAtEnd(digits));

/** A row of digits without the zeros it begins with, but for the last digit of all: `007` gives `7`, `000` gives `0`. */
export const withoutLeadingZeros = (digits: string): string => digits.replace(/^0+(?=\d)/, "");

/** A row of digits from its first that is none of nothing: `007` gives `7`, `000` nothing at all. */
export const significantDigits = (digits: string): string => digits.replace(/^0+/, "");

/** A row of digits without zeros at either end. */
export const bareDigits = (digits: string): string => withoutEndZeros(significantDigits(digits));
