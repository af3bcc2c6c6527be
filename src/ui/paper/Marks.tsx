import { memo, type ReactElement } from "react";
import type { Mark, Writing } from "@/core/board";
import type { Notation } from "@/core/number";
import { pathOf, type Shape, shapesOf } from "@/render/board";

/** Units of the drawing to one square; whole squares drawn at 1 would blur text in some browsers. */
export const UNIT = 100;

/** The marks of one step. Steps keep their marks, so a step that stays as it is, is not drawn again. */
export const StepMarks = memo(function StepMarks({
  writing,
  fresh,
  wrong,
  decimalMark,
}: {
  readonly writing: Writing;
  readonly fresh: boolean;
  /** Whether the step is the one at which a wrong way leaves the sound one: drawn in rust. */
  readonly wrong: boolean;
  readonly decimalMark: Notation["decimalMark"];
}): ReactElement {
  return (
    <g data-fresh={fresh} data-wrong={wrong} className="group/step">
      {writing.marks.map((mark, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the marks of a step never change their order
        <MarkDrawing key={index} mark={mark} decimalMark={decimalMark} />
      ))}
    </g>
  );
});

function MarkDrawing({
  mark,
  decimalMark,
}: {
  readonly mark: Mark;
  readonly decimalMark: Notation["decimalMark"];
}): ReactElement {
  return (
    <g data-mark={mark.kind}>
      {shapesOf(mark, decimalMark).map((shape, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the shapes of a mark never change their order
        <ShapeDrawing key={index} shape={shape} />
      ))}
    </g>
  );
}

const INK = "fill-ink group-data-[fresh=true]/step:fill-pencil group-data-[wrong=true]/step:fill-rust";
const STROKE =
  "stroke-ink group-data-[fresh=true]/step:stroke-pencil group-data-[wrong=true]/step:stroke-rust";

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
              : `${INK} group-data-[fresh=true]/step:font-bold group-data-[wrong=true]/step:font-bold`
          }
        >
          {shape.text}
        </text>
      );
    case "line":
    case "curve":
    case "ring":
      return (
        <path
          d={pathOf(shape, UNIT)}
          fill="none"
          strokeWidth={shape.weight * UNIT}
          strokeLinecap="round"
          strokeDasharray={shape.kind === "line" && shape.dashed ? "12 14" : undefined}
          className={STROKE}
        />
      );
    case "dot":
      return (
        <path
          d={pathOf(shape, UNIT)}
          strokeWidth={shape.hollow ? 4 : 0}
          className={shape.hollow ? "fill-page stroke-soft group-data-[fresh=true]/step:stroke-pencil" : INK}
        />
      );
  }
}
