import { describe, expect, it } from "vitest";
import { runOf } from "../checks";
import { PRESETS } from "../house";
import { EVERY_METHOD, type MethodId, workingOf } from "../methods";
import { problemOf } from "../testing/problems";
import { pictureWords } from "../wording";
import { pictureOf } from ".";

const house = PRESETS.fillersTrueValue;

/** What is said of the pictures of a working's steps with a reason of some kind; none where a step has none. */
function seen(line: string, method: MethodId, kind: string): readonly (string | undefined)[] {
  const { working, steps } = runOf(workingOf(problemOf(line), house, method), EVERY_METHOD);
  return steps.flatMap(({ reason }) => {
    if (reason.kind !== kind) return [];
    const picture = pictureOf(reason, working);
    return [picture && pictureWords(picture, house)];
  });
}

describe("what stands beside a step to be seen", () => {
  it("is ten tenths put together to a one, and nothing where whole numbers are added", () => {
    const [tenths, ones, tens] = seen("15.7 + 12.6", "column-addition", "columnSum");
    expect(tenths).toMatch(/^Seven tenths and six tenths, regrouped.*one one.*three tenths/);
    expect(ones).toMatch(/ones/);
    expect(tens).toBeUndefined();
    expect(seen("57 + 26", "column-addition", "columnSum").every((one) => one === undefined)).toBe(true);
  });

  it("is one that becomes nine tenths and ten hundredths, across an empty place", () => {
    const [exchange] = seen("5.03 − 2.65", "subtraction-by-decomposition", "exchange");
    expect(exchange).toMatch(/^One one, regrouped as nine tenths and ten hundredths/);
  });

  it("is the line that is counted up along, with as many stops as hops are made", () => {
    const hops = seen("5 − 2.04", "counting-up", "hopUp");
    expect(hops.length).toBeGreaterThan(1);
    for (const hop of hops) expect(hop).toMatch(/2\.04/);
    expect(new Set(hops).size).toBe(hops.length);
  });

  it("is the rectangle of a product, and the part of it that is worked", () => {
    const [part] = seen("12 × 3", "area", "areaProduct");
    expect(part).toMatch(/10/);
    expect(seen("12 × 3", "area", "partAlong").every((one) => one !== undefined)).toBe(true);
  });

  it("is both fractions cut into the parts of their cross products", () => {
    const [both] = seen("compare 2/3 and 3/4", "cross-products", "overBoth");
    expect(both).toMatch(/two thirds.*three quarters/);
    expect(seen("compare 2/97 and 3/89", "cross-products", "overBoth")).toEqual([undefined]);
  });

  it("is the coins of the change, and what a rounded number lies between", () => {
    expect(seen("$10 − $6.35", "change-by-counting-up", "changeTotal")[0]).toMatch(/\$/);
    expect(seen("round 3.748 to tenths", "rounding-by-place", "neighbours")[0]).toMatch(/3\.7.*3\.8/);
  });
});
