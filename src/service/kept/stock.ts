import { z } from "zod";
import { CURRENCY_IDS } from "@/core/quantity";
import { type Measured, MOST_THINGS, type StockList, UNIT_SYSTEMS } from "@/core/stories";
import { WORKSHOP } from "@/core/wording";

const figure = z.number().int().min(-100).max(10_000_000);
const plausible = z.tuple([figure, figure]).optional();

/** What is plausible of each measure, where it is known. */
const measures = {
  price: plausible,
  mass: plausible,
  length: plausible,
  volume: plausible,
  height: plausible,
  time: plausible,
  temperature: plausible,
} satisfies Record<Measured, typeof plausible>;

const stockSchema = z.object({
  id: z.string().regex(/^[a-z0-9]{8,40}$/),
  name: z.string().trim().min(1).max(60),
  things: z
    .array(
      z.object({
        one: z.string().min(1).max(60),
        many: z.string().min(1).max(60),
        ...measures,
      }),
    )
    .max(MOST_THINGS),
  currency: z.enum(CURRENCY_IDS).optional(),
  system: z.enum(UNIT_SYSTEMS).optional(),
});

/** The most lists that stand side by side. */
const MOST_LISTS = 20;

/** What is kept of them. */
export const stockKeptSchema = z.object({
  lists: z.array(stockSchema).max(MOST_LISTS),
  used: z.string().max(40),
});

/** The tutor's own stock lists, and the one that stories are about. */
export type StockKept = z.infer<typeof stockKeptSchema>;

/** What is sent about stock lists: one that is put in its place or added, one that is taken off, or the one to use. */
export const stockChangeSchema = z.union([
  z.strictObject({ put: stockSchema }),
  z.strictObject({ take: z.string().max(40) }),
  z.strictObject({ use: z.string().max(40) }),
]);

const NONE: StockKept = { lists: [], used: WORKSHOP.id };

/** The stock lists that were kept, whatever else stands under their name. */
export function stockKept(value: unknown): StockKept {
  const kept = stockKeptSchema.safeParse(value);
  return kept.success ? kept.data : NONE;
}

/** The lists after a change. What is used and then taken off leaves the workshop's own. */
export function withStock(kept: StockKept, change: z.infer<typeof stockChangeSchema>): StockKept {
  if ("use" in change) return { ...kept, used: change.use };
  if ("take" in change)
    return {
      lists: kept.lists.filter(({ id }) => id !== change.take),
      used: kept.used === change.take ? WORKSHOP.id : kept.used,
    };
  const { put } = change;
  const known = kept.lists.some(({ id }) => id === put.id);
  const lists = known ? kept.lists.map((one) => (one.id === put.id ? put : one)) : [...kept.lists, put];
  // Where there is no more room, a new one is not put.
  return lists.length > MOST_LISTS ? kept : { ...kept, lists };
}

/** What is said where a list was not put. */
export const NO_ROOM_FOR_LISTS = `There is room for ${MOST_LISTS} lists of your own. Take one away first.`;

/** The list of some that stories and the shop are about. */
export const stockInUse = ({ lists, used }: StockKept): StockList =>
  lists.find(({ id }) => id === used) ?? WORKSHOP;
