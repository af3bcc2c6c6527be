// What docs/methods.md says of each method beyond its words: the decisions it takes, and its board in small.
import { boardAfter } from "@/core/board";
import { PRESETS } from "@/core/house";
import { METHOD_IDS, METHOD_SAMPLES, type MethodId, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { METHOD_ABOUTS, METHOD_NAMES, METHOD_PREFERENCES } from "@/core/wording";
import { textBoard } from "@/render/text";

const SETTING =
  "how far left of its places a number stands, the line of the answer's point (`SettingHabits`)";

/** The decisions of each method, by the habits that hold them. */
const DECISIONS: Readonly<Record<MethodId, string>> = {
  "column-addition": `${SETTING}; what a column writes of its total, what it carries (\`AdditionHabits\`)`,
  "expanded-addition": "what a place keeps of its total, what is regrouped (`AdditionHabits`)",
  "subtraction-by-decomposition": `${SETTING}; whether there is too little on top, what is left (\`DecompositionHabits\`)`,
  "equal-additions": `${SETTING}; whether the upper count is too small, what is paid for raising it, what is left (\`PaymentHabits\`)`,
  "making-up": `${SETTING}; as for equal additions (\`PaymentHabits\`)`,
  "expanded-subtraction": "whether a part is too small, what is left (`DecompositionHabits`)",
  "counting-up":
    "how far a place is from being full (`CountingUpHabits`); how the hops are added (`AdditionHabits`)",
  "column-multiplication":
    "what a digit makes with what was carried, what of it is written, what carried (`ProductHabits`); how many zeros open a row (`BlockHabits`); how the rows are added (`AdditionHabits`); how many places the product gets (`ColumnMultiplicationHabits`)",
  "multiplication-in-line": "as for the rows of column multiplication (`BlockHabits`)",
  "multiples-of-ten": "how far the zeros shift (`ShiftHabits`); the rows after that (`BlockHabits`)",
  lattice:
    "what a square makes, where the point goes (`LatticeHabits`); how the diagonals are added (`AdditionHabits`)",
  area: "what two parts make, which place that counts (`AreaHabits`); how the parts are added (`AdditionHabits`)",
  shift: "how many places, and which way (`ShiftHabits`)",
  "long-division":
    "how far divisor and dividend are moved (`ScalingHabits`); how many times the divisor goes, what that takes, what it leaves (`QuotientHabits`)",
  "short-division": "as for long division (`DivisionHabits`)",
  "rounding-by-place": "which digit decides, what it takes to go up (`RoundingHabits`)",
  "comparing-by-place": "how two digits of one place lie to each other (`ComparingHabits`)",
  "denominators-by-multiples":
    "what becomes of the numerator when the denominator grows, how like parts are combined above and below, how a mixed number is made improper, what a regrouped whole adds, how far a fraction is made shorter (`FractionHabits`)",
  "denominators-by-factors": "as for listing multiples (`FractionHabits`)",
  "denominators-by-product": "as for listing multiples (`FractionHabits`)",
  "multiplying-across":
    "what numerators make and what denominators make, how a mixed number is made improper (`FractionHabits`)",
  "turning-over": "what is turned over; the rest as for multiplying across (`FractionHabits`)",
  "dividing-like-parts": "as for listing multiples (`FractionHabits`)",
  "changing-form": "as for listing multiples (`FractionHabits`)",
  "sign-rule":
    "what is added in place of taking away, whether sizes are added or taken from each other, the sign of a sum and of a product (`SignHabits`)",
  "number-line": "which way a jump goes (`LineHabits`)",
  counters: "how many zero pairs are brought (`CounterHabits`)",
  gathering: "as for the sign rule (`SignHabits`)",
  "money-in-columns": "which places a small amount gets (`MoneyHabits`); then those of the decimal method",
  "repeated-addition": "as for money in columns (`MoneyHabits`)",
  "change-by-counting-up": "which pieces make a hop (`ChangeHabits`)",
  "enough-by-adding": "as for money in columns (`MoneyHabits`)",
  "handing-over": "none: the fewest notes that reach the price",
  "sharing-a-bill": "those of the division",
  "unit-columns":
    "what a unit keeps and gives over, whether it falls short, what it receives, what is left (`UnitHabits`)",
  "padded-columns":
    "how many digits a smaller unit takes (`PaddingHabits`); then those of the decimal method",
  "smallest-unit":
    "how many of one unit make one of the next (`RateHabits`); then those of the decimal method",
  "changing-units": "as for the smallest unit (`RateHabits`)",
  "order-of-operations": "which operation comes next (`ChainHabits`); then those of each part",
};

function sample(id: MethodId): string {
  const house = PRESETS.fillersTrueValue;
  const problem = readProblem(METHOD_SAMPLES[id], house);
  if (!problem.ok) throw new Error(`sample: ${METHOD_SAMPLES[id]} does not read`);
  const { layout, steps } = workingOf(problem.value, house, id);
  return textBoard(boardAfter(layout, steps, steps.length), house);
}

/** Each method with its id, what it does, who prefers it, its decisions and a small board. */
export const methodSections = (): string =>
  METHOD_IDS.map((id) => {
    const name = METHOD_NAMES[id];
    const about = METHOD_ABOUTS[id];
    const preferred = METHOD_PREFERENCES[id];
    return [
      `## ${name}`,
      `\`${id}\`. ${about}`,
      preferred,
      `Decisions: ${DECISIONS[id]}.`,
      `\`${METHOD_SAMPLES[id]}\`\n\n\`\`\`text\n${sample(id)}\n\`\`\``,
    ].join("\n\n");
  }).join("\n\n");
