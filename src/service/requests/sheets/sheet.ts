import { type PatternId, patternAnswers } from "@/core/errorPatterns";
import { featuresOf, isTrait, TRAITS, type TraitId, traitCounts } from "@/core/features";
import { type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import {
  DRAWING_VERSION,
  drawRecipe,
  drawSheet,
  type GeneratedProblem,
  isSkill,
  type Recipe,
  type SheetProblem,
  SKILLS,
  type SkillId,
} from "@/core/sheets";
import {
  houseRefusalWords,
  NO_SKILL,
  NO_TRAIT,
  patternWords,
  recipeRefusalWords,
  SKILL_NAMES,
  STRAND_NAMES,
} from "@/core/wording";
import type { Refusal } from "../../refusal";
import { workLine } from "../work";
import { type ShownRow, shownRow } from "./sheetRows";

/** What a sheet is drawn from, as programs ask for it. */
export interface SheetRequest {
  /** One skill, or several that take turns. */
  readonly skill: string | readonly string[];
  readonly count: number;
  readonly seed: number;
  readonly house?: HouseChoices | undefined;
  /** Traits that no problem may have, and those that so many must have at least. */
  readonly never?: readonly string[] | undefined;
  readonly least?: readonly { readonly trait: string; readonly problems: number }[] | undefined;
}

/** The recipe of a request, or the error to give. */
function recipeRequested({ skill, count, never = [], least = [] }: SheetRequest): Result<Recipe, Refusal> {
  const skills = typeof skill === "string" ? [skill] : skill;
  const traits = [...never, ...least.map(({ trait }) => trait)];
  const noSkill = skills.find((id) => !isSkill(id));
  if (noSkill !== undefined || skills.length === 0)
    return failed({ code: "unknownSkill", message: NO_SKILL(noSkill ?? "") });
  const noTrait = traits.find((id) => !isTrait(id));
  if (noTrait !== undefined) return failed({ code: "unknownTrait", message: NO_TRAIT(noTrait) });
  return done({
    skills: skills.filter(isSkill),
    count,
    never: never.filter(isTrait),
    least: least.flatMap(({ trait, problems }) => (isTrait(trait) ? [{ trait, problems }] : [])),
  });
}

/** A drawn sheet with its house, or the error to give. */
export function drawnFor(
  request: SheetRequest,
): Result<
  { readonly recipe: Recipe; readonly house: HouseRules; readonly drawn: readonly SheetProblem[] },
  Refusal
> {
  const house = houseRulesFrom(request.house ?? {});
  if (!house.ok) return failed<Refusal>({ code: house.error.kind, message: houseRefusalWords(house.error) });
  const recipe = recipeRequested(request);
  if (!recipe.ok) return recipe;
  const drawn = drawRecipe(recipe.value, house.value, request.seed);
  return drawn.ok
    ? done({ recipe: recipe.value, house: house.value, drawn: drawn.value })
    : failed({ code: drawn.error.kind, message: recipeRefusalWords(drawn.error) });
}

/** A sheet as programs get it: every problem with its answer, its skill, its notch, 1 for plain to 4 for the trap, and what it trains. */
export function sheetRequested(request: SheetRequest): Result<
  {
    readonly skills: readonly SkillId[];
    readonly name: string;
    readonly seed: number;
    /** The version of the rules it was drawn by. */
    readonly drawing: number;
    readonly problems: readonly ShownRow[];
  },
  Refusal
> {
  const found = drawnFor(request);
  if (!found.ok) return found;
  const { recipe, drawn } = found.value;
  return done({
    skills: recipe.skills,
    name: recipe.skills.map((id) => SKILL_NAMES[id]).join(", "),
    seed: request.seed,
    drawing: DRAWING_VERSION,
    problems: drawn.map(({ working, skill, notch }) => shownRow(working, { skill, notch })),
  });
}

/** A sheet a line each, as programs work problems by the line, with the features of each beside. */
export function sheetLines(request: SheetRequest): Result<readonly object[], Refusal> {
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
function patternsOf(drawn: readonly GeneratedProblem[]): readonly PatternId[] {
  const times = new Map<PatternId, number>();
  for (const { problem, working } of drawn) {
    for (const { pattern } of patternAnswers(problem, working.house).shown)
      times.set(pattern.id, (times.get(pattern.id) ?? 0) + 1);
  }
  return [...times]
    .filter(([, count]) => count >= OFTEN)
    .sort(([, a], [, b]) => b - a)
    .map(([pattern]) => pattern);
}

/** What some skills are about: the patterns their samples are prone to, the most frequent first, and the traits they can have. */
export function skillsShown(request: SheetRequest): {
  readonly patterns: readonly string[];
  readonly traits: readonly TraitId[];
} {
  const samples = drawnFor({ ...request, count: SAMPLES, seed: 1, never: [], least: [] });
  if (!samples.ok) return { patterns: [], traits: [] };
  const { drawn } = samples.value;
  const met = drawn.map(({ working }) => traitCounts(featuresOf(working)));
  return {
    patterns: patternsOf(drawn).map((id) => patternWords(id).name),
    traits: TRAITS.map(({ id }) => id).filter((id) => met.some((counts) => counts[id])),
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
