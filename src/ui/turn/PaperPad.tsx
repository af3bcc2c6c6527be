"use client";

import { type PointerEvent, type ReactElement, useMemo, useRef } from "react";
import type { Layout, Mark } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { Paper as PaperDrawing } from "../paper";
import type { Hand, Size, Square, Way } from "./strokes";

const NO_LAYOUT: Layout = { columns: [], plumbs: [] };

/** The squared paper that a learner writes on: a tap or the arrows choose the square, a drag draws a jump. */
export function PaperPad({
  marks,
  size,
  at,
  goes,
  hand,
  wrong,
  hint,
  house,
  square,
  disabled,
  onGo,
  onJump,
}: {
  readonly marks: readonly Mark[];
  readonly size: Size;
  readonly at: Square;
  readonly goes: Way;
  readonly hand: Hand;
  /** A square to look at again. */
  readonly wrong: Square | undefined;
  /** Where the next mark belongs, with what it is. */
  readonly hint: { readonly at: Square; readonly text: string } | undefined;
  readonly house: HouseRules;
  readonly square: number;
  readonly disabled: boolean;
  readonly onGo: (to: Square) => void;
  readonly onJump: (from: Square, to: Square) => void;
}): ReactElement {
  const pad = useRef<HTMLDivElement>(null);
  const from = useRef<Square | undefined>(undefined);
  const page = useMemo(() => {
    const extent = { left: 0, right: size.cols, top: 0, bottom: size.rows };
    return { ...extent, written: extent };
  }, [size]);
  const writings = useMemo(() => [{ marks, focus: [] }], [marks]);
  /** The square under the pointer; for jumps the nearest grid line. */
  const squareAt = (event: PointerEvent): Square | undefined => {
    const box = pad.current?.getBoundingClientRect();
    if (box === undefined) return undefined;
    const across = ((event.clientX - box.left) / box.width) * size.cols;
    const down = ((event.clientY - box.top) / box.height) * size.rows;
    // Jumps go from grid line to grid line, over the edge that is nearest.
    return hand === "jump"
      ? { col: Math.round(across), row: Math.round(down) }
      : { col: Math.floor(across), row: Math.floor(down) };
  };
  const share = (part: number, all: number): string => `${(100 * part) / all}%`;
  const box = ({ col, row }: Square) => ({
    left: share(col, size.cols),
    top: share(row, size.rows),
    width: share(1, size.cols),
    height: share(1, size.rows),
  });
  return (
    <div
      ref={pad}
      data-disabled={disabled}
      className="relative touch-none select-none data-[disabled=true]:opacity-50"
      onPointerDown={(event) => {
        const here = squareAt(event);
        if (here === undefined || disabled) return;
        from.current = here;
        if (hand === "jump") event.currentTarget.setPointerCapture(event.pointerId);
        else onGo(here);
      }}
      onPointerUp={(event) => {
        const here = squareAt(event);
        if (hand === "jump" && from.current !== undefined && here !== undefined && !disabled)
          onJump(from.current, here);
        from.current = undefined;
      }}
    >
      <PaperDrawing
        layout={NO_LAYOUT}
        writings={writings}
        shown={1}
        page={page}
        square={square}
        house={house}
        placeNames={false}
        label={`Your paper, square ${at.col + 1} across, ${at.row + 1} down`}
        still
      />
      {wrong && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute rounded-sm border-[3px] border-dashed border-rust"
          style={box(wrong)}
        />
      )}
      {hint && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute grid place-items-center font-board text-[30px] text-pencil opacity-60"
          style={box(hint.at)}
        >
          {hint.text}
        </span>
      )}
      {!disabled && (
        <span
          aria-hidden="true"
          data-goes={goes}
          data-hand={hand}
          className="pointer-events-none absolute rounded-sm border-2 border-pencil bg-(--band) data-[goes=left]:border-l-[5px] data-[goes=right]:border-r-[5px] data-[hand=small]:border-dotted"
          style={box(at)}
        />
      )}
    </div>
  );
}
