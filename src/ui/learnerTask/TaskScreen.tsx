"use client";

import { Keyboard } from "lucide-react";
import { type ReactElement, useEffect, useMemo, useRef, useState } from "react";
import { type Mark, moved } from "@/core/board";
import { choicesOf, type HouseRules } from "@/core/house";
import { assessPaper, type GivenPart, type LearnerTask } from "@/core/learnerTask";
import type { MethodId } from "@/core/methods";
import { decimalSign } from "@/core/number";
import type { Paper } from "@/core/paper";
import { squareWords } from "@/core/wording";
import { SequenceBar } from "../lessonSequence";
import { Aside } from "../parts/Aside";
import { IconButton } from "../parts/IconButton";
import { showKeys } from "../shortcuts";
import { DrawPad } from "./DrawPad";
import type { HandStroke, Square } from "./hand/hand";
import { JudgedSoFar } from "./margin/JudgedSoFar";
import { TaskMargin } from "./margin/TaskMargin";
import { TaskSettings, type TurnAddresses } from "./margin/TaskSettings";
import { Walk } from "./margin/Walk";
import { NumberPad } from "./NumberPad";
import { PaperRoom } from "./PaperRoom";
import {
  answerRead,
  blockOf,
  deskOf,
  firstSquare,
  grownTo,
  sizeFor,
  textIn,
  thingsOf,
  unitLetters,
  withoutNotes,
} from "./state/paperRoom";
import { useHandIn } from "./state/useHandIn";
import { useHints } from "./state/useHints";
import { usePaper } from "./state/usePaper";
import { useSquare } from "./state/useSquare";
import { useTaskKeys } from "./state/useTaskKeys";
import { useTaskSetting } from "./state/useTaskSetting";
import { useTwin } from "./state/useTwin";
import { numbersInLine, TickedProblemLine } from "./TickedProblemLine";

/** Your turn: the problem in one line, squared paper, and the learner's own hand. */
export function TaskScreen({
  turn,
  house,
  fixed,
  part,
  given,
  learners,
  learner: startLearner,
  addresses,
}: {
  readonly turn: LearnerTask;
  readonly house: HouseRules;
  readonly fixed: MethodId | undefined;
  readonly part: GivenPart;
  /** What stands on the paper already. */
  readonly given: readonly Mark[];
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly learner: string;
  readonly addresses: TurnAddresses;
}): ReactElement {
  const { ways, line } = turn;
  const least = useMemo(() => sizeFor(ways, given), [ways, given]);
  const start = useMemo((): Paper => ({ marks: given }), [given]);
  const draft = `right-sum-turn ${line} ${fixed ?? ""} ${part}`;
  const desk = useMemo(() => deskOf(turn, house, given), [turn, house, given]);
  const pen = usePaper(start, firstSquare(given), desk, draft);
  const { paper, at, goes, hand, held, stroke } = pen;
  const setting = useTaskSetting(draft);
  const { feedback, estimate, ticks } = setting;
  const { result, sending, handIn, clear } = useHandIn(draft);
  const twin = useTwin(line, house);
  const [checked, setChecked] = useState<Paper | undefined>();
  const [walk, setWalk] = useState(0);
  const [draws, setDraws] = useState(false);
  const [learner, setLearner] = useState(startLearner);
  const begun = useRef<number | undefined>(undefined);
  const answerField = useRef<HTMLInputElement>(null);

  const waits = house.estimateFirst === "required" && turn.estimate && !/\d/.test(estimate);
  const handed = result?.ok === true;
  // What is written on after checking or handing in is being written again.
  const settled = checked === paper;
  const looked = useMemo(
    () => assessPaper(withoutNotes(paper), turn, house, settled),
    [paper, turn, house, settled],
  );
  const { judged, fault } = looked;
  const shows =
    feedback === "eachMark" || (feedback === "eachStage" && settled) || (feedback === "atEnd" && handed);
  // Once it is handed in, the marked paper is gone through from the top.
  const walks = feedback === "atEnd" && handed && settled && judged.claims.length > 0;
  const { hinted, hints, takeHint, forgetHints } = useHints(
    paper,
    fault !== undefined,
    feedback !== undefined &&
      feedback !== "none" &&
      !waits &&
      (fault !== undefined || judged.state !== "answered"),
  );
  // A known working is looked for only to say what could come next.
  const found = hinted === undefined ? undefined : looked.found();
  const way = found && ways[found.way];
  const stepHere = found?.next && way?.steps[found.next.step];

  const putLattice = (): void => {
    const grid = ways
      .flatMap(({ steps }) => steps)
      .find(({ marks }) => marks.some((mark) => mark.kind === "diagonal"))?.marks;
    const frame = grid?.find((mark) => mark.kind === "frame");
    if (grid === undefined || frame?.kind !== "frame") return;
    stroke({ kind: "put", marks: grid.map((mark) => moved(mark, at.col - frame.col, at.row - frame.row)) });
  };
  const handInAs = (answer: string): Promise<void> => {
    const seconds = begun.current === undefined ? 0 : Math.round((Date.now() - begun.current) / 1000);
    const { marks } = withoutNotes(paper);
    setChecked(paper);
    setWalk(0);
    return handIn({
      problem: line,
      house: choicesOf(house),
      answer,
      marks,
      hints,
      estimate,
      seconds,
      learner,
    });
  };

  const letters = useMemo(() => unitLetters(ways), [ways]);
  const things = useMemo(() => thingsOf(turn), [turn]);
  const tick = (nth: number): void =>
    setting.setTicks(ticks.includes(nth) ? ticks.filter((one) => one !== nth) : [...ticks, nth]);
  const doing = {
    takeHint,
    putLattice,
    waits,
    check: () => {
      setChecked(paper);
      // What answers the problem can be handed in with the next key; else the hand stays on the paper. Where nothing may
      // be told, it does not tell this either.
      const silent = feedback === "none" || feedback === "atEnd";
      const { state } = assessPaper(withoutNotes(paper), turn, house, true).judged;
      if (silent || state === "answered") answerField.current?.focus();
    },
    tick: () => {
      const next = Array.from({ length: numbersInLine(line) }, (_, nth) => nth).find(
        (nth) => !ticks.includes(nth),
      );
      if (next !== undefined) tick(next);
    },
    stroke,
    letters,
    things,
    money: turn.asked.money?.sign,
  };
  const write = (one: HandStroke): void => {
    if (!waits) stroke(one);
  };
  const listening = useTaskKeys(doing);
  useEffect(() => {
    if (paper !== start) begun.current ??= Date.now();
  }, [paper, start]);

  const lattice = ways.some(({ steps }) =>
    steps.some(({ marks }) => marks.some(({ kind }) => kind === "diagonal")),
  );
  const room = useRef<HTMLDivElement>(null);
  const { square, size } = useSquare(room, grownTo(least, paper, at));
  const asked = turn.asked;

  const nextAt = found?.next?.at;
  const ghost: { readonly at: Square; readonly text: string } | undefined =
    hinted === 3 && fault === undefined && found?.fits && nextAt && found.next && "text" in found.next.mark
      ? { at: nextAt, text: found.next.mark.text }
      : undefined;
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)]">
      <header className="flex flex-wrap items-center gap-x-5 gap-y-2 px-6 pt-4 pb-2 max-[700px]:gap-x-2 max-[700px]:px-3 max-[700px]:pt-1 max-[700px]:pb-0">
        <h1 className="text-title font-semibold">Your turn</h1>
        <TickedProblemLine line={line} ticks={ticks} onTick={tick} />
        <div className="ml-auto flex items-center">
          <IconButton label="Keys" title="Keys (?)" onPress={() => showKeys(true)}>
            <Keyboard aria-hidden="true" className="size-5" />
          </IconButton>
          <TaskSettings
            part={part}
            method={fixed ?? ""}
            feedback={feedback ?? "eachMark"}
            learner={learner}
            learners={learners}
            addresses={addresses}
            onFeedback={setting.setFeedback}
            onLearner={setLearner}
            onClosed={() => room.current?.focus()}
          />
        </div>
        <SequenceBar problem={line} house={house} handed={handed} />
      </header>
      <main
        aria-busy={!listening}
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
            wrong: shows ? fault?.at : undefined,
            walked: walks ? blockOf(judged.claims[walk], paper) : undefined,
            hint: ghost,
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
          <div className="flex flex-col gap-1.5">
            <NumberPad
              hand={hand}
              goes={goes}
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
            {draws && <DrawPad hand={hand} things={things} holds={held !== undefined} onStroke={write} />}
          </div>
          {walks && <Walk judged={judged} house={house} at={walk} onAt={setWalk} />}
          <TaskMargin
            looked={looked}
            drawn={ghost !== undefined}
            way={way}
            house={house}
            shows={shows}
            walks={walks}
            asksWhich={settled && feedback !== "none"}
            feedback={feedback}
            hinted={hinted}
            stage={stepHere?.stage}
            ask={stepHere?.ask}
            asksEstimate={turn.estimate && house.estimateFirst !== "off"}
            waits={waits}
            estimate={estimate}
            onEstimate={setting.setEstimate}
            onHint={takeHint}
            read={answerRead(judged, turn.asked, decimalSign(house))}
            answerField={answerField}
            learner={learners.find(({ id }) => id === learner)?.name}
            onCheck={doing.check}
            result={result}
            sending={sending}
            onHandIn={handInAs}
            onTryAgain={clear}
            onTwin={twin.go}
            noTwin={twin.message}
            onAgain={() => {
              clear();
              forgetHints();
              setting.setEstimate("");
              begun.current = undefined;
              stroke({ kind: "begin", marks: given });
            }}
          />
        </Aside>
      </main>
      <p aria-live="polite" className="sr-only">
        {squareWords(at.col, at.row, textIn(paper, at))}
      </p>
    </div>
  );
}
