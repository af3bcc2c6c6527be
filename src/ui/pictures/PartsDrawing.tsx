import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { writeNumeral } from "@/core/number";
import type { PartsRow, Picture } from "@/core/pictures";
import { pictureWords } from "@/core/wording";

const WIDTH = 264;
const LEFT = 46;
const ROW = 40;

type Parts = Extract<Picture, { kind: "parts" }>;

/** How many wholes a row needs, and how many parts of each of them are filled. */
function wholesOf({ fraction }: PartsRow): readonly number[] {
  const [numerator, denominator] = [Number(fraction.numerator), Number(fraction.denominator)];
  const count = Math.max(1, Math.ceil(numerator / denominator));
  return Array.from({ length: count }, (_, index) =>
    Math.min(denominator, Math.max(0, numerator - index * denominator)),
  );
}

/** Fractions as parts of equal wholes, one under the other: bars, circles or stretches of a line, as the house draws them. */
export function PartsDrawing({
  picture,
  house,
}: {
  readonly picture: Parts;
  readonly house: HouseRules;
}): ReactElement {
  const { rows, wrong } = picture;
  const most = Math.max(...rows.map((row) => wholesOf(row).length));
  const circles = house.fractionPictures === "circles";
  const across = (WIDTH - LEFT) / most;
  const height = circles ? Math.min(64, across) + 6 : ROW;
  return (
    <svg
      role="img"
      aria-label={pictureWords(picture, house)}
      viewBox={`0 0 ${WIDTH} ${rows.length * height}`}
      className="w-full"
    >
      {rows.map((row, index) => {
        const last = index === rows.length - 1;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: the rows of a picture never change their order
          <g key={index} transform={`translate(0 ${index * height})`}>
            <text
              x={LEFT - 8}
              y={height / 2}
              textAnchor="end"
              dominantBaseline="central"
              className={`font-board text-note ${wrong && last ? "fill-rust" : "fill-ink"}`}
            >
              {writeNumeral(row.fraction, house)}
            </text>
            <g transform={`translate(${LEFT} 0)`}>
              <RowShapes
                row={row}
                shape={house.fractionPictures}
                across={across}
                height={height}
                wrong={wrong && last}
              />
            </g>
          </g>
        );
      })}
    </svg>
  );
}

function RowShapes({
  row,
  shape,
  across,
  height,
  wrong,
}: {
  readonly row: PartsRow;
  readonly shape: HouseRules["fractionPictures"];
  readonly across: number;
  readonly height: number;
  readonly wrong: boolean;
}): ReactElement {
  const parts = Number(row.fraction.denominator);
  const cuts = row.cutInto === undefined ? parts : Number(row.cutInto);
  const fill = wrong ? "fill-rust/25" : "fill-pencil/25";
  return (
    <>
      {wholesOf(row).map((filled, index) => {
        const place = { parts, cuts, filled, fill };
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: the wholes of a row never change their order
          <g key={index} transform={`translate(${index * across} 0)`}>
            {shape === "circles" ? (
              <Circle {...place} radius={Math.min(64, across) / 2 - 3} middle={height / 2} />
            ) : shape === "bars" ? (
              <Bar {...place} width={across - 6} height={height} />
            ) : (
              <Stretch {...place} width={across} height={height} />
            )}
          </g>
        );
      })}
    </>
  );
}

interface Place {
  readonly parts: number;
  readonly cuts: number;
  readonly filled: number;
  readonly fill: string;
}

const steps = (count: number): readonly number[] =>
  Array.from({ length: Math.max(0, count - 1) }, (_, index) => index + 1);

function Bar({
  parts,
  cuts,
  filled,
  fill,
  width,
  height,
}: Place & { readonly width: number; readonly height: number }): ReactElement {
  const [top, tall] = [6, height - 14];
  return (
    <>
      <rect x={0} y={top} width={(width * filled) / parts} height={tall} className={fill} />
      <path
        d={steps(cuts)
          .map((step) => `M${(width * step) / cuts} ${top}v${tall}`)
          .join("")}
        className="stroke-pencil"
        strokeWidth={1}
      />
      <path
        d={steps(parts)
          .map((step) => `M${(width * step) / parts} ${top}v${tall}`)
          .join("")}
        className="stroke-ink"
        strokeWidth={1.5}
      />
      <rect x={0} y={top} width={width} height={tall} className="fill-none stroke-ink" strokeWidth={1.5} />
    </>
  );
}

function Circle({
  parts,
  cuts,
  filled,
  fill,
  radius,
  middle,
}: Place & { readonly radius: number; readonly middle: number }): ReactElement {
  const at = (share: number): readonly [number, number] => [
    radius + radius * Math.sin(2 * Math.PI * share),
    middle - radius * Math.cos(2 * Math.PI * share),
  ];
  const spokes = (count: number): string =>
    count === 1
      ? ""
      : [0, ...steps(count)].map((step) => `M${radius} ${middle}L${at(step / count).join(" ")}`).join("");
  const share = filled / parts;
  const [x, y] = at(share);
  return (
    <>
      {share >= 1 ? (
        <circle cx={radius} cy={middle} r={radius} className={fill} />
      ) : (
        share > 0 && (
          <path
            d={`M${radius} ${middle}V${middle - radius}A${radius} ${radius} 0 ${share > 0.5 ? 1 : 0} 1 ${x} ${y}Z`}
            className={fill}
          />
        )
      )}
      <path d={spokes(cuts)} className="stroke-pencil" strokeWidth={1} />
      <path d={spokes(parts)} className="stroke-ink" strokeWidth={1.5} />
      <circle cx={radius} cy={middle} r={radius} className="fill-none stroke-ink" strokeWidth={1.5} />
    </>
  );
}

function Stretch({
  parts,
  cuts,
  filled,
  fill,
  width,
  height,
}: Place & { readonly width: number; readonly height: number }): ReactElement {
  const axis = height / 2;
  return (
    <>
      <rect x={0} y={axis - 5} width={(width * filled) / parts} height={10} className={fill} />
      <path
        d={steps(cuts)
          .map((step) => `M${(width * step) / cuts} ${axis - 5}v10`)
          .join("")}
        className="stroke-pencil"
        strokeWidth={1}
      />
      <path
        d={`M0 ${axis}H${width}M0 ${axis - 10}v20M${width} ${axis - 10}v20${steps(parts)
          .map((step) => `M${(width * step) / parts} ${axis - 7}v14`)
          .join("")}`}
        className="stroke-ink"
        strokeWidth={1.5}
      />
    </>
  );
}
