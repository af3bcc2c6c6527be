/** The largest number of the tables that are known by heart, and of sums that are. */
const TABLES_TO = 10n;
const SUMS_TO = 20n;

/** What is worked with two whole numbers. */
type Operation = "add" | "subtract" | "multiply" | "divide";

/**
 * What two whole numbers come to where that is known by heart: a product or quotient of the tables, a sum or difference up
 * to 20; none where it has to be worked.
 */
export function factByHeart(operation: Operation, first: bigint, second: bigint): bigint | undefined {
  switch (operation) {
    case "add":
      return first + second <= SUMS_TO ? first + second : undefined;
    case "subtract":
      return first <= SUMS_TO && second <= first ? first - second : undefined;
    case "multiply":
      return first <= TABLES_TO && second <= TABLES_TO ? first * second : undefined;
    case "divide":
      return second > 0n && second <= TABLES_TO && first % second === 0n && first / second <= TABLES_TO
        ? first / second
        : undefined;
  }
}
