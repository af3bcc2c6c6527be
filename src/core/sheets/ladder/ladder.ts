import { ADDING_SKILLS } from "./addingSkills";
import { CHAIN_SKILLS } from "./chainSkills";
import { COMPARING_SKILLS } from "./comparingSkills";
import { DIVIDING_SKILLS } from "./dividingSkills";
import { FRACTION_SKILLS } from "./fractionSkills";
import { MIXED_SKILLS } from "./mixedSkills";
import { MONEY_SKILLS } from "./moneySkills";
import { MULTIPLYING_SKILLS } from "./multiplyingSkills";
import { PLACES_SKILLS } from "./placesSkills";
import { SIGNED_SKILLS } from "./signedSkills";
import type { Skill } from "./skill";
import { UNIT_SKILLS } from "./unitSkills";

const RUNGS = [
  ...PLACES_SKILLS,
  ...COMPARING_SKILLS,
  ...ADDING_SKILLS,
  ...MULTIPLYING_SKILLS,
  ...DIVIDING_SKILLS,
  ...FRACTION_SKILLS,
  ...MIXED_SKILLS,
  ...SIGNED_SKILLS,
  ...MONEY_SKILLS,
  ...UNIT_SKILLS,
  ...CHAIN_SKILLS,
] as const;

export type SkillId = (typeof RUNGS)[number]["id"];

/** Every rung of the ladder, strand by strand, each behind those it needs. */
export const SKILLS: readonly Skill<SkillId>[] = RUNGS;

/** Whether an id is that of a rung. */
export const isSkill = (id: string | undefined): id is SkillId => SKILLS.some((one) => one.id === id);
