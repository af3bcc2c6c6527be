/** Denominators with no factor in common. */
export const COPRIME = [
  [2, 3],
  [3, 4],
  [2, 5],
  [3, 5],
  [4, 5],
  [5, 6],
  [2, 7],
  [3, 7],
  [4, 7],
  [5, 7],
  [3, 8],
  [5, 8],
  [7, 8],
  [4, 9],
  [5, 9],
] as const;

/** Denominators of which one is a multiple of the other. */
export const MULTIPLE = [
  [2, 4],
  [2, 6],
  [3, 6],
  [2, 8],
  [4, 8],
  [3, 9],
  [2, 10],
  [5, 10],
  [3, 12],
  [4, 12],
  [6, 12],
  [5, 15],
] as const;

/** Denominators with a factor in common, of which none is a multiple of the other. */
export const SHARING = [
  [4, 6],
  [6, 8],
  [6, 9],
  [4, 10],
  [6, 10],
  [8, 10],
  [8, 12],
  [9, 12],
  [10, 12],
  [6, 15],
  [9, 15],
  [10, 15],
] as const;

/** Lines with two proper fractions of some denominators, in both orders; a sign stands between them, and mixed numbers have a digit before each. */
export const properPairs = (
  sign: "+" | "-",
  denominators: readonly (readonly [number, number])[],
  whole = "",
): readonly string[] =>
  denominators.flatMap(([one, other]) =>
    [
      [one, other],
      [other, one],
    ].map(([first, second]) => `${whole}%${first}/${first} ${sign} ${whole}%${second}/${second}`),
  );
