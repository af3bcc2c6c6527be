import { z } from "zod";
import { choicesOf, type HouseRules } from "@/core/house";
import { LONGEST_LINE } from "@/core/problem";
import { done } from "@/core/result";
import { LONGEST_SHEET_NAME, MOST_KEPT_ROWS } from "@/core/sheets";
import { LONGEST_STORY } from "@/core/stories";
import { houseChoicesSchema, houseRequested } from "../houseRequested";
import { kept } from "./kept";

/** The story that a problem of a sheet answers. */
export const storyOfRowSchema = z.object({
  text: z.string().min(1).max(LONGEST_STORY),
  answer: z.string().max(LONGEST_STORY),
  whole: z
    .string()
    .regex(/^\d{1,9}$/)
    .optional(),
  kind: z.string().max(60).optional(),
  seed: z.number().int().nonnegative().optional(),
});

/** A problem of a kept sheet: as written in its house, with the place on the ladder it was drawn from, where it was. */
export const keptRowSchema = z.object({
  problem: z.string().min(1).max(LONGEST_LINE),
  skill: z.string().max(60).optional(),
  /** From 0 for plain to 3 for the trap. */
  notch: z.number().int().min(0).max(3).optional(),
  /** Whether it stays when the others are drawn anew. */
  locked: z.boolean().optional(),
  story: storyOfRowSchema.optional(),
});
export type KeptRow = Readonly<z.infer<typeof keptRowSchema>>;

/** What is written of a sheet. */
export interface KeptSheetState {
  readonly name: string;
  readonly house: HouseRules;
  readonly rows: readonly KeptRow[];
  /** The version of the rules that it was drawn by, and the seed; a typed one has seed 0. */
  readonly drawing: number;
  readonly seed: number;
}

const state = z.object({
  name: z.string().trim().min(1).max(LONGEST_SHEET_NAME),
  house: houseChoicesSchema,
  rows: z.array(keptRowSchema).max(MOST_KEPT_ROWS),
  drawing: z.number().int().min(0),
  seed: z.number().int().min(0),
});

/** A sheet of problems that was drawn or typed, as it is kept. That its problems read is seen where they are worked. */
export const keptSheet = kept({
  name: "keptSheet",
  called: "sheet",
  state,
  check: ({ house: choices, ...sheet }) => {
    const house = houseRequested(choices);
    return house.ok ? done<KeptSheetState>({ ...sheet, house: house.value }) : house;
  },
  stateOf: ({ house, rows, ...sheet }) => ({ ...sheet, rows: [...rows], house: choicesOf(house) }),
  largest: 600_000,
});
