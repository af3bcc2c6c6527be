import fc from "fast-check";
import { expect, it } from "vitest";
import { PRESETS } from "../house";
import { anyProblemFor } from "../testing/arbitrary";
import { brokenClaims } from "../testing/claims/brokenClaims";
import { falsified } from "../testing/claims/falsified";
import { UNTOLD } from "../testing/claims/untold";
import { RUNS_WHOLE, runsOf } from "../testing/runs";
import { METHOD_IDS, workingOf } from "./workings";

/** How often each number of a reason is falsified. */
const TIMES = 12;

const holds = (working: Parameters<typeof brokenClaims>[0]): boolean => {
  try {
    return brokenClaims(working).length === 0;
  } catch {
    // What can't even be worked out is found too.
    return false;
  }
};

it("a reason with any number in it falsified breaks a claim, but for numbers that are listed", () => {
  const tried = new Map<string, { times: number; found: number }>();
  for (const method of METHOD_IDS)
    for (const problem of fc.sample(anyProblemFor(method), {
      numRuns: runsOf("falsifiedReasons"),
      seed: 5,
    })) {
      const { steps, answer, ...working } = workingOf(problem, PRESETS.fillersTrueValue, method);
      for (const [nth, step] of steps.entries())
        for (const { field, value } of falsified(step.reason)) {
          const name = `${step.reason.kind}.${field}`;
          const count = tried.get(name) ?? { times: 0, found: 0 };
          tried.set(name, count);
          if (count.times === TIMES) continue;
          count.times += 1;
          const falsely = steps.map((one, at) => (at === nth ? { ...one, reason: value } : one));
          if (!holds({ problem: working.problem, answer, steps: falsely })) count.found += 1;
        }
    }
  const neverFound = [...tried].flatMap(([name, { found }]) => (found === 0 ? [name] : []));
  const listed: readonly string[] = Object.entries(UNTOLD).flatMap(([kind, fields]) =>
    fields.map((field) => `${kind}.${field}`),
  );
  expect(neverFound.filter((name) => !listed.includes(name))).toEqual([]);
  expect(tried.size).toBeGreaterThan(600);
  // A number that is found each time by now is no longer listed.
  const stale = listed.filter((name) => {
    const count = tried.get(name);
    return RUNS_WHOLE && (count === undefined || count.found === count.times);
  });
  expect(stale).toEqual([]);
});
