"use client";

import { useEffect, useMemo, useReducer, useRef, useState, useSyncExternalStore } from "react";
import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import type { AnswerForm } from "@/core/problem";
import { newId } from "../../ids";
import { loadParts } from "../loaded/loadParts";
import { partsMissing, partsThere, partsWelcome, watchParts } from "../loaded/parts";
import {
  type BoardAction,
  type BoardScreenState,
  boardReducer,
  lineInForm,
  type OpenBoard,
  type Reading,
  readBoardLine,
  runFor,
} from "./boardState";

/** What a typed line reads as; loading while the part of its kind is on its way, unreachable where it did not come. */
export type TypedDraft = Reading | "loading" | "unreachable";

/** What the screen shows: the field, the board that is open, and what each of them reads as. */
export interface BoardView {
  readonly typed: string;
  readonly house: HouseRules;
  readonly open: OpenBoard | undefined;
  /** The run of the open board. */
  readonly run: Run | undefined;
  /** The run of the same problem by the method beside it. */
  readonly besideRun: Run | undefined;
  /** What the field reads as while it differs from the open board; nothing while they agree. */
  readonly draft: TypedDraft | undefined;
}

/** The line that an action will read: its parts must be there by then. */
function lineOf(action: BoardAction, { open }: BoardScreenState): string {
  switch (action.kind) {
    case "open":
      return action.text;
    case "setForm":
      return (open && lineInForm(open, action.form)) ?? "";
    case "type":
    case "backToOpen":
    case "goTo":
    case "move":
    case "setMethod":
    case "setBeside":
    case "setHouse":
    case "guess":
      return "";
    case "adopt":
      return action.board.problem;
  }
}

/** The state of the Board screen, and the acts that change it. */
export function useBoard(start: {
  readonly typed: string;
  readonly house: HouseRules;
  readonly open: OpenBoard | undefined;
}) {
  const [state, dispatch] = useReducer(boardReducer, start);
  const { typed, house, open } = state;
  const latest = useRef(state);
  latest.current = state;
  const [unreachable, setUnreachable] = useState(false);
  const parts = useSyncExternalStore(watchParts, partsThere, partsThere);
  const { problem, house: rules, method, beside } = open ?? {};
  const run = useMemo(
    () => (problem === undefined || !rules || !method ? undefined : runFor(problem, rules, method)),
    [problem, rules, method],
  );
  const besideRun = useMemo(
    () => (problem === undefined || !rules || !beside ? undefined : runFor(problem, rules, beside)),
    [problem, rules, beside],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: a part that comes changes what is missing
  const missing = useMemo(() => partsMissing(typed, house), [typed, house, parts]);
  const draft = useMemo((): TypedDraft | undefined => {
    if (typed.trim() === "" || typed === problem) return undefined;
    if (missing.length === 0) return readBoardLine(typed, house);
    return unreachable ? "unreachable" : "loading";
  }, [typed, house, problem, missing, unreachable]);
  useEffect(() => {
    const wanted = [...missing, ...partsWelcome(typed, house)];
    if (wanted.length === 0) return;
    loadParts(wanted).then(
      () => setUnreachable(false),
      () => setUnreachable(true),
    );
  }, [missing, typed, house]);
  const acts = useMemo(() => {
    const once = (action: BoardAction): void => {
      const methods = action.kind === "adopt" ? [action.board.method, action.board.beside] : [];
      const needed = partsMissing(lineOf(action, latest.current), latest.current.house, methods);
      if (needed.length === 0) dispatch(action);
      else
        loadParts(needed).then(
          () => dispatch(action),
          () => setUnreachable(true),
        );
    };
    return {
      type: (text: string) => dispatch({ kind: "type", text }),
      open: (text: string) => once({ kind: "open", id: newId(), text }),
      backToOpen: () => dispatch({ kind: "backToOpen" }),
      goTo: (step: number) => dispatch({ kind: "goTo", step }),
      move: (by: number) => dispatch({ kind: "move", by }),
      setMethod: (method: MethodId) => dispatch({ kind: "setMethod", method }),
      setBeside: (method: MethodId | undefined) => dispatch({ kind: "setBeside", method }),
      setForm: (form: AnswerForm) => once({ kind: "setForm", form }),
      setHouse: (rules: HouseRules) => dispatch({ kind: "setHouse", house: rules }),
      guess: (guess: string) => dispatch({ kind: "guess", guess }),
      adopt: (board: OpenBoard) => once({ kind: "adopt", board }),
    };
  }, []);
  const view: BoardView = { typed, house, open, run, besideRun, draft };
  return { view, acts };
}

export type BoardActs = ReturnType<typeof useBoard>["acts"];
