import { memo, type ReactElement } from "react";
import { type Instrument, type InstrumentPosition, labelAt, shareOfInstrument } from "@/core/shop";

/** The side of the drawing and the radius of its marks, in units of the drawing. */
const SIDE = 420;
const MIDDLE = SIDE / 2;
const RADIUS = 182;
/** How much of a turn the scale takes: the last mark stands where the first one does. */
const TURN = 360;

/** A point at a share of the turn, so far from the middle. */
function at(share: number, radius: number): readonly [number, number] {
  const angle = ((share * TURN - 90) * Math.PI) / 180;
  return [MIDDLE + radius * Math.cos(angle), MIDDLE + radius * Math.sin(angle)];
}

const line = (share: number, from: number, to: number): string => {
  const [x1, y1] = at(share, from);
  const [x2, y2] = at(share, to);
  return `M${x1.toFixed(2)} ${y1.toFixed(2)}L${x2.toFixed(2)} ${y2.toFixed(2)}`;
};

/** A round scale with its hand. */
export function Dial({
  instrument,
  position,
  numbers = 20,
}: {
  readonly instrument: Instrument;
  readonly position: InstrumentPosition;
  /** How large its numbers are. */
  readonly numbers?: number;
}): ReactElement {
  return (
    <g>
      <Face instrument={instrument} numbers={numbers} />
      <path
        data-hand={true}
        d={line(shareOfInstrument(instrument, position), -26, RADIUS - 6)}
        strokeWidth={4}
        strokeLinecap="round"
        className="stroke-rust"
      />
      <circle cx={MIDDLE} cy={MIDDLE} r={9} className="fill-rust" />
    </g>
  );
}

/** The marks and numbers, which never change while the hand moves. */
const Face = memo(function Face({
  instrument,
  numbers,
}: {
  readonly instrument: Instrument;
  readonly numbers: number;
}): ReactElement {
  const count = instrument.to - instrument.from;
  const marks = Array.from({ length: count }, (_, nth) => instrument.from + nth);
  return (
    <g>
      <circle cx={MIDDLE} cy={MIDDLE} r={RADIUS + 18} strokeWidth={2.5} className="fill-page stroke-ink" />
      {marks.map((mark) => {
        const share = (mark - instrument.from) / count;
        const label = labelAt(instrument, mark);
        const inner = label !== undefined ? 22 : mark % instrument.longer === 0 ? 15 : 9;
        const [x, y] = at(share, RADIUS - 42);
        return (
          <g key={mark}>
            <path
              d={line(share, RADIUS - inner, RADIUS)}
              strokeWidth={label !== undefined ? 2.5 : 1.2}
              className="stroke-ink"
            />
            {label !== undefined && (
              <text
                x={x}
                y={y + numbers / 3}
                textAnchor="middle"
                fontSize={numbers}
                className="fill-ink font-board"
              >
                {label}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
});
