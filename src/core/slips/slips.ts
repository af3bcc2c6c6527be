import { ADDITION_SLIPS } from "./additionSlips";
import { CHAIN_SLIPS } from "./chainSlips";
import { DIVISION_SLIPS } from "./divisionSlips";
import { EXECUTION_SLIPS } from "./executionSlips";
import { FRACTIONS_SLIPS } from "./fractionsSlips";
import { INTEGERS_SLIPS } from "./integersSlips";
import { JUDGING_SLIPS } from "./judgingSlips";
import { MONEY_SLIPS } from "./moneySlips";
import { MULTIPLICATION_SLIPS } from "./multiplicationSlips";
import type { Slip, SlipFacts, SlipSkill } from "./slip";
import { SLIP_IDS, type SlipId } from "./slipIds";
import { SUBTRACTION_SLIPS } from "./subtractionSlips";
import { UNITS_SLIPS } from "./unitsSlips";

/** The systematic errors of each skill. What is merely carried out badly has its own file. */
export const SLIPS: Readonly<Record<Exclude<SlipSkill, "execution">, readonly Slip[]>> = {
  addition: ADDITION_SLIPS,
  subtraction: SUBTRACTION_SLIPS,
  multiplication: MULTIPLICATION_SLIPS,
  division: DIVISION_SLIPS,
  fractions: FRACTIONS_SLIPS,
  integers: INTEGERS_SLIPS,
  money: MONEY_SLIPS,
  units: UNITS_SLIPS,
  chains: CHAIN_SLIPS,
  judging: JUDGING_SLIPS,
};

/** Every systematic error, in the order of the catalogue. */
export const EVERY_SLIP: readonly Slip[] = Object.values(SLIPS).flat();

const FACTS: ReadonlyMap<SlipId, SlipFacts> = new Map(
  [...EVERY_SLIP, ...EXECUTION_SLIPS].map((slip) => [slip.id, slip]),
);

/** What is known of a slip, systematic or not. */
export function slipFacts(id: SlipId): SlipFacts {
  const facts = FACTS.get(id);
  if (facts === undefined) throw new Error(`slipFacts: ${id} is not in the catalogue`);
  return facts;
}

/** The slips of some ids that are systematic; nothing where another one is among them. */
export function slipsNamed(ids: readonly SlipId[]): readonly Slip[] | undefined {
  const slips = EVERY_SLIP.filter(({ id }) => ids.includes(id));
  return slips.length === ids.length ? slips : undefined;
}

const KNOWN: ReadonlyMap<string, SlipId> = new Map(SLIP_IDS.map((id) => [id, id]));

/** The slip id that a text is; none where it is none. */
export const slipIdOf = (text: string): SlipId | undefined => KNOWN.get(text);
