import { memo, type ReactElement } from "react";
import { type Instrument, labelAt, shareOfInstrument } from "@/core/shop";

/** A scale in a straight line: how long it is, how long its marks are, and on which side of them the numbers stand. */
export interface StraightScale {
  readonly length: number;
  /** Whether it goes across or up. */
  readonly across: boolean;
}

/** Where a share of the way lies: along from the left, or up from the foot. */
export const along = ({ length, across }: StraightScale, share: number): number =>
  across ? share * length : (1 - share) * length;

/** The marks and numbers of a straight scale, which never change while what is measured does. */
export const Marks = memo(function Marks({
  instrument,
  length,
  across,
}: StraightScale & { readonly instrument: Instrument }): ReactElement {
  const marks = Array.from(
    { length: instrument.to - instrument.from + 1 },
    (_, nth) => instrument.from + nth,
  );
  return (
    <g data-marks={true}>
      {marks.map((mark) => {
        const label = labelAt(instrument, mark);
        const long = label !== undefined ? 26 : mark % instrument.longer === 0 ? 18 : 11;
        const place = along({ length, across }, shareOfInstrument(instrument, mark * instrument.between));
        return (
          <g key={mark}>
            <path
              d={across ? `M${place} 0v${long}` : `M0 ${place}h${long}`}
              strokeWidth={label !== undefined ? 2 : 1.1}
              className="stroke-ink"
            />
            {label !== undefined && (
              <text
                x={across ? place : long + 8}
                y={across ? long + 20 : place + 6}
                textAnchor={across ? "middle" : "start"}
                fontSize={18}
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
