"use client";

import type { ReactElement, RefObject } from "react";
import type { MethodId } from "@/core/methods";
import type { Problem } from "@/core/problem";
import { library, methodWords } from "../loaded/parts";
import { useMenuParts } from "../loaded/useMenuParts";
import { ChoicePanel, type PanelChoice } from "./ChoicePanel";

/** The other methods that take the problem, to be carried out on a second board. Loaded when it is first wanted. */
export default function BesidePanel({
  problem,
  method,
  beside,
  button,
  onBeside,
  onClose,
}: {
  readonly problem: Problem;
  readonly method: MethodId;
  readonly beside: MethodId | undefined;
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onBeside: (method: MethodId | undefined) => void;
  readonly onClose: () => void;
}): ReactElement {
  useMenuParts(problem);
  const others = library()
    .methodsFor(problem)
    .filter(({ id, refusal }) => id !== method && refusal === undefined);
  const one: PanelChoice<MethodId | undefined> = {
    key: "one",
    value: undefined,
    name: "One board",
    about: others.length > 0 ? "Only the method you chose." : "No other method takes this problem.",
    chosen: beside === undefined,
    refused: false,
  };
  return (
    <ChoicePanel
      label="Second board"
      choices={[
        one,
        ...others.map(
          ({ id }): PanelChoice<MethodId | undefined> => ({
            key: id,
            value: id,
            name: `Beside it: ${methodWords(id).name.toLowerCase()}`,
            about: methodWords(id).about,
            chosen: id === beside,
            refused: false,
          }),
        ),
      ]}
      button={button}
      onChoose={onBeside}
      onClose={onClose}
    />
  );
}
