import Fraction from "fraction.js";
import { describe, expect, it } from "vitest";
import { houseRulesFrom, PRESETS } from "../house";
import { answerValueOf, divisorOf, exactAnswer, fractionOf, operandsOf } from "../problem";
import { writeQuantity } from "../quantity";
import { valueOfResult } from "../testing/valueOfResult";
import { WORKSHOP } from "../wording";
import { backThrough, drawStory, operationsOf, STORY_KINDS } from ".";

const comma = houseRulesFrom({ decimalMark: "comma", currency: "EUR", remainders: "quotientAndRemainder" });
const houses = [PRESETS.fillersTrueValue, PRESETS.gapsShort, ...(comma.ok ? [comma.value] : [])];

const all = houses.flatMap((house) =>
  STORY_KINDS.flatMap(({ id }) =>
    Array.from({ length: 12 }, (_, seed) => {
      const drawn = valueOfResult(drawStory(id, WORKSHOP, house, 101 * seed + 5), `${id} has no story`);
      return { id, house, story: drawn };
    }),
  ),
);

describe("the operations of a story", () => {
  it("come to its answer, each with numbers of the story or what came out before", () => {
    for (const { id, house, story } of all) {
      const operations = operationsOf(story.working);
      expect([id, operations.at(-1)?.answer]).toEqual([id, story.working.answer]);
      const known = [...story.givens.map(({ quantity, changed }) => changed?.quantity ?? quantity)];
      if (story.missing !== undefined) known.push(story.missing.quantity);
      const values = known.map(fractionOf);
      for (const { problem, answer } of operations) {
        for (const operand of operandsOf(problem))
          expect([
            id,
            writeQuantity(operand, house),
            values.some((one) => one.equals(fractionOf(operand))),
          ]).toEqual([id, writeQuantity(operand, house), true]);
        // Judged by arithmetic that works no problem; whether it is enough is how much is left.
        const value = answerValueOf(answer, divisorOf(problem)).abs();
        if (answer.kind !== "rounded" && answer.kind !== "roundedAmount" && answer.kind !== "handed")
          expect([id, value.equals(exactAnswer(problem).abs())]).toEqual([id, true]);
        values.push(value, new Fraction(exactAnswer(problem)));
      }
    }
  });

  it("are undone one after another until a number that the story gives comes out", () => {
    for (const { id, house, story } of all) {
      const back = backThrough(story.working);
      expect([id, back.length > 0]).toEqual([id, true]);
      for (const { problem, answer } of back)
        expect([id, exactAnswer(problem).equals(answerValueOf(answer, divisorOf(problem)))]).toEqual([
          id,
          true,
        ]);
      const last = back.at(-1);
      const given = operandsOf(story.working.problem).map(fractionOf);
      const comes = last && answerValueOf(last.answer, divisorOf(last.problem));
      // What one has is compared with what is to be paid, which the story gives in parts.
      const isShort = story.working.answer.kind === "sufficiency" && !story.working.answer.enough;
      expect([id, house.currency, isShort || given.some((one) => comes?.equals(one))]).toEqual([
        id,
        house.currency,
        true,
      ]);
    }
  });
});
