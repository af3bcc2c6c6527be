"use client";

import { type RefObject, useEffect, useMemo, useRef, useState } from "react";
import { type Mark, moved } from "@/core/board";
import { choicesOf, type HouseRules } from "@/core/house";
import { assessPaper, type GivenPart, type LearnerTask } from "@/core/learnerTask";
import type { MethodId } from "@/core/methods";
import type { Paper } from "@/core/paper";
import { numbersInLine } from "../TickedProblemLine";
import { deskOf, firstSquare, latticeOf, thingsOf, unitLetters, withoutNotes } from "./paperRoom";
import { useHandIn } from "./useHandIn";
import { usePaper } from "./usePaper";
import { usePaperAssessment } from "./usePaperAssessment";
import { useTaskKeys } from "./useTaskKeys";
import { useTaskSetting } from "./useTaskSetting";

/** A task as it is handed over: the problem with the ways to work it, and what stands on the paper already. */
export interface TaskStart {
  readonly turn: LearnerTask;
  readonly house: HouseRules;
  readonly fixed: MethodId | undefined;
  readonly part: GivenPart;
  readonly given: readonly Mark[];
  readonly learner: string;
}

/** A task in a learner's hands: the pen and its paper, what is made of it, how it is set, and how it is handed in. */
export type TaskInHand = ReturnType<typeof useTask>;

/** Runs a task: all that a learner and a tutor do on Your turn. `answerField` is gone to where the paper answers the problem. */
export function useTask(
  { turn, house, fixed, part, given, learner: startLearner }: TaskStart,
  answerField: RefObject<HTMLInputElement | null>,
) {
  const { ways, line } = turn;
  const draft = `right-sum-turn ${line} ${fixed ?? ""} ${part}`;
  const start = useMemo((): Paper => ({ marks: given }), [given]);
  const desk = useMemo(() => deskOf(turn, house, given), [turn, house, given]);
  const pen = usePaper(start, firstSquare(given), desk, draft);
  const { paper, at, stroke } = pen;
  const setting = useTaskSetting(draft);
  const { feedback, estimate, ticks } = setting;
  const { result, sending, handIn, clear } = useHandIn(draft);
  const [learner, setLearner] = useState(startLearner);
  const begun = useRef<number | undefined>(undefined);
  useEffect(() => {
    if (paper !== start) begun.current ??= Date.now();
  }, [paper, start]);

  const waits = house.estimateFirst === "required" && turn.estimate && !/\d/.test(estimate);
  const told = usePaperAssessment(paper, turn, house, { feedback, handed: result?.ok === true, waits });
  const lattice = useMemo(() => latticeOf(ways), [ways]);
  const letters = useMemo(() => unitLetters(ways), [ways]);
  const things = useMemo(() => thingsOf(turn), [turn]);

  const tick = (nth: number): void =>
    setting.setTicks(ticks.includes(nth) ? ticks.filter((one) => one !== nth) : [...ticks, nth]);
  const putLattice = (): void => {
    if (lattice === undefined) return;
    const { marks, corner } = lattice;
    stroke({
      kind: "put",
      marks: marks.map((mark) => moved(mark, at.col - corner.col, at.row - corner.row)),
    });
  };
  const check = (): void => {
    told.settle();
    // What answers the problem can be handed in with the next key; else the hand stays on the paper. Where nothing may
    // be told, it does not tell this either.
    const silent = feedback === "none" || feedback === "atEnd";
    const { state } = assessPaper(withoutNotes(paper), turn, house, true).judged;
    if (silent || state === "answered") answerField.current?.focus();
  };
  const tickNext = (): void => {
    const all = Array.from({ length: numbersInLine(line) }, (_, nth) => nth);
    const next = all.find((nth) => !ticks.includes(nth));
    if (next !== undefined) tick(next);
  };
  const listening = useTaskKeys({
    takeHint: told.takeHint,
    putLattice,
    waits,
    check,
    tick: tickNext,
    stroke,
    letters,
    things,
    money: turn.asked.money?.sign,
  });
  return {
    pen,
    setting,
    told,
    waits,
    lattice: lattice !== undefined,
    letters,
    things,
    learner,
    setLearner,
    handing: { result, sending, clear },
    listening,
    tick,
    putLattice,
    check,
    handIn: (answer: string): Promise<void> => {
      const seconds = begun.current === undefined ? 0 : Math.round((Date.now() - begun.current) / 1000);
      const { marks } = withoutNotes(paper);
      told.settle();
      const { hints } = told;
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
    },
    beginAnew: (): void => {
      clear();
      told.forgetHints();
      setting.setEstimate("");
      begun.current = undefined;
      stroke({ kind: "begin", marks: given });
    },
  };
}
