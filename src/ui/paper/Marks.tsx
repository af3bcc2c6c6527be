import { memo, type ReactElement } from "react";
import type { Mark, Writing } from "@/core/board";
import type { Notation } from "@/core/number";
import { type Shape, shapesOf } from "@/render/board";

/** Units of the drawing to one square; whole squares drawn at 1 would blur text in some browsers. */
export const UNIT = 100;

/** The marks of one step. Steps keep their marks, so a step that stays as it is, is not drawn again. */
export const StepMarks = memo(function StepMarks({
  writing,
  fresh,
  decimalMark,
}: {
  readonly writing: Writing;
  readonly fresh: boolean;
  readonly decimalMark: Notation["decimalMark"];
}): ReactElement {
  return (
    <g data-fresh={fresh} className="group/step">
      {writing.marks.map((mark) => (
        <MarkDrawing key={keyOf(mark)} mark={mark} decimalMark={decimalMark} />
      ))}
    </g>
  );
});

const keyOf = (mark: Mark): string => JSON.stringify(mark);

function MarkDrawing({
  mark,
  decimalMark,
}: {
  readonly mark: Mark;
  readonly decimalMark: Notation["decimalMark"];
}): ReactElement {
  return (
    <g data-mark={mark.kind}>
      {shapesOf(mark, decimalMark).map((shape) => (
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
          strokeDasharray={shape.dashed ? "12 14" : undefined}
          className={STROKE}
        />
      );
    case "curve":
      return (
        <path
          d={`M${shape.x1 * UNIT} ${shape.y1 * UNIT}Q${shape.towardsX * UNIT} ${shape.towardsY * UNIT} ${shape.x2 * UNIT} ${shape.y2 * UNIT}`}
          fill="none"
          strokeWidth={shape.weight * UNIT}
          strokeLinecap="round"
          className={STROKE}
        />
      );
    case "ring":
      return (
        <circle
          cx={shape.x * UNIT}
          cy={shape.y * UNIT}
          r={shape.radius * UNIT}
          fill="none"
          strokeWidth={shape.weight * UNIT}
          className={STROKE}
        />
      );
    case "dot": {
      const [x, y] = [shape.x * UNIT, shape.y * UNIT];
      return (
        <path
          d={shape.tail ? commaPath(x, y) : dotPath(x, y)}
          strokeWidth={shape.hollow ? 4 : 0}
          className={shape.hollow ? "fill-page stroke-soft group-data-[fresh=true]/step:stroke-pencil" : INK}
        />
      );
    }
  }
}

const dotPath = (x: number, y: number): string => `M${x - 9} ${y}a9 9 0 1 0 18 0a9 9 0 1 0 -18 0Z`;

/** The same dot, drawn on into a short tail down to the left. */
const commaPath = (x: number, y: number): string =>
  `M${x - 9} ${y}a9 9 0 1 1 18 0c0 12 -6 20 -16 25c3 -6 5 -11 4 -17a9 9 0 0 1 -6 -8Z`;
