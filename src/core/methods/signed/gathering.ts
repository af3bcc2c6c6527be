import type { HouseRules } from "../../house";
import { type Numeral, wholeNumeral } from "../../number";
import type { SignedProblem } from "../../problem";
import { because, type Method, type Solve, type Worked } from "../contract/method";
import {
  asAddition,
  ended,
  type SignDecisions,
  type SignedWhy,
  SOUND_SIGNS,
  startSigned,
  sumItems,
  termsOf,
  together,
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
  refuses: ({ op, joins, operands }) => {
    if (op !== "terms") return { kind: "otherOperation", worksOn: ["terms"] };
    const below = termsOf({ joins, operands }, SOUND_SIGNS).filter(({ negative }) => negative).length;
    return operands.length < 3 || below === 0 || below === operands.length
      ? because("severalTerms")
      : undefined;
  },
  work: workGathering,
};

/** Gathering with any decisions; only sound ones are sure to reach the right answer. */
export function workGathering<Inner>(
  problem: SignedProblem,
  house: HouseRules,
  decisions: SignDecisions,
  solve: Solve<Inner>,
): Worked<SignedWhy | Inner> {
  const pad = startSigned<Inner>(problem, house);
  const terms = asAddition(problem, house, decisions, pad);
  const sides = [false, true].map((negative) => terms.filter((term) => term.negative === negative));
  const [above = [], below = []] = sides;
  pad.line("work", { kind: "gatherSides", above, below }, () => sumItems([...above, ...below], house));
  const totals = sides.map(([first = wholeNumeral(0n), ...rest]) =>
    rest.reduce<Numeral>(
      (left, right) => together(left, right, "apart", house, decisions, pad, solve),
      first,
    ),
  );
  const [up = wholeNumeral(0n), down = wholeNumeral(0n)] = totals;
  return ended(problem, house, pad, together(up, down, "apart", house, decisions, pad, solve), solve);
}
