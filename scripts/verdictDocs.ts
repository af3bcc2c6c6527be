// The table of docs/error-patterns.md that says what an answer of the right value is called, and why.
import { PRESETS } from "@/core/house";
import { type FormFault, readLearnerAnswer, verdictOf } from "@/core/marking";
import { answerOf } from "@/core/methods";
import { readProblem } from "@/core/problem";
import { FORM_FAULT_WORDS } from "@/core/wording";
import { code, table } from "./markdown";

const house = PRESETS.fillersTrueValue;

/** An answer, what it is called, and why. */
interface Row {
  readonly problem: string;
  readonly given: string;
  readonly is: "right" | "wrong" | FormFault;
  readonly since: string;
}

const ROWS: readonly Row[] = [
  {
    problem: "14 ÷ 4",
    given: "3 1/2",
    is: "right",
    since: "a quotient that is asked for in no form may have any that is worked out",
  },
  { problem: "14 ÷ 4", given: "3 r 2", is: "right", since: "the same" },
  { problem: "14 ÷ 4", given: "7/2", is: "right", since: "a fraction in lowest terms is what it comes to" },
  { problem: "12 ÷ 4", given: "12/4", is: "notWorked", since: "the division is only written another way" },
  {
    problem: "0.4 ÷ 2",
    given: "2/10",
    is: "notWorked",
    since: "a fraction that can be made shorter was not worked to its end",
  },
  { problem: "14 ÷ 4", given: "2 r 6", is: "goesOnceMore", since: "what is left could be shared once more" },
  {
    problem: "share $20 among 3",
    given: "$6.66",
    is: "restMissing",
    since: "two cents are left, and nobody says so",
  },
  {
    problem: "share $20 among 3",
    given: "$6.67",
    is: "rounded",
    since: "rounded, where the cents were to be shared",
  },
  {
    problem: "share $20 among 3",
    given: "$6 r $2",
    is: "goesOnceMore",
    since: "dollars that are left can be shared in cents",
  },
  {
    problem: "2/5 + 1/10",
    given: "5/10",
    is: "notSimplified",
    since: "lowest terms are asked for everywhere",
  },
  {
    problem: "1 1/2 + 1 1/2",
    given: "3 0/2",
    is: "notSimplified",
    since: "nothing of a part is left beside the whole",
  },
  { problem: "2 1/2 + 3/4", given: "13/4", is: "improper", since: "the problem is in mixed numbers" },
  {
    problem: "2 1/2 + 3/4",
    given: "2 5/4",
    is: "partAboveOne",
    since: "it is a mixed number, but one more whole is in its part",
  },
  { problem: "0.2 + 0.3", given: "1/2", is: "otherForm", since: "the problem is in decimals" },
  {
    problem: "2 ÷ 3 to hundredths",
    given: "0.667",
    is: "notRounded",
    since: "rounded rightly, to another place than was asked for",
  },
  { problem: "2 ÷ 3 to hundredths", given: "0.66", is: "wrong", since: "cut off, not rounded" },
  {
    problem: "round 3.748 to tenths",
    given: "3.70",
    is: "trailingZeros",
    since: "it claims to be true to hundredths",
  },
  { problem: "1 ÷ 3", given: "0.33", is: "rounded", since: "the exact value was wanted" },
  {
    problem: "2 h 50 min + 1 h 25 min",
    given: "3 h 75 min",
    is: "notRegrouped",
    since: "no more of a unit than make one of the next",
  },
  {
    problem: "2 h 50 min + 1 h 25 min",
    given: "255 min",
    is: "notRegrouped",
    since: "the same, where it is written in one unit",
  },
  {
    problem: "2 h 50 min + 1 h 25 min",
    given: "4.25 h",
    is: "notRegrouped",
    since: "parts of an hour are minutes: only tens go after a point",
  },
  {
    problem: "3 kg 200 g + 1 kg 900 g",
    given: "5.1 kg",
    is: "right",
    since: "a gram is a thousandth: the point says the same",
  },
  {
    problem: "6 × $0.45",
    given: "$2.7",
    is: "moneyPlaces",
    since: "money is written with both places of its cents",
  },
  { problem: "6 × $0.45", given: "2.70", is: "unitMissing", since: "the sign is part of the answer" },
  {
    problem: "order 0.5; 0.45; 0.405",
    given: "0.5; 0.45; 0.405",
    is: "fromLargest",
    since: "in order, from the other end; what may be behind it is told all the same",
  },
];

function verdictWords({ problem: line, given, is }: Row): string {
  const problem = readProblem(line, house);
  if (!problem.ok) throw new Error(`verdictDocs: ${line} does not read`);
  const read = readLearnerAnswer(given, problem.value, house);
  const verdict = read.ok
    ? verdictOf(problem.value, answerOf(problem.value, house), read.value, house)
    : undefined;
  const found = verdict?.kind === "form" ? verdict.faults.join() : verdict?.kind;
  if (found !== is) throw new Error(`verdictDocs: ${line} answered with ${given} is ${found}, not ${is}`);
  return is === "right" || is === "wrong" ? is : FORM_FAULT_WORDS[is];
}

export const verdictTable = (): string =>
  table(
    ["Problem", "Answer", "Is", "Since"],
    ROWS.map((row) => [code(row.problem), code(row.given), verdictWords(row), row.since]),
  );
