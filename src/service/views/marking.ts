import { z } from "zod";
import { PATTERN_IDS } from "@/core/errorPatterns";
import type { ExplanationView } from "@/core/learnerTask";
import { FORM_FAULTS } from "@/core/marking";
import { STRANDS } from "@/core/sheets";
import { storyOfRowSchema } from "../kept/keptSheet";
import type {
  KeptMark,
  LearnerSummary,
  MarkingRow,
  NewsCell,
  SheetKept,
  SheetNews,
} from "../kept/markingSheet";
import type { HandedIn } from "../requests/marking/handedIn";

/*
 * What the server answers about marked work. The client reads every answer by one of these; each gives the very type
 * that the request gives, so that neither can change alone.
 */

const pattern = z.enum(PATTERN_IDS);
const patterns = z.array(pattern);
const faults = z.array(z.enum(FORM_FAULTS));

const explanation = z.object({
  patterns,
  names: z.array(z.string()),
  probability: z.number(),
  likely: z.string(),
}) satisfies z.ZodType<ExplanationView>;

const keptMark = z.object({
  given: z.string(),
  verdict: z.enum(["right", "form", "wrong", "unread", "waiting"]),
  faults,
  patterns,
  chosen: z.boolean(),
  note: z.string(),
  revision: z.number(),
}) satisfies z.ZodType<KeptMark>;

const newsCell = keptMark.extend({
  row: z.string(),
  learner: z.string(),
  explanations: z.array(explanation).exactOptional(),
}) satisfies z.ZodType<NewsCell>;

const sheetRow = z.object({
  id: z.string(),
  problem: z.string(),
  right: z.string(),
  story: storyOfRowSchema.exactOptional(),
}) satisfies z.ZodType<MarkingRow>;

/** What is new on a marking sheet. */
export const sheetNews = z.object({
  revision: z.number(),
  rows: z.array(sheetRow).exactOptional(),
  learners: z.array(z.object({ id: z.string(), name: z.string() })).exactOptional(),
  cells: z.array(newsCell),
  waiting: z.number(),
}) satisfies z.ZodType<SheetNews>;

/** What became of what was sent to a marking sheet. */
export const sheetKept = sheetNews.extend({
  clashes: z.array(newsCell),
  refused: z.array(z.object({ row: z.string(), learner: z.string(), message: z.string() })),
  aliases: z.record(z.string(), z.string()),
}) satisfies z.ZodType<SheetKept>;

/** How a learner did on a sheet. */
export const learnerSummary = z.object({
  right: z.number(),
  form: z.number(),
  wrong: z.number(),
  account: z.object({ patterns, names: z.array(z.string()), explains: z.number() }).optional(),
  unknown: z
    .object({ strand: z.enum(STRANDS), name: z.string(), wrong: z.number(), of: z.number() })
    .optional(),
  showings: z.array(
    z.object({
      pattern,
      name: z.string(),
      shown: z.number(),
      chances: z.number(),
      steady: z.boolean(),
    }),
  ),
  stories: z.array(z.object({ name: z.string(), does: z.string(), shown: z.number(), of: z.number() })),
}) satisfies z.ZodType<LearnerSummary>;

/** What may explain an answer, and a problem that tells two explanations apart. */
export const explained = z.object({
  explanations: z.array(explanation.extend({ does: z.array(z.string()), helps: z.array(z.string()) })),
  twin: z.object({ problem: z.string(), answer: z.string(), right: z.string() }).nullable(),
  separating: z
    .object({
      problem: z.string(),
      patterns: z.tuple([patterns, patterns]),
      answers: z.tuple([z.string(), z.string()]),
    })
    .nullable(),
});

/** What comes back for work that was handed in. */
export const handedIn = z.object({
  verdict: z.enum(["right", "form", "wrong"]),
  faults,
  right: z.string(),
  estimate: z.string(),
  belief: z.object({ name: z.string(), remedy: z.string() }).optional(),
  explanations: z.array(explanation.extend({ replay: z.string(), onPaper: z.boolean() })),
  kept: z.boolean(),
}) satisfies z.ZodType<HandedIn>;

/** The sheet that was opened for marking. */
export const openedForMarking = z.object({ sheet: z.string() });
