import { type ColumnRow, type ColumnSum, partsOf } from "../../methods";

/** Adding the largest column first, tens carried to the next smaller one, the smallest written in full. */
export function addFromLargest(rows: readonly ColumnRow[], columns: number): readonly ColumnSum[] {
  const sums: ColumnSum[] = [];
  let carried = 0;
  for (let column = columns - 1; column >= 0; column--) {
    const parts = partsOf(rows, column);
    const total = parts.reduce((sum, part) => sum + part, carried);
    const written = column === 0 ? total : total % 10;
    const carriedOut = column === 0 ? 0 : Math.floor(total / 10);
    sums.push({ column, parts, carriedIn: carried, total, written, carriedOut });
    carried = carriedOut;
  }
  return sums;
}
