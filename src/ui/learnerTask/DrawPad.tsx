"use client";

import {
  ArrowLeftRight,
  Circle,
  Grid2x2,
  Hand as HandIcon,
  PaintBucket,
  RectangleHorizontal,
  Scan,
  Spline,
} from "lucide-react";
import type { ReactElement } from "react";
import type { Hand, HandStroke, LaidThing } from "./hand/hand";
import { KeyButton } from "./KeyButton";

/** What can be drawn and laid besides digits: wholes to be cut and shaded, things to be moved, jumps and frames. */
export function DrawPad({
  hand,
  things,
  holds,
  onStroke,
}: {
  readonly hand: Hand;
  readonly things: readonly LaidThing[];
  /** Whether something is held, to be put down. */
  readonly holds: boolean;
  readonly onStroke: (stroke: HandStroke) => void;
}): ReactElement {
  return (
    <fieldset aria-label="To draw and lay" className="grid grid-cols-6 content-start gap-1.5">
      {things.map((thing) => (
        <KeyButton
          key={thing.text}
          label={`Lay ${THING_NAMES[thing.look]} ${thing.text}`}
          onPress={() => onStroke({ kind: "lay", things: [thing], next: false })}
        >
          <span
            data-look={thing.look}
            className="grid size-9 place-items-center border-2 border-ink font-board text-small leading-none data-[look=coin]:rounded-full data-[look=minus]:rounded-full data-[look=minus]:border-4 data-[look=minus]:text-lead data-[look=plus]:rounded-full data-[look=plus]:text-lead"
          >
            {thing.text}
          </span>
        </KeyButton>
      ))}
      <KeyButton label="Bar" onPress={() => onStroke({ kind: "shape", look: "bar" })}>
        <RectangleHorizontal aria-hidden="true" className="size-6" />
      </KeyButton>
      <KeyButton label="Circle" onPress={() => onStroke({ kind: "shape", look: "circle" })}>
        <Circle aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label="Square to cut" onPress={() => onStroke({ kind: "shape", look: "square" })}>
        <Grid2x2 aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label="Shade a part" onPress={() => onStroke({ kind: "shade", more: true })}>
        <PaintBucket aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label={holds ? "Put down" : "Take up"} on={holds} onPress={() => onStroke({ kind: "take" })}>
        <HandIcon aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label="Exchange ten for one" onPress={() => onStroke({ kind: "trade" })}>
        <ArrowLeftRight aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label="Jumps" on={hand === "jump"} onPress={() => onStroke({ kind: "hand", hand: "jump" })}>
        <Spline aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label="Frame" on={hand === "box"} onPress={() => onStroke({ kind: "hand", hand: "box" })}>
        <Scan aria-hidden="true" className="size-5" />
      </KeyButton>
    </fieldset>
  );
}

const THING_NAMES: Readonly<Record<LaidThing["look"], string>> = {
  plus: "a counter",
  minus: "a counter",
  coin: "a coin or note of",
  piece: "a piece of",
};
