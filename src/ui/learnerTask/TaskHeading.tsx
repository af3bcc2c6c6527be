import { Keyboard } from "lucide-react";
import type { ReactElement } from "react";
import { SequenceBar } from "../lessonSequence";
import { IconButton } from "../parts/IconButton";
import { showKeys } from "../shortcuts";
import { TaskSettings, type TurnAddresses } from "./margin/TaskSettings";
import type { TaskInHand, TaskStart } from "./state/useTask";
import { TickedProblemLine } from "./TickedProblemLine";

/** The problem in one line, how the task is set, and where it stands among others. */
export const TaskHeading = ({
  start: { turn, house, fixed, part },
  task: { setting, learner, setLearner, handing, tick },
  learners,
  addresses,
  onClosed,
}: {
  readonly start: TaskStart;
  readonly task: TaskInHand;
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly addresses: TurnAddresses;
  /** The settings were closed. */
  readonly onClosed: () => void;
}): ReactElement => (
  <header className="flex flex-wrap items-center gap-x-5 gap-y-2 px-6 pt-4 pb-2 max-[700px]:gap-x-2 max-[700px]:px-3 max-[700px]:pt-1 max-[700px]:pb-0">
    <h1 className="text-title font-semibold">Your turn</h1>
    <TickedProblemLine line={turn.line} ticks={setting.ticks} onTick={tick} />
    <div className="ml-auto flex items-center">
      <IconButton label="Keys" title="Keys (?)" onPress={() => showKeys(true)}>
        <Keyboard aria-hidden="true" className="size-5" />
      </IconButton>
      <TaskSettings
        part={part}
        method={fixed ?? ""}
        feedback={setting.feedback ?? "eachMark"}
        learner={learner}
        learners={learners}
        addresses={addresses}
        onFeedback={setting.setFeedback}
        onLearner={setLearner}
        onClosed={onClosed}
      />
    </div>
    <SequenceBar problem={turn.line} house={house} handed={handing.result?.ok === true} />
  </header>
);
