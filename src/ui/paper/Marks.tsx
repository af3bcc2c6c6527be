import { memo, type ReactElement } from "react";
import type { Mark, Writing } from "@/core/board";
import { type Shape, shapesOf } from "@/render/board";

/** Units of the drawing to one square; whole squares drawn at 1 would blur text in some browsers. */
export const UNIT = 100;

/** The marks of one step. Steps keep their marks, so a step that stays as it is, is not drawn again. */
export const StepMarks = memo(function StepMarks({
  writing,
  fresh,
}: {
  readonly writing: Writing;
  readonly fresh: boolean;
}): ReactElement {
  return (
    <g data-fresh={fresh} className="group/step">
      {writing.marks.map((mark) => (
        <MarkDrawing key={keyOf(mark)} mark={mark} />
      ))}
    </g>
  );
});

const keyOf = (mark: Mark): string => JSON.stringify(mark);

function MarkDrawing({ mark }: { readonly mark: Mark }): ReactElement {
  return (
    <g data-mark={mark.kind}>
      {shapesOf(mark).map((shape) => (
        <ShapeDrawing key={JSON.stringify(shape)} shape={shape} />
      ))}
    </g>
  );
}

const INK = "fill-ink group-data-[fresh=true]/step:fill-pencil";
const STROKE = "stroke-ink group-data-[fresh=true]/step:stroke-pencil";

function ShapeDrawing({ shape }: { readonly shape: Shape }): ReactElement {
  switch (shape.kind) {
    case "text":
      return (
        <text
          x={shape.x * UNIT}
          y={shape.y * UNIT}
          fontSize={shape.size * UNIT}
          textAnchor="middle"
          dominantBaseline="central"
          strokeWidth={shape.hollow ? 2.5 : 0}
          className={
            shape.hollow
              ? "fill-page stroke-soft group-data-[fresh=true]/step:stroke-pencil"
              : `${INK} group-data-[fresh=true]/step:font-bold`
          }
        >
          {shape.text}
        </text>
      );
    case "line":
      return (
        <line
          x1={shape.x1 * UNIT}
          y1={shape.y1 * UNIT}
          x2={shape.x2 * UNIT}
          y2={shape.y2 * UNIT}
          strokeWidth={shape.weight * UNIT}
          strokeLinecap="round"
          className={STROKE}
        />
      );
    case "dot":
      return (
        <circle
          cx={shape.x * UNIT}
          cy={shape.y * UNIT}
          r={shape.hollow ? 8 : 9}
          strokeWidth={shape.hollow ? 4 : 0}
          className={shape.hollow ? "fill-page stroke-soft group-data-[fresh=true]/step:stroke-pencil" : INK}
        />
      );
  }
}
