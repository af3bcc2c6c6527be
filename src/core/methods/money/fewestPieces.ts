/**
 * Paying an amount with the fewest coins and notes that there are. Values are in the minor unit; of every
 * kind of piece there are as many as are needed.
 */

const commonFactorOf = (numbers: readonly number[]): number =>
  numbers.reduce((a, b) => {
    let [x, y] = [a, b];
    while (y !== 0) [x, y] = [y, x % y];
    return x;
  }, 0);

/**
 * The fewest pieces that make an amount, the largest first; of several such choices the one with the
 * larger pieces. None where no choice makes it. A search from the largest piece down, that leaves off
 * wherever what is left could not be made with fewer pieces than the best so far.
 */
export function fewestPieces(amount: number, kinds: readonly number[]): readonly number[] | undefined {
  const sorted = [...kinds].sort((a, b) => b - a);
  const factors = sorted.map((_, index) => commonFactorOf(sorted.slice(index)));
  let best: readonly number[] | undefined;
  let most = Number.POSITIVE_INFINITY;
  const counts: number[] = sorted.map(() => 0);
  const search = (index: number, left: number, used: number): void => {
    if (left === 0) {
      if (used < most) {
        most = used;
        best = [...counts];
      }
      return;
    }
    const piece = sorted[index];
    if (piece === undefined || left % (factors[index] ?? 1) !== 0) return;
    if (used + Math.ceil(left / piece) >= most) return;
    for (let count = Math.floor(left / piece); count >= 0; count--) {
      // Fewer of this piece only means more of smaller ones.
      const rest = left - count * piece;
      const next = sorted[index + 1];
      if (rest > 0 && (next === undefined || used + count + Math.ceil(rest / next) >= most)) break;
      counts[index] = count;
      search(index + 1, rest, used + count);
    }
    counts[index] = 0;
  };
  search(0, amount, 0);
  return best?.flatMap((count, index) => Array.from({ length: count }, () => sorted[index] ?? 0));
}
