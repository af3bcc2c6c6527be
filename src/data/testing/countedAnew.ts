import { expect } from "vitest";
import type { Data } from "../data";
import { recount } from "../marking/patternCounts";
import { learners, patternCounts } from "../schema";

export const countsAnewEqual = (data: Data): void => {
  const counts = () => ({
    patterns: data
      .select()
      .from(patternCounts)
      .all()
      .filter(({ chances }) => chances !== 0)
      .sort((a, b) => `${a.learnerId}${a.pattern}`.localeCompare(`${b.learnerId}${b.pattern}`)),
    answers: data.select({ id: learners.id, answers: learners.answers }).from(learners).all(),
  });
  const before = counts();
  recount(data, () => "[]");
  expect(counts()).toEqual(before);
};
