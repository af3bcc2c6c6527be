import { z } from "zod";
import type { Mark } from "@/core/board";

const number = z.number().finite();
const size = z.number().int().min(1).max(40);
const cuts = z.number().int().min(1).max(60);
const mark = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("glyph"),
    col: number,
    row: number,
    text: z.string().max(8),
    look: z.enum(["written", "filler"]),
  }),
  z.object({
    kind: z.literal("small"),
    col: number,
    row: number,
    position: z.enum(["low", "high", "corner", "tens", "ones"]),
    text: z.string().max(8),
  }),
  z.object({
    kind: z.literal("strike"),
    col: number,
    row: number,
    target: z.enum(["square", "point", "low", "high", "corner", "tens", "ones"]),
  }),
  z.object({ kind: z.literal("point"), line: number, row: number, look: z.enum(["written", "hidden"]) }),
  z.object({
    kind: z.literal("rule"),
    row: number,
    from: number,
    to: number,
    strokes: z.union([z.literal(1), z.literal(2)]),
  }),
  z.object({ kind: z.literal("jump"), row: number, from: number, to: number, rise: number }),
  z.object({ kind: z.literal("leap"), line: number, row: number, to: number }),
  z.object({ kind: z.literal("frame"), col: number, row: number, width: number, height: number }),
  z.object({ kind: z.literal("diagonal"), col: number, row: number, size: number }),
  z.object({
    kind: z.literal("token"),
    col: number,
    row: number,
    look: z.enum(["plus", "minus", "coin", "piece"]),
    text: z.string().max(8),
  }),
  z.object({
    kind: z.literal("shape"),
    look: z.enum(["bar", "circle", "square"]),
    col: number,
    row: number,
    width: size,
    height: size,
    across: cuts,
    down: cuts,
    shaded: z.array(z.number().int().nonnegative()).max(600),
  }),
  z.object({
    kind: z.literal("upright"),
    line: number,
    row: number,
    to: number,
    look: z.enum(["straight", "curved"]),
  }),
]) satisfies z.ZodType<Mark>;

/** The marks of a list, of any source, that a hand can write; all others are passed over. */
export const paperMarks = (given: readonly unknown[]): readonly Mark[] =>
  given.flatMap((one) => mark.safeParse(one).data ?? []);

/** The papers that were remembered as text, the last one last; none where the text is none of that kind. */
export function papersOf(text: string): readonly (readonly Mark[])[] | undefined {
  try {
    const given: unknown = JSON.parse(text);
    return z.array(z.array(z.unknown())).safeParse(given).data?.map(paperMarks);
  } catch {
    return undefined;
  }
}
