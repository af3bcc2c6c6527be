"use client";

import type { ReactElement, RefObject } from "react";
import type { MethodId } from "@/core/methods";
import type { Problem } from "@/core/problem";
import { refusalSentence } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { library, methodWords } from "../loaded/parts";
import { useMenuParts } from "../loaded/useMenuParts";
import { ChoicePanel, type PanelChoice } from "./ChoicePanel";

/** Every method: those that take this problem with what they do, then the others with why they do not. Loaded when it is first wanted. */
export default function MethodPanel({
  problem,
  method,
  button,
  onMethod,
  onClose,
}: {
  readonly problem: Problem;
  readonly method: MethodId;
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onMethod: (method: MethodId) => void;
  readonly onClose: () => void;
}): ReactElement {
  useMenuParts(problem);
  const methods = library().methodsFor(problem);
  // Methods of another operation would only be a long list of the same reason.
  const near = methods.filter(({ refusal }) => refusal?.kind !== "otherOperation");
  const sorted = [...near.filter(({ refusal }) => !refusal), ...near.filter(({ refusal }) => refusal)];
  return (
    <ChoicePanel
      label="Methods"
      choices={sorted.map(
        ({ id, refusal }): PanelChoice<MethodId> => ({
          key: id,
          value: id,
          name: methodWords(id).name,
          about: refusal ? refusalSentence(methodWords(id), refusal) : methodWords(id).about,
          chosen: id === method,
          refused: refusal !== undefined,
        }),
      )}
      more={{ href: `${ROUTES.methods}#${method}`, text: "Who prefers which, and why" }}
      button={button}
      onChoose={onMethod}
      onClose={onClose}
    />
  );
}
