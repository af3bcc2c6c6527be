import type { ClaimsTable } from "./claimsTable";
import { below, minus, plus, right, same, size, sum, valueOfExpression, valueOfQuantity } from "./ratio";

/** Claims about numbers with signs and chains of them, each by itself. */
export const SIGNED_CLAIMS = {
  addOpposites: (reason, { problem }) => [same(sum(reason.terms.map(valueOfQuantity)), right(problem))],
  sameSigns: (reason) => {
    const [a, b] = [valueOfQuantity(reason.left), valueOfQuantity(reason.right)];
    return [same(plus(a, b), valueOfQuantity(reason.result)), a.over * b.over >= 0n];
  },
  differentSigns: (reason) => {
    const [a, b] = [valueOfQuantity(reason.left), valueOfQuantity(reason.right)];
    return [
      same(plus(a, b), valueOfQuantity(reason.result)),
      a.over * b.over <= 0n,
      !below(valueOfQuantity(reason.larger), valueOfQuantity(reason.smaller)),
    ];
  },
  gatherSides: (reason, { problem }) => [
    reason.above.every((one) => valueOfQuantity(one).over >= 0n),
    reason.below.every((one) => valueOfQuantity(one).over < 0n),
    same(sum([...reason.above, ...reason.below].map(valueOfQuantity)), right(problem)),
  ],
  productSign: (reason) => [reason.negative === (reason.negatives % 2 === 1)],
  productSize: (reason) => [
    same(valueOfQuantity(reason.size), size(valueOfQuantity(reason.result))),
    same(right(reason.problem), valueOfQuantity(reason.size)),
  ],
  jumpAlong: (reason) => [reason.from + reason.by === reason.to],
  bringZeroPairs: (reason) => [reason.pairs > 0, reason.there + reason.pairs === reason.needed],
  cancelPairs: (reason) => [reason.pairs === Math.min(reason.positives, reason.negatives)],
  layGroups: (reason) => [reason.groups * reason.each === reason.total],
  resultSoFar: (reason) => {
    const [a, b] = [valueOfQuantity(reason.left), valueOfQuantity(reason.right)];
    return [same(reason.op === "add" ? plus(a, b) : minus(a, b), valueOfQuantity(reason.result))];
  },
  takenTogether: (reason) => [same(sum(reason.numbers.map(valueOfQuantity)), valueOfQuantity(reason.total))],
  drawNumberLine: (reason) => [reason.from <= reason.start, reason.start <= reason.to],
  layCounters: (reason) => [Number.isInteger(reason.value)],
  takeCounters: (reason) => [reason.count >= 0, Number.isInteger(reason.left)],
  putBack: (reason, { problem }) => [
    same(valueOfQuantity(reason.result), right(reason.problem)),
    same(valueOfExpression(reason.rest.expression), right(problem)),
  ],
  takeParts: (reason, { problem }) => [
    reason.of >= 1n,
    same(valueOfExpression(reason.rest.expression), right(problem)),
  ],
  nextInChain: (reason) => [
    reason.known === undefined || same(valueOfQuantity(reason.known), right(reason.problem)),
  ],
} satisfies Partial<ClaimsTable>;
