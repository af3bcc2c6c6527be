"use client";

import { useListening } from "../../parts/useListening";
import { useShortcuts } from "../../shortcuts";
import type { HandStroke, LaidThing } from "../hand/hand";
import { strokeOf } from "../hand/strokeKeys";

/** What the keys of the learner's board do besides writing. */
interface TaskActs {
  readonly takeHint: () => void;
  readonly putLattice: () => void;
  readonly check: () => void;
  readonly tick: () => void;
  readonly stroke: (stroke: HandStroke) => void;
  /** Whether the paper is still shut: only the hand moves then. */
  readonly waits: boolean;
  /** The things that can be laid. */
  readonly things: readonly LaidThing[];
  /** The units of the problem, and the sign of its money. */
  readonly letters: readonly string[];
  readonly money: string | undefined;
}

/** Listens to the keys of the learner's board wherever no field takes them; gives whether it listens yet. */
export function useTaskKeys(acts: TaskActs): boolean {
  useShortcuts((event) => pressed(event, acts));
  return useListening();
}

/** Does what a key does; whether it does anything. */
function pressed(event: KeyboardEvent, acts: TaskActs): boolean {
  const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
  const key = plain ? event.key.toLowerCase() : "";
  if (event.key === "Enter" && !plain) acts.check();
  else if (key === "h") acts.takeHint();
  else if (key === "g") acts.putLattice();
  else if (key === "v") acts.tick();
  else {
    const stroke =
      key === "u" && acts.letters.length > 0
        ? ({ kind: "unit", units: acts.letters } as const)
        : key === "p" && acts.things.length > 0
          ? ({ kind: "lay", things: acts.things, next: event.shiftKey } as const)
          : event.key === "$" && acts.money !== undefined
            ? ({ kind: "glyph", text: acts.money } as const)
            : strokeOf(event);
    if (stroke === undefined) return false;
    if (!acts.waits || stroke.kind === "move") acts.stroke(stroke);
  }
  return true;
}
