/** Lists whose length is known: one of something, two, one or more, two or more. */
export type One<T> = readonly [T];
export type Two<T> = readonly [T, T];
export type OneOrMore<T> = readonly [T, ...T[]];
export type TwoOrMore<T> = readonly [T, T, ...T[]];

export const isOne = <T>(list: readonly T[]): list is One<T> => list.length === 1;
export const isTwo = <T>(list: readonly T[]): list is Two<T> => list.length === 2;
export const isOneOrMore = <T>(list: readonly T[]): list is OneOrMore<T> => list.length >= 1;
export const isTwoOrMore = <T>(list: readonly T[]): list is TwoOrMore<T> => list.length >= 2;

/** Each of two, of one or more, or of two or more, made something else. */
export const mapTwo = <T, U>([first, second]: Two<T>, make: (one: T, index: number) => U): Two<U> => [
  make(first, 0),
  make(second, 1),
];

export const mapOneOrMore = <T, U>(
  [first, ...rest]: OneOrMore<T>,
  make: (one: T, index: number) => U,
): OneOrMore<U> => [make(first, 0), ...rest.map((one, index) => make(one, index + 1))];

export const mapTwoOrMore = <T, U>(
  [first, second, ...rest]: TwoOrMore<T>,
  make: (one: T, index: number) => U,
): TwoOrMore<U> => [make(first, 0), make(second, 1), ...rest.map((one, index) => make(one, index + 2))];

/** The last of one or more. */
export const lastOf = <T>(list: OneOrMore<T>): T => list[list.length - 1] ?? list[0];
