"use client";

import type { ReactElement, RefObject } from "react";
import type { Another } from "../../lessonSequence";
import { ChoicePanel } from "./ChoicePanel";

const CHOICES = [
  { value: "twin", name: "One like it", about: "The same difficulties and the same work, other numbers: X" },
  { value: "easier", name: "A notch easier", about: "One step down the ladder: [" },
  { value: "harder", name: "A notch harder", about: "One step up the ladder: ]" },
  {
    value: "three",
    name: "I do, we do, you do",
    about: "This one here, one like it together, one like it for the learner: D",
  },
  {
    value: "show",
    name: "Examples that climb",
    about: "From this one up to the trap, gone through as one: G",
  },
] as const satisfies readonly { readonly value: Another; readonly name: string; readonly about: string }[];

/** What can be drawn for the problem that is open. Loaded when it is first wanted. */
export default function AnotherPanel({
  button,
  onDraw,
  onClose,
}: {
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onDraw: (what: Another) => void;
  readonly onClose: () => void;
}): ReactElement {
  return (
    <ChoicePanel
      label="Another problem"
      choices={CHOICES.map((choice) => ({ ...choice, key: choice.value, chosen: false, refused: false }))}
      button={button}
      onChoose={onDraw}
      onClose={onClose}
    />
  );
}
