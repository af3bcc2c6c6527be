import { z } from "zod";
import { choicesOf, houseRulesFrom } from "@/core/house";
import { METHOD_IDS } from "@/core/methods";
import { LONGEST_LINE, readProblem } from "@/core/problem";
import { houseRefusalWords, readErrorWords } from "@/core/wording";
import { database, findBoard, houseChoicesSchema, type KeptBoard, keepBoard } from "@/data";
import { LONGEST_GUESS } from "@/ui/routes";
import { answering, errorAnswer } from "../../answers";

const stateSchema = z.object({
  problem: z.string().max(LONGEST_LINE),
  method: z.enum(METHOD_IDS),
  beside: z.enum(METHOD_IDS).optional(),
  house: houseChoicesSchema,
  step: z.number().int().min(1).max(9999),
  guess: z.string().max(LONGEST_GUESS),
});

const boardSchema = stateSchema.extend({
  /** The revision it was changed from, 0 for a new one; without it the board is written whatever stands there. */
  saw: z.number().int().min(0).optional(),
  /** What the same window wrote before, where it closes without having been answered for that. */
  after: stateSchema.optional(),
});

/** A board as another window is told of it. */
const told = ({ problem, method, beside, house, step, guess, revision }: KeptBoard) => ({
  board: { problem, method, beside, house: choicesOf(house), step, guess },
  revision,
});

/** Keeps a board as it stands. Answers with its revision only after the row is on disk; 409 with what stands there where another window was first. */
export const PUT = answering(({ id, body }) => {
  const { house: choices, saw, after, ...board } = body;
  const house = houseRulesFrom(choices);
  if (!house.ok) return errorAnswer(422, { code: house.error.kind, message: houseRefusalWords(house.error) });
  const problem = readProblem(board.problem, house.value);
  if (!problem.ok) {
    const { code, at } = problem.error;
    return errorAnswer(422, { code, message: readErrorWords(problem.error, house.value), at });
  }
  const state = { ...board, beside: board.beside, id, house: house.value };
  const afterHouse = after && houseRulesFrom(after.house);
  const kept = keepBoard(
    database(),
    state,
    saw,
    new Date(),
    afterHouse?.ok && after ? { ...after, beside: after.beside, id, house: afterHouse.value } : undefined,
  );
  if (kept.ok) return { revision: kept.value };
  const message = "This board was changed in another window.";
  return errorAnswer(409, { code: "stale", message }, told(kept.error.now));
}, boardSchema);

/** A kept board as it stands. */
export const GET = answering(({ id }) => {
  const board = findBoard(database(), id);
  return board === undefined
    ? errorAnswer(404, { code: "notThere", message: "There is no such board." })
    : told(board);
});
