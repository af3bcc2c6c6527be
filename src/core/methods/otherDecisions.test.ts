import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "../house";
import { type Answer, writeAnswer } from "../problem";
import { currencyOf } from "../quantity";
import { workedOtherwise } from "../testing/otherwise";
import { SOUND_CHAIN } from "./chains/orderOfOperations";
import { SOUND_FRACTIONS } from "./fractions/fractionDecisions";
import { SOUND_RATES } from "./measures/backAndForth";
import { SOUND_PADDING } from "./measures/paddedColumns";
import { SOUND_UNITS } from "./measures/unitDecisions";
import { SOUND_CHANGE } from "./money/changeByCountingUp";
import { fewestPieces } from "./money/fewestPieces";
import { SOUND_MONEY } from "./money/moneySteps";
import type { MethodId } from "./reason";
import { SOUND_COUNTERS } from "./signed/counters";
import { SOUND_LINE } from "./signed/numberLine";
import { SOUND_SIGNS } from "./signed/signRule";

const house = { ...PRESETS.fillersTrueValue, cancelling: "after" } as const;
const by = (method: MethodId, line: string, decisions: object) =>
  workedOtherwise(method, line, house, decisions);
const read = ({ answer }: { readonly answer: Answer }): string => writeAnswer(answer, house);

describe("a decision that is not sound gives the whole wrong working", () => {
  it("of fractions: tops and bottoms added, the top left as it was, the dividend turned over", () => {
    const added = {
      ...SOUND_FRACTIONS,
      combinesUnder: (unders: readonly bigint[]) => unders.reduce((sum, under) => sum + under, 0n),
    };
    expect(read(by("denominators-by-multiples", "1/8 + 3/8", added))).toBe("1/4");
    const unscaled = { ...SOUND_FRACTIONS, scales: (numerator: bigint) => numerator };
    expect(read(by("denominators-by-factors", "2/3 + 1/4", unscaled))).toBe("1/4");
    const kept = { ...SOUND_FRACTIONS, turnsOver: <F>(divisor: F): F => divisor };
    expect(read(by("turning-over", "2/3 ÷ 4/5", kept))).toBe("8/15");
    const joined = {
      ...SOUND_FRACTIONS,
      improper: ({ whole, numerator }: { whole: bigint; numerator: bigint }) => whole + numerator,
    };
    expect(read(by("multiplying-across", "2 1/3 × 1/2", joined))).toBe("1/2");
    expect(read(by("changing-form", "2 3/4 as a fraction", joined))).toBe("5/4");
    expect(read(by("dividing-like-parts", "2/3 ÷ 1/4", unscaled))).toBe("2");
  });

  it("of signed numbers: the opposite forgotten, two minuses that stay, jumps the other way", () => {
    const forgotten = { ...SOUND_SIGNS, opposite: <N>(numeral: N): N => numeral };
    expect(read(by("sign-rule", "−7 − (−12)", forgotten))).toBe("−19");
    const negative = { ...SOUND_SIGNS, productBelow: (negatives: number) => negatives > 0 };
    expect(read(by("sign-rule", "−4 × (−3)", negative))).toBe("−12");
    const sizes = { ...SOUND_SIGNS, addsSizes: () => true };
    expect(read(by("gathering", "6 − 9 + 4", sizes))).toBe("19");
    const line = { ...SOUND_LINE, jump: (value: number) => Math.abs(value) };
    expect(read(by("number-line", "−3 + (−4)", line))).toBe("1");
    const pairs = { ...SOUND_COUNTERS, pairs: () => 0 };
    expect(
      by("counters", "−3 − (−5)", pairs)
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
    expect(read(by("money-in-columns", "$1.20 + 7c", tenths))).toBe("$1.90");
    expect(read(by("repeated-addition", "3 × 7c", tenths))).toBe("$2.10");
    const small = {
      ...SOUND_CHANGE,
      pieces: (change: number) => Array.from({ length: change / 5 }, () => 5),
    };
    const change = by("change-by-counting-up", "$1 − $0.85", small);
    expect(change.onPaper().steps.at(-2)?.reason).toMatchObject({ pieces: [5, 5, 5] });
    expect(read(change)).toBe("$0.15");
  });

  it("of measures: ten ounces in a pound, zeros left out, a pound of hundreds", () => {
    const ten = { ...SOUND_UNITS, rate: () => 10 };
    expect(read(by("unit-columns", "54 lb 3 oz − 27 lb 9 oz", ten))).toBe("26 lb 4 oz");
    const bare = { ...SOUND_PADDING, digits: () => 1 };
    expect(read(by("padded-columns", "3 L 45 mL + 2 L 6 mL", bare))).not.toBe("5 L 51 mL");
    const hundreds = { ...SOUND_RATES, rate: () => 100n };
    expect(read(by("smallest-unit", "2 × 1 h 40 min", hundreds))).toBe("2 h 80 min");
    expect(read(by("changing-units", "2 h in min", hundreds))).toBe("200 min");
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
    expect(read(by("order-of-operations", "2 + 3 × 4", SOUND_CHAIN))).toBe("14");
    expect(read(by("order-of-operations", "(2 + 3) × 4 + 1", leftmost))).toBe("21");
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
