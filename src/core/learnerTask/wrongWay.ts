import type { PaperLayout, Writing } from "../board";
import { runOf } from "../checks";
import {
  explanationsOf,
  isSlip,
  type PatternId,
  type PatternReason,
  type PatternResults,
  patternResults,
  type Replay,
  replayOf,
  separatingProblem,
  slipsBehind,
  undoingOf,
} from "../errorPatterns";
import type { HouseRules } from "../house";
import { readLearnerAnswer } from "../marking";
import { EVERY_METHOD, type Reason, type Step, type StepStage } from "../methods";
import { type Picture, pictureOf } from "../pictures";
import { type Problem, writeAnswer, writeProblem } from "../problem";
import { mapTwo } from "../tuples";
import { methodWords, notNearWords, patternWords, remedyWords, stepWords, undoneWords } from "../wording";
import { stepsSaid } from "./stepsSaid";

/** A step of a replay as the screen shows it: its marks, and what is said to it. */
interface ShownStep extends Writing {
  readonly stage: StepStage;
  readonly say: string;
}

/** One of two workings laid side by side. */
export interface ShownWay {
  readonly layout: PaperLayout;
  readonly steps: readonly ShownStep[];
  readonly answer: string;
}

/** A pattern that comes into the problem, and what it leads to. */
export interface PatternChoice {
  readonly patterns: readonly PatternId[];
  readonly name: string;
  readonly answer: string;
}

/** A wrong way replayed: what is done, beside the sound way, and what gives it away. */
export interface WrongWay {
  readonly line: string;
  readonly method: string;
  readonly patterns: readonly {
    readonly name: string;
    readonly does: string;
    readonly remedy: string;
    readonly apart: string;
  }[];
  readonly wrong: ShownWay;
  readonly sound: ShownWay;
  /** The step, from 1, at which the wrong way leaves the sound one. */
  readonly departs: number;
  readonly estimate: string | undefined;
  readonly undoing: string | undefined;
  readonly picture: Picture | undefined;
  readonly separating:
    | {
        readonly line: string;
        /** What it is told from. */
        readonly from: string;
        readonly patterns: readonly PatternId[];
        /** What this way would answer to it, and what the other one would. */
        readonly answers: readonly [string, string];
      }
    | undefined;
}

/** Every pattern that comes into a problem by itself, the commonest wrong answers first in the catalogue's order. */
export function choicesFor(ways: PatternResults, house: HouseRules): readonly PatternChoice[] {
  return ways.ways
    .filter(
      ({ patterns: [first, second] }) => second === undefined && (first === undefined || !isSlip(first)),
    )
    .flatMap(({ patterns }) => {
      const replay = replayOf(ways.problem, house, patterns);
      const [pattern] = patterns;
      if (replay === undefined || pattern === undefined) return [];
      return [
        {
          patterns,
          name: patternWords(pattern).name,
          answer: writeAnswer(replay.wrong.answer, house),
        },
      ];
    });
}

/** A wrong way as the screen shows it; none where the patterns do not come into the problem. */
export function wrongWayOf(
  problem: Problem,
  house: HouseRules,
  patterns: readonly PatternId[],
  typed: string | undefined,
): WrongWay | undefined {
  const given = typed === undefined ? undefined : readLearnerAnswer(typed, problem, house);
  const replay = replayOf(problem, house, patterns, given?.ok ? given.value.answer : undefined);
  if (replay === undefined) return undefined;
  const { wrong, sound, departs } = replay;
  const answer = given?.ok ? given.value.answer : undefined;
  const slips = slipsBehind(problem, sound.answer, patterns, answer).map(({ about }) => about);
  const said = stepsSaid({ replay, problem, patterns, slips, house });
  const error = { problem, wrong: writeAnswer(wrong.answer, house) };
  const soundStep = sound.steps[departs];
  return {
    line: writeProblem(problem, house),
    method: methodWords(sound.method).name,
    patterns: patterns.map((id) => {
      const { name, does, apart } = patternWords(id);
      return { name, does, remedy: remedyWords(id, error, house), apart };
    }),
    wrong: { layout: wrong.layout, steps: shown(wrong.steps, said), answer: error.wrong },
    sound: {
      layout: sound.layout,
      steps: shown(
        sound.steps,
        sound.steps.map(({ reason }) => stepWords(reason, house).say),
      ),
      answer: writeAnswer(sound.answer, house),
    },
    departs: departs + 1,
    ...tellsOf(replay, problem, house),
    picture: soundStep && pictureOf(soundStep.reason, sound),
    separating: separatingOf(replay, problem, house, patterns),
  };
}

/** The steps of a working with what is said to each. */
const shown = (
  steps: readonly Step<Reason | PatternReason>[],
  said: readonly string[],
): readonly ShownStep[] =>
  steps.map(({ stage, marks, focus, page }, index) => ({
    stage,
    marks,
    focus,
    say: said[index] ?? "",
    ...(page === undefined ? {} : { page }),
  }));

/** What gives a wrong answer away at once: the estimate, and the answer taken back. */
function tellsOf(
  { wrong, sound }: Replay,
  problem: Problem,
  house: HouseRules,
): Pick<WrongWay, "estimate" | "undoing"> {
  const { estimate } = runOf(sound, EVERY_METHOD);
  const written = writeAnswer(wrong.answer, house);
  const undoing = undoingOf(problem, wrong.answer, house);
  return {
    estimate: estimate && notNearWords(estimate, written, house),
    undoing: undoing && undoneWords(undoing, house),
  };
}

/** A problem that would tell these patterns from the likeliest others that lead to the same answer here. */
function separatingOf(
  { wrong }: Replay,
  problem: Problem,
  house: HouseRules,
  patterns: readonly PatternId[],
): WrongWay["separating"] {
  const others = explanationsOf(patternResults(problem, house), wrong.answer).filter(
    (one) => one.patterns.join() !== patterns.join(),
  );
  for (const { patterns: other } of others) {
    const separating = separatingProblem(problem, house, patterns, other);
    if (separating === undefined) continue;
    return {
      line: writeProblem(separating.problem, house),
      from: other.map((id) => patternWords(id).name).join("; "),
      patterns,
      answers: mapTwo(separating.answers, (answer) => writeAnswer(answer, house)),
    };
  }
  return undefined;
}
