"use client";

import { useMemo, useReducer } from "react";
import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import type { AnswerForm } from "@/core/problem";
import { newBoardId } from "./address";
import { boardReducer, type OpenBoard, type Reading, readTyped, runFor } from "./boardState";

/** What the screen shows: the field, the board that is open, and what each of them reads as. */
interface BoardView {
  readonly typed: string;
  readonly house: HouseRules;
  readonly open: OpenBoard | undefined;
  /** The run of the open board. */
  readonly run: Run | undefined;
  /** The run of the same problem by the method beside it. */
  readonly besideRun: Run | undefined;
  /** What the field reads as while it differs from the open board; nothing while they agree. */
  readonly draft: Reading | undefined;
}

/** The state of the Board screen, and the acts that change it. */
export function useBoard(start: {
  readonly typed: string;
  readonly house: HouseRules;
  readonly open: OpenBoard | undefined;
}) {
  const [state, dispatch] = useReducer(boardReducer, start);
  const { typed, house, open } = state;
  const { problem, house: rules, method, beside } = open ?? {};
  const run = useMemo(
    () => (problem === undefined || !rules || !method ? undefined : runFor(problem, rules, method)),
    [problem, rules, method],
  );
  const besideRun = useMemo(
    () => (problem === undefined || !rules || !beside ? undefined : runFor(problem, rules, beside)),
    [problem, rules, beside],
  );
  const draft = useMemo(
    (): Reading | undefined =>
      typed.trim() === "" || typed === problem ? undefined : readTyped(typed, house),
    [typed, house, problem],
  );
  const acts = useMemo(
    () => ({
      type: (text: string) => dispatch({ kind: "type", text }),
      open: (text: string) => dispatch({ kind: "open", id: newBoardId(), text }),
      backToOpen: () => dispatch({ kind: "backToOpen" }),
      goTo: (step: number) => dispatch({ kind: "goTo", step }),
      move: (by: number) => dispatch({ kind: "move", by }),
      setMethod: (method: MethodId) => dispatch({ kind: "setMethod", method }),
      setBeside: (method: MethodId | undefined) => dispatch({ kind: "setBeside", method }),
      setForm: (form: AnswerForm) => dispatch({ kind: "setForm", form }),
      setHouse: (rules: HouseRules) => dispatch({ kind: "setHouse", house: rules }),
      guess: (guess: string) => dispatch({ kind: "guess", guess }),
    }),
    [],
  );
  const view: BoardView = { typed, house, open, run, besideRun, draft };
  return { view, acts };
}

export type BoardActs = ReturnType<typeof useBoard>["acts"];
