"use client";

import type { ReactElement, RefObject } from "react";
import { decimalSign } from "@/core/number";
import { answerRead } from "../state/paperRoom";
import type { TaskInHand, TaskStart } from "../state/useTask";
import { useTwin } from "../state/useTwin";
import { EstimateField } from "./EstimateField";
import { HandInForm } from "./HandInForm";
import { OutcomePanel } from "./OutcomePanel";
import { SoFar } from "./SoFar";

/** Beside the learner's paper: the estimate, what is found so far, hints, and handing in. */
export function TaskMargin({
  start: { turn, house },
  task,
  answerField,
  learner,
}: {
  readonly start: TaskStart;
  readonly task: TaskInHand;
  readonly answerField: RefObject<HTMLInputElement | null>;
  /** The name of whose work it is; none where it is nobody's. */
  readonly learner: string | undefined;
}): ReactElement {
  const { setting, told, waits, handing } = task;
  const { feedback, estimate } = setting;
  const { judged } = told.looked;
  const twin = useTwin(turn.line, house);
  return (
    <div className="flex flex-col gap-4">
      {turn.estimate && house.estimateFirst !== "off" && (
        <EstimateField estimate={estimate} waits={waits} onEstimate={setting.setEstimate} />
      )}
      {feedback !== undefined && !told.walks && (
        <SoFar told={told} feedback={feedback} house={house} onCheck={task.check} />
      )}
      <HandInForm
        read={answerRead(judged, turn.asked, decimalSign(house))}
        choices={told.settled && feedback !== "none" ? judged.choices : []}
        answerField={answerField}
        learner={learner}
        sending={handing.sending}
        onHandIn={(answer) => void task.handIn(answer)}
      />
      {twin.message !== undefined && (
        <p role="alert" className="text-note">
          {twin.message}
        </p>
      )}
      {handing.result && (
        <OutcomePanel
          result={handing.result}
          silent={feedback === "none"}
          estimate={estimate}
          onTryAgain={handing.clear}
          onTwin={() => void twin.go()}
          onAgain={task.beginAnew}
        />
      )}
    </div>
  );
}
