import { z } from "zod";
import type { HouseRules } from "@/core/house";
import { GIVEN_PARTS, type GivenPart } from "@/core/learnerTask";
import type { Working } from "@/core/methods";
import type { StoryPicture } from "@/service/requests";

/** How a sheet is put on paper. */
export interface Printing {
  readonly paper: "a4" | "letter";
  /** Whether the long side lies across. */
  readonly turned: boolean;
  /** Problems in lines, or each with squared paper of its own. */
  readonly layout: "lines" | "squares";
  /** The columns that lines of problems stand in. */
  readonly columns: 1 | 2 | 3;
  /** What stands on the squares, as on a learner's board. */
  readonly given: GivenPart;
  /** What stands under a story: nothing, room for a picture of it, or the picture. */
  readonly picture: "none" | "room" | "drawn";
  readonly large: boolean;
  readonly nameAndDate: boolean;
  /** Whether the answers stand at the foot of the last page, to be cut off. */
  readonly tearOff: boolean;
  readonly key: "none" | "answers" | "workings";
  /** Whether the sheet itself is printed, or its key alone. */
  readonly keyAlone: boolean;
}

export const PLAIN_PRINTING: Printing = {
  paper: "a4",
  turned: false,
  layout: "squares",
  columns: 2,
  given: "blank",
  picture: "none",
  large: false,
  nameAndDate: true,
  tearOff: false,
  key: "answers",
  keyAlone: false,
};

/** A sheet with its workings, as it is printed. */
export interface SheetToPrint {
  readonly title: string;
  /** By which Marking finds it again; none where it is not kept. */
  readonly code: string | undefined;
  readonly house: HouseRules;
  readonly workings: readonly Working[];
  /** The stories that the workings answer, in their order; none of bare problems. */
  readonly stories?: readonly (PrintedStory | undefined)[];
}

/** A story as it is printed. */
export interface PrintedStory {
  readonly text: string;
  readonly answer: string;
  /** The whole number that answers it, where its quotient is rounded by sense. */
  readonly whole?: string | undefined;
  /** None where it can't be drawn any more. */
  readonly picture?: StoryPicture | undefined;
}

const flag = z.enum(["0", "1"]).transform((value) => value === "1");

const printingSchema = z
  .strictObject({
    paper: z.enum(["a4", "letter"]),
    turned: flag,
    layout: z.enum(["lines", "squares"]),
    columns: z.enum(["1", "2", "3"]).transform((value) => (value === "1" ? 1 : value === "2" ? 2 : 3)),
    given: z.enum(GIVEN_PARTS),
    picture: z.enum(["none", "room", "drawn"]),
    large: flag,
    nameAndDate: flag,
    tearOff: flag,
    key: z.enum(["none", "answers", "workings"]),
    keyAlone: flag,
  })
  .partial();

/** The printing that settings by name ask for, as usual where they say nothing; none where they ask for what there is not. */
export function printingFrom(settings: Iterable<readonly string[]>): Printing | undefined {
  const asked = printingSchema.safeParse(Object.fromEntries(settings));
  if (!asked.success) return undefined;
  const given = Object.fromEntries(Object.entries(asked.data).filter(([, value]) => value !== undefined));
  return { ...PLAIN_PRINTING, ...given };
}
