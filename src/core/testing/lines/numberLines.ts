import fc from "fast-check";

/** Lines as they are typed. */
export type Lines = fc.Arbitrary<string>;

export const int = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });
export const text = (min: number, max: number): Lines => int(min, max).map(String);
export const pick = (...texts: readonly string[]): Lines => fc.constantFrom(...texts);

/** A decimal of a few digits; often with a zero in it, sometimes whole. */
export const decimal: Lines = fc
  .tuple(fc.oneof(int(0, 9), int(10, 99), int(100, 999)), int(0, 3), int(0, 999), int(0, 4))
  .map(([whole, places, digits, zero]) => {
    if (places === 0) return String(whole === 0 ? 7 : whole);
    const ends = String(digits).padStart(3, "0").slice(-places);
    const tail = zero === 0 ? `0${ends.slice(1)}` : ends;
    return `${whole}.${/^0*$/.test(tail) ? tail.replace(/0$/, "4") : tail}`;
  });
