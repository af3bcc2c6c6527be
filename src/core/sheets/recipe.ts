import { featuresOf, type TraitId, traitCounts } from "../features";
import type { HouseRules } from "../house";
import { writeAnswer, writeProblem } from "../problem";
import { done, failed, type Result } from "../result";
import { drawAnother, drawSheet, type Fits, type GeneratedProblem } from "./drawSheet";
import { SKILLS, type SkillId } from "./ladder/ladder";
import type { Climb } from "./ladder/strands/skill";

/** What a sheet is drawn from: skills in equal parts, how many problems, and what must be in them or must not. */
export interface Recipe {
  readonly skills: readonly SkillId[];
  readonly count: number;
  /** Traits that no problem may have. */
  readonly never: readonly TraitId[];
  /** Traits that so many problems must have at least. */
  readonly least: readonly { readonly trait: TraitId; readonly problems: number }[];
}

/** A problem of a sheet with the skill it was drawn from. */
export interface SheetProblem extends GeneratedProblem {
  readonly skill: SkillId;
}

/** A wish of a recipe. */
export type Wished =
  | { readonly kind: "skill"; readonly skill: SkillId }
  | { readonly kind: "count"; readonly count: number }
  | { readonly kind: "never"; readonly trait: TraitId }
  | { readonly kind: "least"; readonly trait: TraitId; readonly problems: number };

/** Why nothing was drawn: the two wishes that can't both be met, or a skill that this house has no such step for. */
export type RecipeRefusal =
  | { readonly kind: "clash"; readonly wishes: readonly [Wished, Wished] }
  | { readonly kind: "nothingDrawn"; readonly skill: SkillId };

/** How many numbers a seed is moved by for the next thing drawn with it: far more than one sheet uses. */
const APART = 7919;

/**
 * Draws a recipe: its skills take turns, each climbs, and easier problems come first. The same sheet for the same seed;
 * what can't be done is said with the two wishes that are in each other's way.
 */
export function drawRecipe(
  recipe: Recipe,
  house: HouseRules,
  seed: number,
): Result<readonly SheetProblem[], RecipeRefusal> {
  const { skills, count, never, least } = recipe;
  for (const wish of least) {
    const wanted: Wished = { kind: "least", ...wish };
    if (never.includes(wish.trait))
      return failed({ kind: "clash", wishes: [wanted, { kind: "never", trait: wish.trait }] });
    if (wish.problems > count) return failed({ kind: "clash", wishes: [wanted, { kind: "count", count }] });
  }
  const parts: (readonly SheetProblem[])[] = [];
  for (const [nth, skill] of skills.entries()) {
    const many = Math.floor((count * (nth + 1)) / skills.length) - Math.floor((count * nth) / skills.length);
    const drawn = drawSheet(climbOf(skill), many, house, seed + nth * APART, withoutAll(never));
    if (many > 0 && !drawn.ok) return failed(whyNone(skill, never, house, seed));
    if (drawn.ok) parts.push(drawn.value.map((one) => ({ ...one, skill })));
  }
  return withLeast(inTurn(parts), recipe, house, seed);
}

const climbOf = (skill: SkillId): Climb => {
  const found = SKILLS.find(({ id }) => id === skill);
  if (found === undefined) throw new Error(`No rung of the ladder is ${skill}`);
  return found.climb;
};

function withoutAll(never: readonly TraitId[], wanted?: TraitId): Fits | undefined {
  if (never.length === 0 && wanted === undefined) return undefined;
  return (features) => {
    const met = traitCounts(features);
    return never.every((trait) => !met[trait]) && (wanted === undefined || (met[wanted] ?? 0) > 0);
  };
}

/** Why a skill gives nothing: the first trait it can't do without, or the house. */
function whyNone(skill: SkillId, never: readonly TraitId[], house: HouseRules, seed: number): RecipeRefusal {
  const climb = climbOf(skill);
  const inTheWay =
    never.find((trait) => !drawSheet(climb, 1, house, seed, withoutAll([trait])).ok) ?? never.at(-1);
  return inTheWay === undefined || !drawSheet(climb, 1, house, seed).ok
    ? { kind: "nothingDrawn", skill }
    : {
        kind: "clash",
        wishes: [
          { kind: "skill", skill },
          { kind: "never", trait: inTheWay },
        ],
      };
}

/** Lists one after the other in turns, then from easy to hard, with no answer twice in a row where that can be. */
function inTurn(parts: readonly (readonly SheetProblem[])[]): readonly SheetProblem[] {
  const longest = Math.max(0, ...parts.map(({ length }) => length));
  const turns = Array.from({ length: longest }, (_, nth) =>
    parts.flatMap((part) => part.slice(nth, nth + 1)),
  );
  const all = turns.flat().sort((one, other) => one.notch - other.notch);
  const answer = (at: number): string | undefined => {
    const working = all[at]?.working;
    return working && writeAnswer(working.answer, working.house);
  };
  for (let at = 1; at + 1 < all.length; at++) {
    const [here, next] = [all[at], all[at + 1]];
    if (here && next && answer(at) === answer(at - 1) && here.notch === next.notch)
      [all[at], all[at + 1]] = [next, here];
  }
  return all;
}

/** A sheet in which so many problems have the traits that are wished for: others are drawn in the place of some. */
function withLeast(
  drawn: readonly SheetProblem[],
  recipe: Recipe,
  house: HouseRules,
  seed: number,
): Result<readonly SheetProblem[], RecipeRefusal> {
  const { least, never } = recipe;
  const now = [...drawn];
  const has = (one: SheetProblem, trait: TraitId): boolean =>
    (traitCounts(featuresOf(one.working))[trait] ?? 0) > 0;
  const lines = new Set(now.map(({ problem }) => writeProblem(problem, house)));
  let turn = 0;
  // What a notch did not give once, it will not give.
  const barren = new Set<string>();
  for (const wish of least) {
    const missing = (): number => wish.problems - now.filter((one) => has(one, wish.trait)).length;
    for (let at = now.length - 1; at >= 0 && missing() > 0; at--) {
      const one = now[at];
      if (one === undefined || has(one, wish.trait)) continue;
      const needed = least.some(
        ({ trait, problems }) =>
          has(one, trait) && now.filter((other) => has(other, trait)).length <= problems,
      );
      const place = `${wish.trait} ${one.skill} ${one.notch}`;
      if (needed || barren.has(place)) continue;
      turn += 1;
      const fits = withoutAll(never, wish.trait);
      const another = drawAnother(climbOf(one.skill), one.notch, house, seed + turn * APART, lines, fits);
      if (!another.ok) {
        barren.add(place);
        continue;
      }
      lines.add(writeProblem(another.value.problem, house));
      now[at] = { ...another.value, skill: one.skill };
    }
    if (missing() > 0) return failed(whyMissing(wish, recipe, house, seed, now, has));
  }
  return done(now);
}

/** What is in the way of a trait that is missing: what must never come, the other wishes, or the skill itself. */
function whyMissing(
  wish: Recipe["least"][number],
  { least, never, skills, count }: Recipe,
  house: HouseRules,
  seed: number,
  now: readonly SheetProblem[],
  has: (one: SheetProblem, trait: TraitId) => boolean,
): RecipeRefusal {
  const wanted: Wished = { kind: "least", ...wish };
  const without = (kept: readonly TraitId[]): boolean =>
    skills.some((skill) => drawSheet(climbOf(skill), 1, house, seed, withoutAll(kept, wish.trait)).ok);
  if (!without([])) {
    const [skill] = skills;
    return skill === undefined
      ? { kind: "clash", wishes: [wanted, { kind: "count", count }] }
      : { kind: "clash", wishes: [wanted, { kind: "skill", skill }] };
  }
  const inTheWay = never.find((trait) => !without([trait]));
  if (inTheWay !== undefined) return { kind: "clash", wishes: [wanted, { kind: "never", trait: inTheWay }] };
  const other = least.find(({ trait }) => trait !== wish.trait && now.some((one) => has(one, trait)));
  return {
    kind: "clash",
    wishes: [wanted, other === undefined ? { kind: "count", count } : { kind: "least", ...other }],
  };
}

/** Another problem in the place of one, a notch easier or harder or as hard as it; fails where there is none. */
export function drawInPlace(
  { skill, notch }: Pick<SheetProblem, "skill" | "notch">,
  never: readonly TraitId[],
  house: HouseRules,
  seed: number,
  without: ReadonlySet<string>,
): Result<SheetProblem, "nothingDrawn"> {
  const drawn = drawAnother(climbOf(skill), notch, house, seed, without, withoutAll(never));
  return drawn.ok ? done({ ...drawn.value, skill }) : drawn;
}
