export { type Chances, chancesFrom } from "./chances";
export { DRAWING, type Drawn, drawSheet, MOST_ON_SHEET } from "./drawSheet";
export { isSkill, SKILLS, type SkillId } from "./ladder/ladder";
export { STRANDS, type Strand } from "./ladder/skill";
export { drawOwn, fittingOf, lineError, type OwnRung } from "./ownRung";
export { drawInPlace, drawRecipe, type Placed, type Recipe, type RecipeRefusal, type Wished } from "./recipe";
export { notchFrom, type RungPlace, rungOf } from "./rungOf";
export { twinOf } from "./twin";
