// What docs/methods.md says of each method beyond its words: the decisions it takes, and its board in small.
import { boardAfter } from "@/core/board";
import { PRESETS } from "@/core/house";
import { METHOD_IDS, METHOD_SAMPLES, type MethodId, workingOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { METHOD_ABOUTS, METHOD_NAMES, METHOD_PREFERENCES } from "@/core/wording";
import { textBoard } from "@/render/text";

const SETTING =
  "how far left of its places a number stands, the line of the answer's point (`SettingDecisions`)";

/** The decisions of each method. */
const DECISIONS: Readonly<Record<MethodId, string>> = {
  "column-addition": `${SETTING}; what a column writes of its total, what it carries (\`AdditionDecisions\`)`,
  "expanded-addition": "what a place keeps of its total, what is regrouped (`AdditionDecisions`)",
  "subtraction-by-decomposition": `${SETTING}; whether there is too little on top, what is left (\`DecompositionDecisions\`)`,
  "equal-additions": `${SETTING}; whether the upper count is too small, what is paid for raising it, what is left (\`PaymentDecisions\`)`,
  "making-up": `${SETTING}; as for equal additions (\`PaymentDecisions\`)`,
  "expanded-subtraction": "whether a part is too small, what is left (`DecompositionDecisions`)",
  "counting-up":
    "how far a place is from being full (`CountingUpDecisions`); how the hops are added (`AdditionDecisions`)",
  "column-multiplication":
    "what a digit makes with what was carried, what of it is written, what carried (`ProductDecisions`); how many zeros open a row (`BlockDecisions`); how the rows are added (`AdditionDecisions`); how many places the product gets (`ColumnMultiplicationDecisions`)",
  "multiplication-in-line": "as for the rows of column multiplication (`BlockDecisions`)",
  "multiples-of-ten": "how far the zeros shift (`ShiftDecisions`); the rows after that (`BlockDecisions`)",
  lattice:
    "what a square makes, where the point goes (`LatticeDecisions`); how the diagonals are added (`AdditionDecisions`)",
  area: "what two parts make, which place that counts (`AreaDecisions`); how the parts are added (`AdditionDecisions`)",
  shift: "how many places, and which way (`ShiftDecisions`)",
  "long-division":
    "how far divisor and dividend are moved (`ScalingDecisions`); how many times the divisor goes, what that takes, what it leaves (`QuotientDecisions`)",
  "short-division": "as for long division (`DivisionDecisions`)",
  "rounding-by-place": "which digit decides, what it takes to go up (`RoundingDecisions`)",
  "comparing-by-place": "how two digits of one place lie to each other (`ComparingDecisions`)",
  "denominators-by-multiples":
    "what becomes of the numerator when the denominator grows, how like parts are combined above and below, how a mixed number is made improper, what a regrouped whole adds, how far a fraction is made shorter (`FractionDecisions`)",
  "denominators-by-factors": "as for listing multiples (`FractionDecisions`)",
  "denominators-by-product": "as for listing multiples (`FractionDecisions`)",
  "multiplying-across":
    "what numerators make and what denominators make, how a mixed number is made improper (`FractionDecisions`)",
  "turning-over": "what is turned over; the rest as for multiplying across (`FractionDecisions`)",
  "dividing-like-parts": "as for listing multiples (`FractionDecisions`)",
  "changing-form": "as for listing multiples (`FractionDecisions`)",
  "sign-rule":
    "what is added in place of taking away, whether sizes are added or taken from each other, the sign of a sum and of a product (`SignDecisions`)",
  "number-line": "which way a jump goes (`LineDecisions`)",
  counters: "how many zero pairs are brought (`CounterDecisions`)",
  gathering: "as for the sign rule (`SignDecisions`)",
  "money-in-columns": "which places a small amount gets (`MoneyDecisions`); then those of the decimal method",
  "repeated-addition": "as for money in columns (`MoneyDecisions`)",
  "change-by-counting-up": "which pieces make a hop (`ChangeDecisions`)",
  "enough-by-adding": "as for money in columns (`MoneyDecisions`)",
  "handing-over": "none: the fewest notes that reach the price",
  "sharing-a-bill": "those of the division",
  "unit-columns":
    "what a unit keeps and gives over, whether it falls short, what it receives, what is left (`UnitDecisions`)",
  "padded-columns":
    "how many digits a smaller unit takes (`PaddingDecisions`); then those of the decimal method",
  "smallest-unit":
    "how many of one unit make one of the next (`RateDecisions`); then those of the decimal method",
  "changing-units": "as for the smallest unit (`RateDecisions`)",
  "order-of-operations": "which operation comes next (`ChainDecisions`); then those of each part",
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
