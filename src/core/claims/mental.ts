import type { ClaimsTable } from "./claimsTable";
import { minus, plus, type Ratio, ratio, right, same, sum, times, valueOfQuantity } from "./ratio";

/** Claims about what is worked in the head, each by itself. */
export const MENTAL_CLAIMS = {
  takeFriendlier: (reason) =>
    reason.roundings.map(({ before, friendly, off, up }) => {
      const [small, large] = up ? [before, friendly] : [friendly, before];
      return same(plus(valueOfQuantity(small), valueOfQuantity(off)), valueOfQuantity(large));
    }),
  workFriendlier: (reason) => [same(right(reason.problem), valueOfQuantity(reason.result))],
  giveBack: (reason) => {
    const off: Ratio = sum(reason.off.map(valueOfQuantity));
    const all = valueOfQuantity(reason.all);
    const [result, answer] = [valueOfQuantity(reason.result), valueOfQuantity(reason.answer)];
    return [
      same(times(off, ratio(reason.times)), all),
      same(reason.op === "add" ? plus(result, all) : minus(result, all), answer),
    ];
  },
} satisfies Partial<ClaimsTable>;
