import { z } from "zod";
import { choicesOf, type HouseRules } from "@/core/house";
import { LONGEST_GUESS } from "@/core/marking";
import { METHOD_IDS, type MethodId } from "@/core/methods";
import { LONGEST_LINE, readProblem } from "@/core/problem";
import { done, failed } from "@/core/result";
import { readErrorWords } from "@/core/wording";
import { houseChoicesSchema, houseRequested } from "../houseRequested";
import { kept } from "./kept";

/** What changes as a board is worked; its name and its pin are changed by themselves. */
export interface BoardState {
  /** As typed, in the notation of `house`. */
  readonly problem: string;
  readonly method: MethodId;
  /** The method on a second board beside it, where there is one. */
  readonly beside: MethodId | undefined;
  readonly house: HouseRules;
  /** How many steps of its run are shown, from 1. */
  readonly step: number;
  /** The learner's own estimate as typed, or empty. */
  readonly guess: string;
}

const state = z.object({
  problem: z.string().max(LONGEST_LINE),
  method: z.enum(METHOD_IDS),
  beside: z.enum(METHOD_IDS).optional(),
  house: houseChoicesSchema,
  step: z.number().int().min(1).max(9999),
  guess: z.string().max(LONGEST_GUESS),
});

/** A board as it is kept: it has to read. */
export const keptBoard = kept({
  name: "board",
  called: "board",
  state,
  check: ({ house: choices, beside, ...board }) => {
    const house = houseRequested(choices);
    if (!house.ok) return house;
    const problem = readProblem(board.problem, house.value);
    if (problem.ok) return done<BoardState>({ ...board, beside, house: house.value });
    const { code, at } = problem.error;
    return failed({ code, message: readErrorWords(problem.error, house.value), at });
  },
  stateOf: ({ house, beside, ...board }) => ({
    ...board,
    ...(beside === undefined ? {} : { beside }),
    house: choicesOf(house),
  }),
});
