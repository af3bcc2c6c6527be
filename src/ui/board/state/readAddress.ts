import { type HouseRules, houseRulesFrom, SWITCH_NAMES } from "@/core/house";
import { ID_PATTERN } from "@/core/id";
import { METHOD_IDS, type MethodId } from "@/core/methods";

/** A board as its address tells it. What the address leaves out, or has wrong, is `undefined`. */
export interface BoardAddress {
  readonly id: string | undefined;
  readonly problem: string | undefined;
  readonly method: MethodId | undefined;
  readonly beside: MethodId | undefined;
  readonly house: HouseRules | undefined;
  readonly step: number | undefined;
  readonly guess: string | undefined;
}

/** Reads an address's parameters; each is checked by itself, so that one bad one spoils no other. */
export function readAddress(parameters: Readonly<Record<string, string | undefined>>): BoardAddress {
  const { id, problem, method, beside, step, guess } = parameters;
  const named = ["preset", ...SWITCH_NAMES].filter((name) => parameters[name] !== undefined);
  const choices = Object.fromEntries(named.map((name) => [name, parameters[name] ?? ""]));
  const house = named.length > 0 ? houseRulesFrom(choices) : undefined;
  return {
    id: id !== undefined && ID_PATTERN.test(id) ? id : undefined,
    problem,
    method: METHOD_IDS.find((known) => known === method),
    beside: METHOD_IDS.find((known) => known === beside),
    house: house?.ok ? house.value : undefined,
    step: step !== undefined && /^\d{1,4}$/.test(step) ? Number(step) : undefined,
    guess,
  };
}
