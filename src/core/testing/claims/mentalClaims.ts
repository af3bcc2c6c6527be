import type { Reason } from "../../methods";
import { minus, plus, type Ratio, ratio, right, same, sum, times, valueOfQuantity } from "../ratio";

/** The claims of what is worked in the head, each by itself. It knows nothing of the methods. */
export function mentalClaims(reason: Reason): readonly boolean[] {
  switch (reason.kind) {
    case "takeFriendlier":
      return reason.roundings.map(({ before, friendly, off, up }) => {
        const [small, large] = up ? [before, friendly] : [friendly, before];
        return same(plus(valueOfQuantity(small), valueOfQuantity(off)), valueOfQuantity(large));
      });
    case "workFriendlier":
      return [same(right(reason.problem), valueOfQuantity(reason.result))];
    case "giveBack": {
      const off: Ratio = sum(reason.off.map(valueOfQuantity));
      const all = valueOfQuantity(reason.all);
      const [result, answer] = [valueOfQuantity(reason.result), valueOfQuantity(reason.answer)];
      return [
        same(times(off, ratio(reason.times)), all),
        same(reason.op === "add" ? plus(result, all) : minus(result, all), answer),
      ];
    }
    default:
      return [];
  }
}
