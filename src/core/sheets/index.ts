export { type RandomSource, randomFrom } from "../randomSource";
export { DRAWING_VERSION, drawSheet, type GeneratedProblem } from "./drawSheet";
export { isSkill, SKILLS, type SkillId } from "./ladder/ladder";
export { STRANDS, type Strand } from "./ladder/strands/skill";
export { LONGEST_SHEET_NAME, MOST_KEPT_ROWS, MOST_ON_SHEET } from "./limits";
export { drawOwn, fittingOf, lineError, type OwnRung } from "./ownRung";
export {
  drawInPlace,
  drawRecipe,
  type Recipe,
  type RecipeRefusal,
  type SheetProblem,
  type Wished,
} from "./recipe";
export { notchFrom, type RungPlace, rungOf } from "./rungOf";
export { twinOf } from "./twin";
export { readTypedLine } from "./typedLine";
