"use client";

import { memo, type ReactElement, useDeferredValue } from "react";
import type { HouseRules } from "@/core/house";
import { squareKey } from "@/service/kept/markingSheet";
import { Aside } from "../../parts/Aside";
import type { MarkingState } from "../state/markingState";
import type { At } from "../state/tableActs";
import type { SheetActs } from "../state/useMarkingSheet";
import { AnswerMargin } from "./AnswerMargin";
import { LearnerMargin } from "./LearnerMargin";

interface Props {
  readonly id: string;
  readonly house: HouseRules;
  readonly state: MarkingState;
  readonly selected: At | undefined;
  /** Whether all answers are on disk. */
  readonly ready: boolean;
  readonly acts: SheetActs;
  readonly onSet: (problem: string) => void;
}

/** What there is to say about the square that is looked at. It follows what is typed, and never holds it up. */
export function SheetMargin(props: Props): ReactElement {
  return (
    <Aside className="flex flex-col gap-6 py-2 pr-6 pl-1 max-[1000px]:max-h-[38vh] max-[1000px]:px-8">
      <Looked
        {...props}
        state={useDeferredValue(props.state)}
        selected={useDeferredValue(props.selected)}
        ready={useDeferredValue(props.ready)}
      />
    </Aside>
  );
}

const Looked = memo(function Looked({
  id,
  house,
  state: { rows, learners, cells },
  selected,
  ready,
  acts,
  onSet,
}: Props): ReactElement {
  const learner = learners.find((one) => one.id === selected?.learner);
  const row = rows.find((one) => one.id === selected?.row);
  if (row === undefined || learner === undefined || selected === undefined)
    return (
      <p className="pt-2 text-note leading-normal text-soft">
        Enter goes down the column, then to the next learner. A column copied from a spreadsheet can be pasted
        into any square.
      </p>
    );
  const answered = rows.map((line) => cells.get(squareKey(line.id, learner.id))?.kept?.revision ?? 0).join();
  return (
    <>
      <AnswerMargin
        row={row}
        learnerName={learner.name}
        cell={cells.get(squareKey(row.id, learner.id))}
        house={house}
        onSet={onSet}
        onChoose={(patterns) => acts.change([{ ...selected, patterns }])}
        onNote={(note) => acts.change([{ ...selected, note }])}
      />
      <hr className="border-edge" />
      <LearnerMargin sheetId={id} learner={learner} answered={answered} ready={ready} />
    </>
  );
});
