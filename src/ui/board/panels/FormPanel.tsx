"use client";

import type { ReactElement, RefObject } from "react";
import type { HouseRules } from "@/core/house";
import type { AnswerForm, Problem } from "@/core/problem";
import { formsOf, formWords } from "../state/forms";
import { ChoicePanel } from "./ChoicePanel";

/** The forms an answer can be wanted in. Loaded when it is first wanted. */
export default function FormPanel({
  problem,
  house,
  button,
  onForm,
  onClose,
}: {
  readonly problem: Problem;
  readonly house: HouseRules;
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onForm: (form: AnswerForm) => void;
  readonly onClose: () => void;
}): ReactElement {
  return (
    <ChoicePanel
      label="Form of the answer"
      choices={formsOf(problem).map(({ form, about }) => {
        const name = formWords(form, house);
        return {
          key: name,
          value: form,
          name: name.replace(/^\p{L}/u, (letter) => letter.toUpperCase()),
          about,
          chosen: name === formWords(problem.form, house),
          refused: false,
        };
      })}
      button={button}
      onChoose={onForm}
      onClose={onClose}
    />
  );
}
