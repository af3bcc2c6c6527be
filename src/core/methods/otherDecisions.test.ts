import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type HouseRules, PRESETS } from "../house";
import { type Answer, type Problem, type ProblemKind, writeAnswer } from "../problem";
import { currencyOf } from "../quantity";
import { problemOf } from "../testing/problems";
import { SOUND_CHAIN, workChain } from "./chains/orderOfOperations";
import type { WorkingToDraw } from "./contract/method";
import { workChangingForm } from "./fractions/changingForm";
import { workCommonDenominator } from "./fractions/commonDenominator";
import { workLikeParts } from "./fractions/dividingLikeParts";
import { SOUND_FRACTIONS } from "./fractions/fractionDecisions";
import { workAcross, workTurningOver } from "./fractions/multiplyingAcross";
import { SOUND_RATES } from "./measures/backAndForth";
import { workChangingUnits } from "./measures/changingUnits";
import { SOUND_PADDING, workPadded } from "./measures/paddedColumns";
import { workSmallestUnit } from "./measures/smallestUnit";
import { workUnitColumns } from "./measures/unitColumns";
import { SOUND_UNITS } from "./measures/unitDecisions";
import { SOUND_CHANGE, workChange } from "./money/changeByCountingUp";
import { fewestPieces } from "./money/fewestPieces";
import { workMoney, workRepeated } from "./money/moneyColumns";
import { SOUND_MONEY } from "./money/moneySteps";
import type { MethodId, Reason } from "./reason";
import { SOUND_COUNTERS, workCounters } from "./signed/counters";
import { workGathering } from "./signed/gathering";
import { SOUND_LINE, workNumberLine } from "./signed/numberLine";
import { SOUND_SIGNS, workSignRule } from "./signed/signRule";
import { EVERY_METHOD } from "./workings";

const house = { ...PRESETS.fillersTrueValue, cancelling: "after" } as const;
/** What is left to other methods is worked soundly. */
const part = (problem: Problem, rules: HouseRules): WorkingToDraw<Reason, MethodId> =>
  EVERY_METHOD.workingOtherwise(problem, rules, EVERY_METHOD.preferredMethod(problem, rules), {}, part);
const read = ({ answer }: { readonly answer: Answer }): string => writeAnswer(answer, house);

/** The problem of a line, which is of just this kind. */
function asked<Kind extends ProblemKind>(kind: Kind, line: string): Extract<Problem, { kind: Kind }> {
  const problem = problemOf(line);
  const is = (one: Problem): one is Extract<Problem, { kind: Kind }> => one.kind === kind;
  if (!is(problem)) throw new Error(`${line} is one of ${problem.kind}`);
  return problem;
}

describe("a decision that is not sound gives the whole wrong working", () => {
  it("of fractions: tops and bottoms added, the top left as it was, the dividend turned over", () => {
    const added = {
      ...SOUND_FRACTIONS,
      combinesUnder: (unders: readonly bigint[]) => unders.reduce((sum, under) => sum + under, 0n),
    };
    const like = asked("fractions", "1/8 + 3/8");
    expect(read(workCommonDenominator("multiples", like, house, added, part))).toBe("1/4");
    const unscaled = { ...SOUND_FRACTIONS, scales: (numerator: bigint) => numerator };
    const unlike = asked("fractions", "2/3 + 1/4");
    expect(read(workCommonDenominator("factors", unlike, house, unscaled, part))).toBe("1/4");
    const kept = { ...SOUND_FRACTIONS, turnsOver: <F>(divisor: F): F => divisor };
    expect(read(workTurningOver(asked("fractions", "2/3 ÷ 4/5"), house, kept, part))).toBe("8/15");
    const joined = {
      ...SOUND_FRACTIONS,
      improper: ({ whole, numerator }: { whole: bigint; numerator: bigint }) => whole + numerator,
    };
    expect(read(workAcross(asked("fractions", "2 1/3 × 1/2"), house, joined, part))).toBe("1/2");
    expect(read(workChangingForm(asked("fractions", "2 3/4 as a fraction"), house, joined, part))).toBe(
      "5/4",
    );
    expect(read(workLikeParts(asked("fractions", "2/3 ÷ 1/4"), house, unscaled, part))).toBe("2");
  });

  it("of signed numbers: the opposite forgotten, two minuses that stay, jumps the other way", () => {
    const forgotten = { ...SOUND_SIGNS, opposite: <N>(numeral: N): N => numeral };
    expect(read(workSignRule(asked("signed", "−7 − (−12)"), house, forgotten, part))).toBe("−19");
    const negative = { ...SOUND_SIGNS, productBelow: (negatives: number) => negatives > 0 };
    expect(read(workSignRule(asked("signed", "−4 × (−3)"), house, negative, part))).toBe("−12");
    const sizes = { ...SOUND_SIGNS, addsSizes: () => true };
    expect(read(workGathering(asked("signed", "6 − 9 + 4"), house, sizes, part))).toBe("19");
    const line = { ...SOUND_LINE, jump: (value: number) => Math.abs(value) };
    expect(read(workNumberLine(asked("signed", "−3 + (−4)"), house, line))).toBe("1");
    const pairs = { ...SOUND_COUNTERS, pairs: () => 0 };
    expect(
      workCounters(asked("signed", "−3 − (−5)"), house, pairs)
        .onPaper()
        .steps.map(({ reason }) => reason.kind),
    ).not.toContain("bringZeroPairs");
  });

  it("of money: seven pence as seven tenths, change in small pieces", () => {
    const tenths = {
      ...SOUND_MONEY,
      places: (amount: Parameters<typeof SOUND_MONEY.places>[0]) => {
        const sound = SOUND_MONEY.places(amount);
        return amount.of === "minor" ? { ...sound, fraction: amount.numeral.whole.padEnd(2, "0") } : sound;
      },
    };
    expect(read(workMoney(asked("money", "$1.20 + 7c"), house, tenths, part))).toBe("$1.90");
    expect(read(workRepeated(asked("money", "3 × 7c"), house, tenths, part))).toBe("$2.10");
    const small = {
      ...SOUND_CHANGE,
      pieces: (change: number) => Array.from({ length: change / 5 }, () => 5),
    };
    const change = workChange(asked("money", "$1 − $0.85"), house, small);
    expect(change.onPaper().steps.at(-2)?.reason).toMatchObject({ pieces: [5, 5, 5] });
    expect(read(change)).toBe("$0.15");
  });

  it("of measures: ten ounces in a pound, zeros left out, a pound of hundreds", () => {
    const ten = { ...SOUND_UNITS, rate: () => 10 };
    expect(read(workUnitColumns(asked("measures", "54 lb 3 oz − 27 lb 9 oz"), house, ten))).toBe(
      "26 lb 4 oz",
    );
    const bare = { ...SOUND_PADDING, digits: () => 1 };
    expect(read(workPadded(asked("measures", "3 L 45 mL + 2 L 6 mL"), house, bare, part))).not.toBe(
      "5 L 51 mL",
    );
    const hundreds = { ...SOUND_RATES, rate: () => 100n };
    expect(read(workSmallestUnit(asked("measures", "2 × 1 h 40 min"), house, hundreds, part))).toBe(
      "2 h 80 min",
    );
    expect(read(workChangingUnits(asked("measures", "2 h in min"), house, hundreds, part))).toBe("200 min");
  });

  it("of a chain: from the left, whatever the signs are", () => {
    const leftmost = {
      ...SOUND_CHAIN,
      next: (expression: Parameters<typeof SOUND_CHAIN.next>[0]): ReturnType<typeof SOUND_CHAIN.next> => {
        const { left, right } = expression;
        if (left.kind === "operation") return leftmost.next(left);
        return right.kind === "operation" ? leftmost.next(right) : expression;
      },
    };
    expect(read(workChain(asked("chain", "2 + 3 × 4"), house, SOUND_CHAIN, part))).toBe("14");
    expect(read(workChain(asked("chain", "(2 + 3) × 4 + 1"), house, leftmost, part))).toBe("21");
  });
});

describe("change", () => {
  it("takes as few coins and notes as any choice can, against trying all of them", () => {
    const drawer = fc.uniqueArray(fc.constantFrom<number>(1, 2, 3, 4, 5, 6, 10, 12, 20, 25, 30, 50), {
      minLength: 1,
      maxLength: 5,
    });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 140 }), drawer, (amount, kinds) => {
        const fewest = [0];
        for (let sum = 1; sum <= amount; sum++) {
          fewest.push(1 + Math.min(...kinds.map((kind) => fewest[sum - kind] ?? Number.POSITIVE_INFINITY)));
        }
        const found = fewestPieces(amount, kinds);
        const most = fewest[amount] ?? Number.POSITIVE_INFINITY;
        expect(found?.length ?? Number.POSITIVE_INFINITY).toBe(most);
        if (found === undefined) return;
        expect(found.reduce((sum, piece) => sum + piece, 0)).toBe(amount);
        expect(found.every((piece) => kinds.includes(piece))).toBe(true);
      }),
      { numRuns: 2000 },
    );
  });

  it("never hangs, however large the amount and however short the drawer", () => {
    const { coins, notes } = currencyOf("PHP");
    for (const kinds of [coins, notes, [...coins, ...notes], [3, 7], [6, 10, 15]]) {
      const found = fewestPieces(999_999, kinds);
      if (found) expect(found.reduce((sum, piece) => sum + piece, 0)).toBe(999_999);
    }
  });
});
