import { isTrait, type TraitId } from "@/core/features";
import { isSkill, type Recipe, type SkillId } from "@/core/sheets";
import { ROUTES } from "@/service/routes";
import { COUNTS } from "./counts";

/** What is drawn where nothing was chosen. */
const USUAL_SKILL: SkillId = "add-carrying-once";
const USUAL_COUNT = 12;

/** The most problems that may be wished for by hand. */
const MOST_BY_HAND = 60;

/** A recipe with its seed, as an address has it. */
export interface AddressedRecipe extends Recipe {
  readonly seed: number;
  /** The rung of the tutor's own that it is drawn from instead of the skills. */
  readonly own?: string;
}

/** The recipe of an address; what it does not say, or says of what there is not, is as usual. */
export function recipeFrom(parameters: Readonly<Record<string, string | undefined>>): AddressedRecipe {
  const list = (text: string | undefined): readonly string[] =>
    (text ?? "").split(",").filter((one) => one !== "");
  const whole = (text: string | undefined): number | undefined =>
    /^\d{1,9}$/.test(text ?? "") ? Number(text) : undefined;
  const skills = [...new Set(list(parameters.skill).filter(isSkill))].slice(0, 12);
  const count = whole(parameters.count) ?? USUAL_COUNT;
  return {
    skills: skills.length === 0 ? [USUAL_SKILL] : skills,
    count: Math.min(MOST_BY_HAND, Math.max(1, count)),
    seed: whole(parameters.seed) ?? 1,
    never: list(parameters.never).filter(isTrait),
    least: list(parameters.least).flatMap((wish) => {
      const [trait, times] = wish.split(":");
      const problems = whole(times);
      return isTrait(trait) && problems !== undefined && problems > 0 ? [{ trait, problems }] : [];
    }),
  };
}

/** The address at which a recipe is drawn. */
export function recipeAddress({ skills, count, seed, never, least, own }: AddressedRecipe): string {
  if (own !== undefined) return `${ROUTES.ownSheet(own)}&count=${count}&seed=${seed}`;
  const wishes = [
    never.length === 0 ? "" : `&never=${never.join(",")}`,
    least.length === 0
      ? ""
      : `&least=${least.map(({ trait, problems }) => `${trait}:${problems}`).join(",")}`,
  ];
  return `${ROUTES.sheets}?skill=${skills.join(",")}&count=${count}&seed=${seed}${wishes.join("")}`;
}

/** What is wished of a trait. */
export type TraitWish = "any" | "never" | "some" | "half" | "every";

export const TRAIT_WISHES: readonly { readonly id: TraitWish; readonly name: string }[] = [
  { id: "any", name: "As it comes" },
  { id: "never", name: "Never" },
  { id: "some", name: "In three at least" },
  { id: "half", name: "In half of them" },
  { id: "every", name: "In every one" },
];

/** In how many problems of a sheet a wish wants its trait; none where it wants nothing. */
export function problemsWished(wish: TraitWish, count: number): number | undefined {
  switch (wish) {
    case "any":
    case "never":
      return undefined;
    case "some":
      return Math.min(3, count);
    case "half":
      return Math.ceil(count / 2);
    case "every":
      return count;
  }
}

/** The wish that a recipe has of a trait, as nearly as it has a name. */
export function wishOf({ never, least, count }: Recipe, trait: TraitId): TraitWish {
  if (never.includes(trait)) return "never";
  const problems = least.find((one) => one.trait === trait)?.problems;
  if (problems === undefined) return "any";
  if (problems >= count) return "every";
  return problems >= Math.ceil(count / 2) ? "half" : "some";
}

export { COUNTS };
