"use server";

import { z } from "zod";
import { pagesOf } from "@/core/board";
import { runOf } from "@/core/checks";
import { type HouseRules, houseRulesFrom } from "@/core/house";
import { readGiven } from "@/core/marking";
import { EVERY_METHOD, workingOf } from "@/core/methods";
import { markWork, type Paper } from "@/core/paper";
import { LONGEST_LINE, type Problem, readOneQuantity, readProblem, writeAnswer } from "@/core/problem";
import {
  estimateJudged,
  markedAnswer,
  remedyWords,
  replayOf,
  type SlipId,
  slipFacts,
  waysTaken,
  wrongWays,
} from "@/core/slips";
import { estimateLine, givenErrorWords, houseRefusalWords, readErrorWords } from "@/core/wording";
import { database, findLearner, historyOf, keepAttempt } from "@/data";
import { newId } from "@/ui/ids";
import { LONGEST_ANSWER } from "@/ui/marking/marks";
import { LONGEST_GUESS } from "@/ui/routes";
import { wrongWayAddress } from "@/ui/slips/address";
import type { HandedIn, HandIn } from "@/ui/turn/handedIn";
import { houseChoicesSchema } from "./saved";

const number = z.number().finite();
const markSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("glyph"),
    col: number,
    row: number,
    text: z.string().max(8),
    look: z.enum(["written", "filler"]),
  }),
  z.object({
    kind: z.literal("small"),
    col: number,
    row: number,
    seat: z.enum(["low", "high", "corner", "tens", "ones"]),
    text: z.string().max(8),
  }),
  z.object({
    kind: z.literal("strike"),
    col: number,
    row: number,
    target: z.enum(["square", "point", "low", "high", "corner", "tens", "ones"]),
  }),
  z.object({ kind: z.literal("point"), line: number, row: number, look: z.enum(["written", "hidden"]) }),
  z.object({
    kind: z.literal("rule"),
    row: number,
    from: number,
    to: number,
    strokes: z.union([z.literal(1), z.literal(2)]),
  }),
  z.object({ kind: z.literal("jump"), row: number, from: number, to: number, rise: number }),
  z.object({ kind: z.literal("leap"), line: number, row: number, to: number }),
  z.object({ kind: z.literal("frame"), col: number, row: number, width: number, height: number }),
  z.object({ kind: z.literal("diagonal"), col: number, row: number, size: number }),
  z.object({
    kind: z.literal("upright"),
    line: number,
    row: number,
    to: number,
    look: z.enum(["straight", "curved"]),
  }),
]);

/** The most marks of a paper that are kept. */
const MOST_MARKS = 2000;

const handInSchema = z.object({
  problem: z.string().max(LONGEST_LINE),
  house: houseChoicesSchema,
  answer: z.string().max(LONGEST_ANSWER),
  marks: z.array(z.unknown()).max(MOST_MARKS),
  hints: z.number().int().min(0).max(999),
  estimate: z.string().max(LONGEST_GUESS),
  seconds: z.number().int().min(0).max(86_400),
  learner: z.string().max(40),
});

/** Marks what a learner hands in, explains it where it is wrong, and keeps it where a learner is named. */
export async function handIn(sent: HandIn): Promise<HandedIn> {
  const body = handInSchema.parse(sent);
  const house = houseRulesFrom(body.house);
  if (!house.ok) return { ok: false, message: houseRefusalWords(house.error) };
  const problem = readProblem(body.problem, house.value);
  if (!problem.ok) return { ok: false, message: readErrorWords(problem.error, house.value) };
  const given = readGiven(body.answer, problem.value, house.value);
  if (!given.ok) return { ok: false, message: givenErrorWords(given.error, house.value) };
  const data = database();
  const learner = findLearner(data, body.learner);
  // Marks of kinds that a learner can't write are passed over.
  const paper: Paper = { marks: body.marks.flatMap((mark) => markSchema.safeParse(mark).data ?? []) };
  const ways = wrongWays(problem.value, house.value);
  const history = learner && historyOf(data, learner.id);
  const { verdict, explanations } = markedAnswer(ways, given.value, house.value, history);
  const shown = explanations.map(({ slips, probability }) => ({
    slips,
    names: slips.map((id) => slipFacts(id).name),
    probability,
    replay: wrongWayAddress(body.problem, house.value, slips, body.answer),
    onPaper: agrees(paper, problem.value, house.value, slips, given.value.answer),
  }));
  // What the paper itself shows goes before what the answer alone makes likely.
  const ranked = [...shown].sort(
    (a, b) => Number(b.onPaper) - Number(a.onPaper) || b.probability - a.probability,
  );
  const guess = readOneQuantity(body.estimate, house.value);
  const judged = guess.ok ? estimateJudged(problem.value, guess.value) : undefined;
  if (learner !== undefined) {
    keepAttempt(
      data,
      {
        id: newId(),
        learnerId: learner.id,
        sheet: undefined,
        problem: body.problem,
        house: house.value,
        given: body.answer,
        verdict: verdict.kind,
        slips: ranked[0]?.slips ?? [],
        probability: ranked[0]?.probability,
        chosen: false,
        note: "",
        marks: JSON.stringify(paper.marks),
        hints: body.hints,
        estimate: body.estimate,
        seconds: body.seconds,
      },
      [...waysTaken(ways, given.value.answer), ...(judged === undefined ? [] : [judged])],
      new Date(),
    );
  }
  const { estimate } = runOf(workingOf(problem.value, house.value), EVERY_METHOD);
  return {
    ok: true,
    verdict: verdict.kind,
    faults: verdict.kind === "form" ? verdict.faults : [],
    right: writeAnswer(ways.right, house.value),
    estimate: estimate ? estimateLine(estimate, house.value) : "",
    belief: judged?.shown === true ? beliefOf(judged.slip) : undefined,
    explanations: ranked,
    kept: learner !== undefined,
  };
}

const beliefOf = (slip: SlipId): { readonly name: string; readonly remedy: string } => ({
  name: slipFacts(slip).name,
  remedy: remedyWords(slip),
});

/** Whether everything on the paper is as a working with these slips would have it. */
function agrees(
  paper: Paper,
  problem: Problem,
  house: HouseRules,
  slips: readonly SlipId[],
  given: Parameters<typeof replayOf>[3],
): boolean {
  const wrong = replayOf(problem, house, slips, given)?.wrong;
  if (wrong === undefined) return false;
  return pagesOf(wrong.layout, wrong.steps).some((page) => {
    const aligned = page.layout.columns.length > 0;
    const found = markWork(paper, [{ aligned, steps: page.writings, operandRows: [] }], false);
    return found.agree > 2 && found.wrong === undefined && found.next === undefined;
  });
}
