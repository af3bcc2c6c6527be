import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { writeDecimal } from "@/core/number";
import type { Picture } from "@/core/pictures";
import { currencyOf, pieceName, unitOf } from "@/core/quantity";
import { pictureWords } from "@/core/wording";

const WIDTH = 264;

/** Coins as rounds and notes as oblongs, side by side in lines. */
export function TillDrawing({
  picture,
  house,
}: {
  readonly picture: Extract<Picture, { kind: "till" }>;
  readonly house: HouseRules;
}): ReactElement {
  const { coins } = currencyOf(picture.currency);
  let [x, y] = [0, 0];
  const placed = picture.pieces.map((piece, index) => {
    const coin = coins.includes(piece);
    const width = coin ? 44 : 76;
    if (x + width > WIDTH) [x, y] = [0, y + 52];
    const at = { piece, coin, index, x, y };
    x += width + 6;
    return at;
  });
  return (
    <svg
      role="img"
      aria-label={pictureWords(picture, house)}
      viewBox={`0 0 ${WIDTH} ${y + 50}`}
      className="w-full"
    >
      {placed.map(({ piece, coin, index, x: left, y: top }) => (
        <g key={index} transform={`translate(${left} ${top})`}>
          {coin ? (
            <circle cx={22} cy={24} r={21} className="fill-shade stroke-ink" strokeWidth={1.5} />
          ) : (
            <rect
              x={0.75}
              y={4}
              width={74}
              height={40}
              rx={3}
              className="fill-shade stroke-ink"
              strokeWidth={1.5}
            />
          )}
          <text
            x={coin ? 22 : 38}
            y={24}
            textAnchor="middle"
            dominantBaseline="central"
            className="fill-ink font-board text-note"
          >
            {pieceName(piece, picture.currency)}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** A measure taken apart in two ways: lines lead from each unit as it was to what it became. */
export function BondDrawing({
  picture,
  house,
}: {
  readonly picture: Extract<Picture, { kind: "bond" }>;
  readonly house: HouseRules;
}): ReactElement {
  const { before, after } = picture;
  const step = WIDTH / before.length;
  const middle = (index: number): number => step * (index + 0.5);
  return (
    <svg role="img" aria-label={pictureWords(picture, house)} viewBox={`0 0 ${WIDTH} 108`} className="w-full">
      {before.map(({ unit, count }, index) => (
        <g key={unit}>
          <Bubble x={middle(index)} y={22} text={`${count} ${unitOf(unit).symbol}`} fresh={false} />
          <path
            d={`M${middle(index)} 40V68${index < before.length - 1 ? `M${middle(index) + 14} 40L${middle(index + 1) - 14} 68` : ""}`}
            className="stroke-ink"
            strokeWidth={1.5}
          />
          <Bubble
            x={middle(index)}
            y={86}
            text={`${after[index]?.count ?? 0n} ${unitOf(unit).symbol}`}
            fresh
          />
        </g>
      ))}
    </svg>
  );
}

function Bubble({
  x,
  y,
  text,
  fresh,
}: {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly fresh: boolean;
}): ReactElement {
  const width = Math.max(52, text.length * 9 + 16);
  return (
    <>
      <rect
        x={x - width / 2}
        y={y - 18}
        width={width}
        height={36}
        rx={18}
        className={fresh ? "fill-page stroke-pencil" : "fill-page stroke-ink"}
        strokeWidth={fresh ? 2.5 : 1.5}
      />
      <text
        x={x}
        y={y}
        textAnchor="middle"
        dominantBaseline="central"
        className="fill-ink font-board text-note"
      >
        {text}
      </text>
    </>
  );
}

/** What lies above zero and what below it, as two bars from one zero, to scale. */
export function SidesDrawing({
  picture,
  house,
}: {
  readonly picture: Extract<Picture, { kind: "sides" }>;
  readonly house: HouseRules;
}): ReactElement {
  const sizes = [picture.above, picture.below].map((numeral) =>
    Number(`${numeral.whole || "0"}.${numeral.fraction || "0"}`),
  );
  const [above = 0, below = 0] = sizes;
  const scale = 120 / Math.max(above, below, 1);
  const zero = WIDTH / 2;
  return (
    <svg role="img" aria-label={pictureWords(picture, house)} viewBox={`0 0 ${WIDTH} 74`} className="w-full">
      <rect x={zero} y={10} width={above * scale} height={18} className="fill-pencil/25 stroke-ink" />
      <rect
        x={zero - below * scale}
        y={32}
        width={below * scale}
        height={18}
        className="fill-straw/25 stroke-ink"
      />
      <path d={`M${zero} 4V58`} className="stroke-plumb" strokeWidth={2.5} />
      <text x={zero} y={68} textAnchor="middle" className="fill-soft text-small">
        0
      </text>
      <text x={zero + 6} y={24} className="fill-ink font-board text-small">
        {above > 0 ? `+${writeDecimal(picture.above, house)}` : ""}
      </text>
      <text x={zero - 6} y={46} textAnchor="end" className="fill-ink font-board text-small">
        {below > 0 ? `−${writeDecimal(picture.below, house)}` : ""}
      </text>
    </svg>
  );
}
