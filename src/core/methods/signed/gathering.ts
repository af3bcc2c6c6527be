import { type Numeral, wholeNumeral } from "../../number";
import type { SignedProblem, TermsProblem } from "../../problem";
import { type Method, otherOperation, refused, taken } from "../contract/method";
import type { WorkContext } from "../contract/workContext";
import type { MethodResult } from "../contract/working";
import {
  addedTerms,
  addSigned,
  asAddition,
  finishSigned,
  type SignDecisions,
  type SignedWhy,
  SOUND_SIGNS,
  startSigned,
  sumItems,
} from "./signRule";

/** What lies above zero together, what lies below together, and then the two. */
export const gathering: Method<"gathering", SignedWhy, SignedProblem, SignDecisions, "severalTerms"> = {
  id: "gathering",
  sample: "6 − 9 + 4 − 3",
  bench: {
    small: "<1-9> - <1-9> + <1-9>",
    usual: "<1-9> - <1-9> + <1-9>",
    largest: "<1-9> - <1-9> + <1-9> - 9999 + 8876 - 4321",
  },
  sound: SOUND_SIGNS,
  takes: (problem) => {
    if (problem.op !== "terms") return otherOperation("terms");
    const terms = addedTerms(problem, SOUND_SIGNS);
    const below = terms.filter(({ negative }) => negative).length;
    return terms.length < 3 || below === 0 || below === terms.length
      ? refused("severalTerms")
      : taken(problem, workGathering);
  },
};

/** Gathering with any decisions; only sound ones are sure to reach the right answer. */
function workGathering<Inner>(
  problem: TermsProblem,
  { house, decisions, solve }: WorkContext<SignDecisions, Inner>,
): MethodResult<SignedWhy | Inner> {
  const pad = startSigned<Inner>(problem, house);
  const terms = asAddition(problem, { house, decisions, pad });
  const sides = [false, true].map((negative) => terms.filter((term) => term.negative === negative));
  const [above = [], below = []] = sides;
  pad.line("work", { kind: "gatherSides", above, below }, () => sumItems([...above, ...below], house));
  const totals = sides.map(([first = wholeNumeral(0n), ...rest]) =>
    rest.reduce<Numeral>(
      (left, right) => addSigned(left, right, "apart", { house, decisions, pad, solve }),
      first,
    ),
  );
  const [up = wholeNumeral(0n), down = wholeNumeral(0n)] = totals;
  return finishSigned(problem, addSigned(up, down, "apart", { house, decisions, pad, solve }), {
    house,
    pad,
    solve,
  });
}
