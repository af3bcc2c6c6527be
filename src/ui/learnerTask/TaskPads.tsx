import { type ReactElement, useState } from "react";
import { decimalSign } from "@/core/number";
import { DrawPad } from "./DrawPad";
import type { HandStroke } from "./hand/hand";
import { NumberPad } from "./NumberPad";
import type { TaskInHand, TaskStart } from "./state/useTask";

/** The pads under a finger: what can be written for this problem, and what can be drawn and laid. */
export function TaskPads({
  start: { turn, house },
  task: { pen, waits, letters, things, lattice, putLattice },
}: {
  readonly start: TaskStart;
  readonly task: TaskInHand;
}): ReactElement {
  const [draws, setDraws] = useState(false);
  const { asked } = turn;
  const write = (stroke: HandStroke): void => {
    if (!waits) pen.stroke(stroke);
  };
  return (
    <div className="flex flex-col gap-1.5">
      <NumberPad
        hand={pen.hand}
        goes={pen.goes}
        letters={letters}
        signs={[
          ...(asked.money === undefined ? [] : [asked.money.sign]),
          ...(asked.kind === "signed" || asked.kind === "chain" ? ["(", ")"] : []),
        ]}
        lattice={lattice}
        quotient={asked.op === "divide"}
        decimalSign={decimalSign(house)}
        drawsToo={draws}
        onStroke={write}
        onLattice={putLattice}
        onDraw={() => setDraws(!draws)}
      />
      {draws && <DrawPad hand={pen.hand} things={things} holds={pen.held !== undefined} onStroke={write} />}
    </div>
  );
}
