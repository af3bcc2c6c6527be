"use client";

import type { ReactElement } from "react";
import type { BarPart, StoryPicture } from "@/service/requests";
import { useNarrow } from "../useNarrow";

/** Room across, in units of the drawing, on a wide screen and on a narrow one, so that its words stay as large; the height of a bar, and what lies between two. */
const WIDE = 680;
const NARROW = 360;
const BAR = 46;
const BETWEEN = 26;
/** How far below a bar the name of a brace stands. */
const BRACE = 31;
/** The side that stays free for what hangs over. */
const SIDE = 4;
/** How wide a sign of a label is, about. */
const SIGN = 11;

/** How far a story is worked: nothing yet, what an operation on the way comes to, or what is asked. */
export type WorkedSoFar = "nothing" | "onTheWay" | "answered";

/** A picture to scale: bars of the parts and the whole, or a line of numbers with a leap; with as much in it as is worked. */
export function StoryDrawing({
  picture,
  worked = "nothing",
}: {
  readonly picture: StoryPicture;
  readonly worked?: WorkedSoFar;
}): ReactElement {
  if (picture.kind === "bars") return <Bars {...filledIn(picture, worked)} />;
  const filled = (words: string): string => (words === "?" && worked === "answered" ? picture.comes : words);
  const [from, to] = picture.ends;
  return <NumberLine {...picture} ends={[filled(from), filled(to)]} by={filled(picture.by)} />;
}

type BarsPicture = Extract<StoryPicture, { readonly kind: "bars" }>;

/** Bars with what is worked so far: what is asked stands on its part, or over its parts where it has several. */
function filledIn({ rows, braces, comes }: BarsPicture, worked: WorkedSoFar) {
  const shown = worked === "nothing" ? [] : braces;
  if (worked !== "answered") return { rows, braces: shown };
  const over = rows.flatMap((row, nth) => {
    const asked = row.flatMap((part, at) => (part.asked ? [at] : []));
    const [from, to = 0] = [asked[0], asked.at(-1)];
    return from !== undefined && to > from ? [{ row: nth, from, to, label: comes }] : [];
  });
  const named = rows.map((row, nth) =>
    row.map((part) =>
      part.label === "?" ? { ...part, label: over.some((one) => one.row === nth) ? "" : comes } : part,
    ),
  );
  return { rows: named, braces: [...shown, ...over] };
}

const fitsIn = ({ label }: BarPart, width: number): boolean => label.length * SIGN + 8 <= width;

/** How wide a drawing is here. */
const useWidth = (): number => (useNarrow() ? NARROW : WIDE);

function Bars({ rows, braces }: Pick<BarsPicture, "rows" | "braces">): ReactElement {
  const length = (row: readonly BarPart[]): number => row.reduce((sum, { size }) => sum + size, 0);
  const width = useWidth();
  const scale = (width - 2 * SIDE) / Math.max(...rows.map(length));
  const room = (nth: number): number => (braces.some(({ row }) => row === nth) ? BRACE : 0);
  const top = (nth: number): number =>
    rows.slice(0, nth).reduce((down, _, before) => down + BAR + BETWEEN + room(before), BETWEEN);
  const height = top(rows.length) - BETWEEN + 8;
  const told = [...rows.flat(), ...braces].map(({ label }) => label).filter((label) => label !== "");
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Bars to scale: ${told.join(", ")}`}
      className="mt-5 w-full max-w-[760px]"
    >
      {rows.map((row, nth) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the bars of a picture never change their order
        <g key={nth} transform={`translate(${SIDE} ${top(nth)})`}>
          {row.map((part, at) => {
            const from = length(row.slice(0, at)) * scale;
            const wide = part.size * scale;
            const inside = fitsIn(part, wide);
            // Of two narrow parts beside each other one has its label above, the other below.
            const narrow = row
              .slice(0, at)
              .filter((one) => one.label !== "" && !fitsIn(one, one.size * scale));
            const beside = narrow.length % 2 === 0 ? -6 : BAR + 18;
            // A label over a narrow part stays inside the drawing.
            const middle = from + wide / 2;
            const side =
              inside || (middle > 60 && middle < width - 60) ? "middle" : middle > 60 ? "end" : "start";
            const x = side === "middle" ? middle : side === "end" ? from + wide : from;
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: the parts of a bar never change their order
              <g key={at}>
                <rect
                  x={from}
                  width={wide}
                  height={BAR}
                  strokeWidth={part.asked ? 2.5 : 1.5}
                  strokeDasharray={part.asked ? "7 5" : undefined}
                  data-asked={part.asked}
                  className="fill-page stroke-ink data-[asked=true]:stroke-plumb"
                />
                <text
                  x={x}
                  y={inside ? BAR / 2 + 7 : beside}
                  textAnchor={side}
                  fontSize={inside ? 20 : 16}
                  data-asked={part.asked}
                  className="fill-ink font-board data-[asked=true]:fill-plumb"
                >
                  {part.label}
                </text>
              </g>
            );
          })}
          {braces
            .filter((brace) => brace.row === nth)
            .map(({ from, to, label }) => {
              const [start, end] = [length(row.slice(0, from)) * scale, length(row.slice(0, to + 1)) * scale];
              return (
                <g key={from}>
                  <path
                    d={`M${start + 2} ${BAR + 4}v6H${end - 2}v-6M${(start + end) / 2} ${BAR + 10}v5`}
                    strokeWidth={1.5}
                    className="fill-none stroke-straw"
                  />
                  <text
                    x={(start + end) / 2}
                    y={BAR + BRACE}
                    textAnchor="middle"
                    fontSize={19}
                    className="fill-straw font-board"
                  >
                    {label}
                  </text>
                </g>
              );
            })}
        </g>
      ))}
    </svg>
  );
}

function NumberLine({
  from,
  to,
  ends,
  by,
  withZero,
}: Extract<StoryPicture, { readonly kind: "line" }>): ReactElement {
  const shown = withZero ? [from, to, 0] : [from, to];
  const [least, most] = [Math.min(...shown), Math.max(...shown)];
  const margin = Math.max(withZero ? 1 : 0, (most - least) * 0.08);
  const width = useWidth();
  const at = (value: number): number =>
    40 + ((value - least + margin) / (most - least + 2 * margin)) * (width - 80);
  const line = 92;
  const marks = [
    ...new Map([...(withZero ? [[0, "0"] as const] : []), [from, ends[0]] as const, [to, ends[1]] as const]),
  ];
  return (
    <svg
      viewBox={`0 0 ${width} 140`}
      role="img"
      aria-label={`A line of numbers: from ${ends[0]} to ${ends[1]}, ${by}`}
      className="mt-5 w-full max-w-[760px]"
    >
      <path d={`M20 ${line}H${width - 20}`} strokeWidth={1.5} className="fill-none stroke-ink" />
      {marks.map(([value, words]) => (
        <g key={value}>
          <path
            d={`M${at(value)} ${line - 9}v18`}
            strokeWidth={withZero && value === 0 ? 2.5 : 1.5}
            className="stroke-ink"
          />
          <text
            x={at(value)}
            y={line + 32}
            textAnchor="middle"
            fontSize={20}
            data-asked={words === "?"}
            className="fill-ink font-board data-[asked=true]:fill-plumb"
          >
            {words}
          </text>
        </g>
      ))}
      <path
        d={`M${at(from)} ${line - 12}Q${(at(from) + at(to)) / 2} ${line - 80} ${at(to)} ${line - 12}`}
        strokeWidth={2.5}
        className="fill-none stroke-plumb"
      />
      <path
        d={`M${at(to)} ${line - 11}l${to >= from ? "-11 -5l3 10" : "11 -5l-3 10"}Z`}
        className="fill-plumb"
      />
      <text
        x={(at(from) + at(to)) / 2}
        y={line - 58}
        textAnchor="middle"
        fontSize={19}
        className="fill-plumb font-board"
      >
        {by}
      </text>
    </svg>
  );
}
