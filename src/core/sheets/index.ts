export { DRAWING, type Drawn, drawSheet, MOST_ON_SHEET } from "./drawSheet";
export { isSkill, SKILLS, type SkillId } from "./ladder/ladder";
export { STRANDS, type Strand } from "./ladder/skill";
export { twinOf } from "./twin";
