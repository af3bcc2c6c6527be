"use client";

import { type ReactElement, useMemo, useRef } from "react";
import { squareWords } from "@/core/wording";
import { Aside } from "../parts/Aside";
import { JudgedSoFar } from "./margin/JudgedSoFar";
import { TaskMargin } from "./margin/TaskMargin";
import type { TurnAddresses } from "./margin/TaskSettings";
import { Walk } from "./margin/Walk";
import { PaperRoom } from "./PaperRoom";
import { grownTo, sizeFor, textIn } from "./state/paperRoom";
import { useSquare } from "./state/useSquare";
import { type TaskStart, useTask } from "./state/useTask";
import { TaskHeading } from "./TaskHeading";
import { TaskPads } from "./TaskPads";

/** Your turn: the problem in one line, squared paper, and the learner's own hand. */
export function TaskScreen({
  learners,
  addresses,
  ...start
}: TaskStart & {
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly addresses: TurnAddresses;
}): ReactElement {
  const { turn, house, given } = start;
  const room = useRef<HTMLDivElement>(null);
  const answerField = useRef<HTMLInputElement>(null);
  const task = useTask(start, answerField);
  const { pen, told, waits } = task;
  const { paper, at, goes, hand, held, stroke } = pen;
  const { looked, shows, walks } = told;
  const least = useMemo(() => sizeFor(turn.ways, given), [turn.ways, given]);
  const { square, size } = useSquare(room, grownTo(least, paper, at));
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)]">
      <TaskHeading
        start={start}
        task={task}
        learners={learners}
        addresses={addresses}
        onClosed={() => room.current?.focus()}
      />
      <main
        aria-busy={!task.listening}
        className="grid min-h-0 grid-cols-[minmax(0,1fr)_340px] max-[1000px]:grid-cols-1 max-[1000px]:grid-rows-[minmax(0,1fr)_auto] max-[700px]:grid-rows-[minmax(0,1fr)_auto_auto]"
      >
        <PaperRoom
          room={room}
          pad={{
            marks: paper.marks,
            size,
            at,
            held,
            goes,
            hand,
            wrong: shows ? looked.fault?.at : undefined,
            walked: told.walked,
            hint: told.ghost,
            house,
            square,
            disabled: waits,
            onStroke: stroke,
          }}
        />
        {shows && (
          <p aria-hidden="true" className="hidden px-3 text-note leading-tight max-[700px]:block">
            <JudgedSoFar looked={looked} house={house} />
          </p>
        )}
        <Aside className="flex flex-col gap-4 py-2 pr-6 pl-1 max-[1000px]:grid max-[1000px]:max-h-[46vh] max-[1000px]:grid-cols-2 max-[1000px]:px-6 max-[700px]:max-h-[34vh] max-[700px]:grid-cols-1 max-[700px]:gap-2 max-[700px]:px-3 max-[700px]:py-1">
          <TaskPads start={start} task={task} />
          {walks && <Walk judged={looked.judged} house={house} at={told.walk} onAt={told.setWalk} />}
          <TaskMargin
            start={start}
            task={task}
            answerField={answerField}
            learner={learners.find(({ id }) => id === task.learner)?.name}
          />
        </Aside>
      </main>
      <p aria-live="polite" className="sr-only">
        {squareWords(at.col, at.row, textIn(paper, at))}
      </p>
    </div>
  );
}
