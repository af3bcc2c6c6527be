import { ADDING_SKILLS } from "./strands/addingSkills";
import { CHAIN_SKILLS } from "./strands/chainSkills";
import { COMPARING_SKILLS } from "./strands/comparingSkills";
import { DIVIDING_SKILLS } from "./strands/dividingSkills";
import { FRACTION_SKILLS } from "./strands/fractionSkills";
import { MIXED_SKILLS } from "./strands/mixedSkills";
import { MONEY_SKILLS } from "./strands/moneySkills";
import { MULTIPLYING_SKILLS } from "./strands/multiplyingSkills";
import { PLACES_SKILLS } from "./strands/placesSkills";
import { SIGNED_SKILLS } from "./strands/signedSkills";
import type { Skill } from "./strands/skill";
import { UNIT_SKILLS } from "./strands/unitSkills";

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
