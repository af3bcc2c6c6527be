/** Small counts, as the claims of several families need them. */
export const isOneDigit = (value: number): boolean => Number.isInteger(value) && value >= 0 && value < 10;
export const sumOf = (counts: readonly number[]): number => counts.reduce((sum, count) => sum + count, 0);
export const bigSumOf = (counts: readonly bigint[]): bigint => counts.reduce((sum, count) => sum + count, 0n);
