import { type Exchange, Stuck } from "../../methods";

export const becomes = (column: number, before: number, after: number): Exchange => ({
  column,
  before,
  after,
});

/** As many more for a column as one of the next is worth, and the next one as it was: of digits and of units alike. */
export function unpaid(
  standing: readonly number[],
  needy: number,
  rateOf: (column: number) => number,
): readonly Exchange[] {
  const [top = 0, next] = [standing[needy], standing[needy + 1]];
  if (next === undefined) throw new Stuck("unpaid: there is no column to borrow from");
  return [becomes(needy + 1, next, next), becomes(needy, top, top + rateOf(needy))];
}
