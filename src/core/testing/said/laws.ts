import type { RunReason } from "../../checks";

type StepKind = RunReason["kind"];

/** A general law that a why-line states, the kinds of steps in which it holds, and the reason it holds there. */
interface Law {
  readonly states: RegExp;
  readonly holdsIn: readonly StepKind[];
  readonly since: string;
  /** What the step itself must be like, where the kind alone does not make the law true. */
  readonly where?: (reason: RunReason) => boolean;
}

const law = (
  states: RegExp,
  holdsIn: readonly StepKind[],
  since: string,
  where?: (reason: RunReason) => boolean,
): Law => ({ states, holdsIn, since, ...(where === undefined ? {} : { where }) });

/** Whether what is undone is one operation, and it is led back by its opposite. */
const undoes =
  (undone: string, by: string) =>
  (reason: RunReason): boolean => {
    if (reason.kind !== "inverse") return false;
    const { undone: asked, working } = reason.inverse;
    return asked.op === undone && (working.problem.op === by || working.problem.op === "terms");
  };

/** Words by which a sentence claims to hold always, and so must be a law that stands in the table. */
const LAWFUL =
  /\b(?:undo(?:es)?|always|every|in any order|changes? nothing|change nothing|never|must lead|in whichever|keeps the quotient|undo each other)\b/i;

/** The laws that are stated, each tied to where it holds. A law in a step that is not named here is a fault, and so is one that is missing here. */
const LAWS: readonly Law[] = [
  law(
    /^Taking away undoes adding/,
    ["inverse"],
    "the sum has its last addend taken away",
    undoes("add", "subtract"),
  ),
  law(
    /^Adding undoes taking away/,
    ["inverse"],
    "the difference has the smaller number added",
    undoes("subtract", "add"),
  ),
  law(
    /^Dividing undoes multiplying/,
    ["inverse"],
    "the product is divided by a factor that is not zero",
    undoes("multiply", "divide"),
  ),
  law(
    /^Multiplying undoes dividing/,
    ["inverse"],
    "the quotient is exact, and multiplied by the divisor",
    (reason) => undoes("divide", "multiply")(reason) && reason.kind === "inverse" && !reason.inverse.plus,
  ),
  law(
    /^Quotient times divisor, with what is left, is the dividend/,
    ["inverse"],
    "what is left is added",
    (reason) => undoes("divide", "multiply")(reason) && reason.kind === "inverse" && !!reason.inverse.plus,
  ),
  law(/^Each term taken away again undoes it/, ["inverse"], "terms are added with their signs", (reason) =>
    undoes("terms", "terms")(reason),
  ),
  law(
    /^(?:Written back it must be what it was|What was handed over is the price and the change)/,
    ["inverse"],
    "only the way of writing changed; change is what was handed over less the price",
  ),
  law(/A factor above the line and the same factor below undo each other/, ["cancel"], "a/a is 1"),
  law(/Multiplying by .+ and dividing by .+ undo|so one undoes the other/, ["turnOver"], "a/b × b/a is 1"),
  law(
    /undoes what leaving out the (?:comma|point) had done/,
    ["pointByCounting"],
    "each hop is one power of ten",
  ),
  law(
    /sums? may be taken in any order/,
    ["partsApart", "gatherSides"],
    "addition commutes and associates, signs kept with their numbers",
  ),
  law(
    /(?:divided by|by) the same(?: number)? changes nothing|so it changes nothing/,
    ["readyToCancel", "simplifyPart", "scaleBoth"],
    "numerator and denominator times or divided by one number",
  ),
  law(
    /zeros? after the last decimal changes? nothing|zero after the last decimal changes nothing/,
    ["fillers", "bringDown"],
    "a place that is not there counts nothing",
  ),
  law(/Zeros in front change nothing/, ["padProduct"], "no place left of the first digit counts anything"),
  law(/zeros at the end change nothing/, ["pickSmallest"], "decimals are compared by value"),
  law(
    /keeps the place open and changes nothing/,
    ["fillers"],
    "the filler stands where the number has no digit",
  ),
  law(/pairs change nothing/, ["bringZeroPairs"], "one plus and one minus counter come to nothing"),
  law(
    /Every denominator divides their product|every denominator divides/,
    ["multiplyDenominators", "primeFactors", "listMultiples"],
    "the product, and the least common multiple, hold each denominator as a factor",
  ),
  law(
    /Every number keeps its unit/,
    ["writeMeasures"],
    "each count of the problem is written in its unit's column",
  ),
  law(
    /Every place has the same digit/,
    ["nameAnswer"],
    "the relation that is named is equality",
    (reason) =>
      reason.kind === "nameAnswer" && reason.answer.kind === "comparison" && reason.answer.relation === "=",
  ),
  law(
    /Everything between two diagonals counts the same place/,
    ["diagonalSum"],
    "one place right in one factor is one place down in the other",
  ),
  law(
    /every digit is worth .+ (?:as much|of what it was)/,
    ["shiftDigits"],
    "all digits move together by one power of ten",
  ),
  law(/every square holds two digits/, ["cellProduct"], "the product of two digits is less than a hundred"),
  law(
    /A quotient of whole numbers always ends or comes again/,
    ["goesOnTooLong"],
    "there are fewer remainders than the divisor, so one comes again",
  ),
  law(
    /Every number below zero is smaller than/,
    ["signsFirst"],
    "one of the two numbers lies below zero and the other does not",
  ),
  law(/taken from the larger is never below zero/, ["bySubtracting"], "the larger is the minuend"),
  law(
    /Multiplying dividend and divisor by the same keeps the quotient, but the remainder grows/,
    ["remainderLeft"],
    "a remainder is counted in the pieces that were shared out",
  ),
  law(/^Every .+ make one whole/, ["countOut"], "as many pieces as the denominator names are the whole"),
];

/** The sentences of a why-line that state a law where it is not known to hold. */
export const lawsBroken = (why: string, reason: RunReason): readonly string[] =>
  why.split(/(?<=[.;:?!]) /).filter((sentence) => {
    const stated = LAWS.filter(({ states }) => states.test(sentence));
    return stated.length === 0
      ? LAWFUL.test(sentence)
      : !stated.some(
          ({ holdsIn, where }) => holdsIn.includes(reason.kind) && (where === undefined || where(reason)),
        );
  });
