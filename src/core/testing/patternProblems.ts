import fc from "fast-check";
import { PRESETS } from "../house";
import { type Problem, readProblem } from "../problem";
import { difference, product, quotient, shifts, sum } from "./lines/columnLines";
import { fractions } from "./lines/fractionLines";
import { judging } from "./lines/judgingLines";
import { int, type Lines, pick } from "./lines/numberLines";
import { chains, integers, money, units } from "./lines/quantityLines";

/** Problems of the size that is set in lessons, by skill, so that each pattern of the skill has its chances. */

/** What is rounded up in the head, beside sums, differences, products, quotients and money. */
const across: Lines = fc.oneof(
  { weight: 2, arbitrary: sum },
  { weight: 2, arbitrary: difference },
  { weight: 2, arbitrary: product },
  { weight: 2, arbitrary: quotient },
  { weight: 1, arbitrary: money },
  {
    weight: 3,
    arbitrary: fc
      .tuple(int(30, 99), int(1, 2), pick("8", "9"), pick("+", "−"))
      .map(([a, tens, last, sign]) => `${a} ${sign} ${tens}${last}`),
  },
  {
    weight: 1,
    arbitrary: fc
      .tuple(pick("$10", "$20", "$12.40"), int(1, 8), int(95, 99), pick("+", "−"))
      .map(([a, whole, cents, sign]) => `${a} ${sign} $${whole}.${cents}`),
  },
);

const read = (line: string): Problem | undefined => {
  const problem = readProblem(line, PRESETS.fillersTrueValue);
  return problem.ok ? problem.value : undefined;
};

const problems = (lines: Lines): fc.Arbitrary<Problem> =>
  lines.map(read).filter((problem): problem is Problem => problem !== undefined);

/** Problems of each skill whose patterns are in the catalogue. */
export const SKILL_PROBLEMS = {
  addition: problems(sum),
  subtraction: problems(difference),
  multiplication: problems(product),
  division: problems(quotient),
  fractions: problems(fractions),
  integers: problems(integers),
  money: problems(money),
  units: problems(units),
  chains: problems(chains),
  judging: problems(judging),
  shifting: problems(shifts),
  across: problems(across),
} as const;
