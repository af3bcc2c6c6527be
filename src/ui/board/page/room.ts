import { inTwoColumns, type PaperLayout, type Writing } from "@/core/board";
import { type FreeSquares, type PageOfSquares, pageFor } from "@/render/board";
import { AROUND, SMALLEST_SQUARE } from "../../paper";

/** The room that a sheet has on the screen, in pixels. */
export interface Room {
  readonly across: number;
  readonly down: number;
}

/** A page as it is shown: what is written on it, in two columns where one would be too long, and its squares. */
export interface FittedPage<W extends Writing> {
  readonly writings: readonly W[];
  readonly page: PageOfSquares;
}

/**
 * Fits a page into its room: lines that would run out of it go on beside the first ones, and where the squares
 * have to be smaller there are more of them across, so that the grid fills its sheet.
 * @param square the size of a square that is wanted, in pixels.
 * @param least what the page measures at least, in pixels, where the room has it.
 * @param heading how wide what stands over the page is, in pixels: the squares reach as far.
 */
export function fittedPage<W extends Writing>(
  layout: PaperLayout,
  all: readonly W[],
  shown: number,
  {
    square,
    least,
    room,
    free,
    heading = 0,
  }: {
    readonly square: number;
    readonly least: Room;
    readonly room: Room | undefined;
    readonly free?: FreeSquares;
    readonly heading?: number;
  },
): FittedPage<W> {
  const smallest = { columns: Math.floor(least.across / square), rows: Math.floor(least.down / square) };
  if (room === undefined) return { writings: all, page: pageFor(layout, all, shown, smallest, free) };
  const inside = { across: room.across - AROUND.across, down: room.down - AROUND.down };
  const { written, ...bare } = pageFor(layout, all, shown, { columns: 0, rows: 0 }, free);
  const marginAcross = bare.right - bare.left - (written.right - written.left);
  const marginDown = bare.bottom - bare.top - (written.bottom - written.top);
  const writings = inTwoColumns(layout, all, {
    columns: Math.floor(inside.across / SMALLEST_SQUARE - marginAcross),
    rows: Math.floor(inside.down / SMALLEST_SQUARE - marginDown),
  });
  const page = pageFor(layout, writings, shown, smallest, free);
  const drawn = Math.max(SMALLEST_SQUARE, Math.min(square, inside.down / (page.bottom - page.top)));
  const most = Math.floor(inside.across / drawn);
  const across = Math.min(most, Math.max(Math.floor(least.across / drawn), Math.ceil(heading / drawn)));
  return {
    writings,
    page:
      across > page.right - page.left
        ? pageFor(layout, writings, shown, { ...smallest, columns: across }, free)
        : page,
  };
}
