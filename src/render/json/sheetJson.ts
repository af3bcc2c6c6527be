import type { PatternId } from "@/core/errorPatterns";
import { waysTaken, wrongWays } from "@/core/errorPatterns";
import { featuresOf } from "@/core/features";
import { type HouseChoices, houseRulesFrom } from "@/core/house";
import { writeAnswer, writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { DRAWING, type Drawn, drawSheet, SKILLS, type SkillId } from "@/core/sheets";
import {
  houseRefusalWords,
  NO_SKILL,
  NOTHING_DRAWN,
  patternWords,
  SKILL_NAMES,
  STRAND_NAMES,
} from "@/core/wording";
import { type ProgramError, workLine } from "./workJson";

/** What a sheet is drawn from. */
export interface SheetRequest {
  readonly skill: string;
  readonly count: number;
  readonly seed: number;
  readonly house?: HouseChoices | undefined;
}

/** A drawn sheet with its house, or the error to give. */
function drawnFor({ skill, count, seed, house: choices }: SheetRequest) {
  const house = houseRulesFrom(choices ?? {});
  if (!house.ok)
    return failed<ProgramError>({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const rung = SKILLS.find(({ id }) => id === skill);
  if (rung === undefined) return failed<ProgramError>({ code: "unknownSkill", message: NO_SKILL(skill) });
  const drawn = drawSheet(rung.climb, count, house.value, seed);
  return drawn.ok
    ? done({ rung, house: house.value, drawn: drawn.value })
    : failed<ProgramError>({ code: "nothingDrawn", message: NOTHING_DRAWN });
}

/** A sheet as programs get it: every problem with its answer and its notch, 1 for plain to 4 for the trap. */
export function sheetRequested(request: SheetRequest): Result<
  {
    readonly skill: SkillId;
    readonly name: string;
    readonly seed: number;
    /** The version of the rules it was drawn by. */
    readonly drawing: number;
    readonly problems: readonly {
      readonly problem: string;
      readonly answer: string;
      readonly notch: number;
    }[];
  },
  ProgramError
> {
  const found = drawnFor(request);
  if (!found.ok) return found;
  const { rung, house, drawn } = found.value;
  return done({
    skill: rung.id,
    name: SKILL_NAMES[rung.id],
    seed: request.seed,
    drawing: DRAWING,
    problems: drawn.map(({ problem, working, notch }) => ({
      problem: writeProblem(problem, house),
      answer: writeAnswer(working.answer, house),
      notch: notch + 1,
    })),
  });
}

/** A sheet a line each, as programs work problems by the line, with the features of each beside. */
export function sheetLines(request: SheetRequest): Result<readonly object[], ProgramError> {
  const found = drawnFor(request);
  if (!found.ok) return found;
  const { house, drawn } = found.value;
  return done(
    drawn.map(({ problem, working }) => ({
      problem: writeProblem(problem, house),
      ...workLine(working),
      features: featuresOf(working),
    })),
  );
}

/** How many samples of a rung are looked at for what may go wrong in it, and how often it must be able to. */
const SAMPLES = 12;
const OFTEN = 3;

/** The patterns that could show in samples of a rung, the most frequent first. */
function patternsOf(drawn: readonly Drawn[]): readonly PatternId[] {
  const times = new Map<PatternId, number>();
  for (const { problem, working } of drawn) {
    const ways = wrongWays(problem, working.house);
    for (const { pattern } of waysTaken(ways, working.answer))
      times.set(pattern, (times.get(pattern) ?? 0) + 1);
  }
  return [...times]
    .filter(([, count]) => count >= OFTEN)
    .sort(([, a], [, b]) => b - a)
    .map(([pattern]) => pattern);
}

/** A sheet as its page shows it: the problems, none where nothing can be drawn, and the names of what may go wrong. */
export function skillShown(request: SheetRequest): {
  readonly problems: readonly { readonly problem: string; readonly answer: string; readonly notch: number }[];
  readonly patterns: readonly string[];
} {
  const sheet = sheetRequested(request);
  const samples = drawnFor({ ...request, count: SAMPLES, seed: 1 });
  return {
    problems: sheet.ok ? sheet.value.problems : [],
    patterns: samples.ok ? patternsOf(samples.value.drawn).map((id) => patternWords(id).name) : [],
  };
}

/** Every rung of the ladder: its name, its strand, what it needs first, and the patterns its samples are prone to. */
export function skillsListed(): readonly {
  readonly id: SkillId;
  readonly name: string;
  readonly strand: string;
  readonly needs: readonly SkillId[];
  readonly patterns: readonly PatternId[];
}[] {
  const house = houseRulesFrom({});
  return SKILLS.map(({ id, strand, needs, climb }) => {
    const drawn = house.ok ? drawSheet(climb, SAMPLES, house.value, 1) : house;
    return {
      id,
      name: SKILL_NAMES[id],
      strand: STRAND_NAMES[strand],
      needs,
      patterns: drawn.ok ? patternsOf(drawn.value) : [],
    };
  });
}
