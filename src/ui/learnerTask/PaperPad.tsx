"use client";

import { type PointerEvent, type ReactElement, useEffect, useMemo, useRef } from "react";
import type { Mark, PaperLayout } from "@/core/board";
import type { HouseRules } from "@/core/house";
import { SquaredPaper as PaperDrawing } from "../paper";
import type { Hand, HandStroke, Size, Square, Way } from "./hand/hand";
import { shapeIn, tokenIn } from "./hand/laid";

const NO_LAYOUT: PaperLayout = { columns: [], plumbs: [] };

/** A block of squares. */
export interface SquareBlock extends Square {
  readonly width: number;
  readonly height: number;
}

/** The squared paper that a learner writes on: a tap or the arrows choose the square, a drag draws, or moves what is laid. */
export function PaperPad({
  marks,
  size,
  at,
  held,
  goes,
  hand,
  wrong,
  walked,
  hint,
  house,
  square,
  disabled,
  onStroke,
}: {
  readonly marks: readonly Mark[];
  readonly size: Size;
  readonly at: Square;
  /** Where a jump or a box begins, or what is carried, by keys. */
  readonly held: Square | undefined;
  readonly goes: Way;
  readonly hand: Hand;
  /** A square to look at again. */
  readonly wrong: Square | undefined;
  /** The block that is spoken of, on the way through the marked paper. */
  readonly walked: SquareBlock | undefined;
  /** Where the next mark belongs, with what it is. */
  readonly hint: { readonly at: Square; readonly text: string } | undefined;
  readonly house: HouseRules;
  readonly square: number;
  readonly disabled: boolean;
  readonly onStroke: (stroke: HandStroke) => void;
}): ReactElement {
  const pad = useRef<HTMLDivElement>(null);
  const handBox = useRef<HTMLSpanElement>(null);
  const from = useRef<Square | undefined>(undefined);
  const { margin } = size;
  const [cols, rows] = [size.cols + margin, size.rows];
  const page = useMemo(() => {
    const extent = { left: -margin, right: cols - margin, top: 0, bottom: rows };
    return { ...extent, written: extent };
  }, [cols, rows, margin]);
  const writings = useMemo(() => [{ marks, focus: [] }], [marks]);
  const draws = hand === "jump" || hand === "box";
  // Where nothing is dragged, a finger scrolls the paper.
  const drags = draws || marks.some(({ kind }) => kind === "token" || kind === "shape");
  // biome-ignore lint/correctness/useExhaustiveDependencies: the hand is followed where it goes
  useEffect(() => {
    handBox.current?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [at.col, at.row]);
  // Where the room is narrow, the paper is seen first, and the margin when it is scrolled to.
  useEffect(() => {
    const room = pad.current?.closest("[data-room]");
    if (room && pad.current && room.clientWidth < 600)
      room.scrollLeft = (pad.current.clientWidth * margin) / cols;
  }, [margin, cols]);
  /** The point under the pointer, in squares. */
  const pointAt = (event: PointerEvent): { readonly x: number; readonly y: number } | undefined => {
    const box = pad.current?.getBoundingClientRect();
    return box === undefined
      ? undefined
      : {
          x: ((event.clientX - box.left) / box.width) * cols - margin,
          y: ((event.clientY - box.top) / box.height) * rows,
        };
  };
  /** The square there; jumps go from grid line to grid line, over the edge that is nearest. */
  const squareAt = ({ x, y }: { readonly x: number; readonly y: number }): Square =>
    hand === "jump" ? { col: Math.round(x), row: Math.round(y) } : { col: Math.floor(x), row: Math.floor(y) };
  const share = (part: number, all: number): string => `${(100 * part) / all}%`;
  const box = ({ col, row, width = 1, height = 1 }: Square & Partial<SquareBlock>) => ({
    left: share(col + margin, cols),
    top: share(row, rows),
    width: share(width, cols),
    height: share(height, rows),
  });
  const letGo = (point: { readonly x: number; readonly y: number }, start: Square): void => {
    const here = squareAt(point);
    const moved = here.col !== start.col || here.row !== start.row;
    if (draws) onStroke({ kind: hand, from: start, to: here });
    else if (moved && (tokenIn({ marks }, start) ?? shapeIn({ marks }, start)) !== undefined)
      onStroke({ kind: "carry", from: start, to: here });
    else {
      const shape = moved ? undefined : shapeIn({ marks }, here);
      if (shape !== undefined && shape.across * shape.down > 1) onStroke({ kind: "shadeAt", ...point });
      onStroke({ kind: "go", to: here });
    }
  };
  return (
    <div
      ref={pad}
      data-disabled={disabled}
      data-cols={cols}
      data-rows={rows}
      data-margin={margin}
      data-drags={drags}
      className="relative select-none [--room-height:9999px] [--room-width:9999px] data-[disabled=true]:opacity-50 data-[drags=true]:touch-none"
      onPointerDown={(event) => {
        const point = pointAt(event);
        if (point === undefined || disabled) return;
        from.current = squareAt(point);
        if (drags) event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerUp={(event) => {
        const point = pointAt(event);
        if (from.current !== undefined && point !== undefined && !disabled) letGo(point, from.current);
        from.current = undefined;
      }}
      onPointerCancel={() => {
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
        label={
          at.col < 0
            ? `Your paper, in the margin, square ${-at.col} from the paper, ${at.row + 1} down`
            : `Your paper, square ${at.col + 1} across, ${at.row + 1} down`
        }
        still
      />
      <span
        aria-hidden="true"
        className="pointer-events-none absolute inset-y-0 left-0 border-r-2 border-rust/50 bg-shade/40"
        style={{ width: share(margin, cols) }}
      >
        <span className="absolute top-1 left-2 text-small text-soft">notes</span>
      </span>
      {walked && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute rounded-md border-2 border-plumb bg-(--band)"
          style={box(walked)}
        />
      )}
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
          className="pointer-events-none absolute grid place-items-center font-board text-head text-pencil opacity-60"
          style={box(hint.at)}
        >
          {hint.text}
        </span>
      )}
      {held && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute rounded-full border-2 border-dotted border-pencil"
          style={box(held)}
        />
      )}
      {!disabled && (
        <span
          ref={handBox}
          aria-hidden="true"
          data-goes={goes}
          data-hand={hand}
          className="pointer-events-none absolute scroll-m-4 rounded-sm border-2 border-pencil bg-(--band) data-[goes=left]:border-l-[5px] data-[goes=right]:border-r-[5px] data-[hand=small]:border-dotted"
          style={box(at)}
        />
      )}
    </div>
  );
}
