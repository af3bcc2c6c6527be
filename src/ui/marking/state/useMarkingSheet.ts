"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { MOST_ANSWERS_AT_ONCE } from "@/core/marking";
import { API_ROUTES } from "@/service/apiRoutes";
import type { CellChange, SheetAct } from "@/service/kept/markingSheet";
import { ROUTES } from "@/service/routes";
import { answerRoll, forgetLeft, isOwn, rememberUnsent, unsentAbout } from "../../saving/browserStore";
import { isLeaving, useAskBeforeLeaving, useLeaving } from "../../saving/leaving";
import { useOtherWindows } from "../../saving/otherWindows";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import { entered, type MarkingState, sheetFrom, withActs, withChanges, withTyping } from "./markingState";
import type { PackedSheet } from "./packedSheet";
import {
  type Sending,
  toSend,
  unkept,
  unsentOf,
  withChoice,
  withKept,
  withNews,
  withRefused,
} from "./sendingState";

const RETRY = 3000;
/** How long after a change the browser's own store has it at the latest, in milliseconds. */
const REMEMBER_WITHIN = 250;

/** Whether what the tutor did is on disk. */
type Keeping = "kept" | "keeping" | "notKept";

/** The sheet that is marked: its rows, columns and squares, every change of which is kept on disk. */
export function useMarkingSheet(start: {
  readonly id: string;
  readonly house: HouseRules;
  readonly sheet: PackedSheet;
}) {
  const { id, house } = start;
  const [state, setState] = useState(() => sheetFrom(start.sheet));
  const latest = useRef(state);
  const [unreachable, setUnreachable] = useState("");
  const [stopped, setStopped] = useState(false);
  const sending = useRef(false);
  const sent = useRef<Promise<void>>(Promise.resolve());
  const over = useRef(false);
  const retry = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const set = useCallback((change: (state: MarkingState) => MarkingState): void => {
    latest.current = change(latest.current);
    setState(latest.current);
  }, []);

  /** Sends what is finished, one request at a time, each of them one transaction; until nothing is left. */
  const flush = useCallback((): Promise<void> => {
    if (!sending.current) sent.current = sendAll();
    return sent.current;

    async function sendAll(): Promise<void> {
      sending.current = true;
      clearTimeout(retry.current);
      for (;;) {
        const next = toSend(latest.current);
        if (next === undefined || over.current) break;
        if (!(await handOver(next))) {
          retry.current = setTimeout(() => void flush(), RETRY);
          break;
        }
      }
      sending.current = false;
    }

    /** Hands something over; where it is refused whole, each part of it by itself. False where nobody answers. */
    async function handOver(part: Sending): Promise<boolean> {
      const body = { house: choicesOf(house), since: latest.current.revision, ...part };
      const answer = await ask(VIEWS.sheetKept, API_ROUTES.keepSheet(id), "POST", body);
      if (answer.ok) {
        setUnreachable("");
        set((now) => withKept(now, part, answer.value));
        return true;
      }
      const { error } = answer;
      if (error.kind === "unreachable") {
        setUnreachable(error.message);
        return false;
      }
      setUnreachable("");
      if (part.acts.length + part.answers.length > 1) {
        // One thing that is refused must not keep the others from being kept.
        for (const act of part.acts) if (!(await handOver({ acts: [act], answers: [] }))) return false;
        for (const answered of part.answers)
          if (!(await handOver({ acts: [], answers: [answered] }))) return false;
        return true;
      }
      set((now) => withRefused(now, part, error.message));
      return true;
    }
  }, [house, id, set]);

  const look = useCallback(async (): Promise<void> => {
    if (latest.current.revision === 0) return;
    const news = await ask(VIEWS.sheetNews, API_ROUTES.sheetNews(id, latest.current.revision), "GET");
    if (news.ok && news.value.revision > latest.current.revision) set((now) => withNews(now, news.value));
  }, [id, set]);
  useOtherWindows(() => void look());

  const acts = useMemo(() => {
    const change = (changes: readonly CellChange[]): void => {
      set((now) => withChanges(now, changes));
      void flush();
    };
    return {
      type: (row: string, learner: string, typed: string) =>
        set((now) => withTyping(now, row, learner, typed)),
      enter: (row: string, learner: string): void => {
        set((now) => entered(now, row, learner));
        void flush();
      },
      change,
      act: (some: readonly SheetAct[], answers: readonly CellChange[] = []): void => {
        set((now) => withChanges(withActs(now, some), answers));
        if (!isLeaving()) history.replaceState(null, "", ROUTES.markingSheet(id));
        void flush();
      },
      choose: (row: string, learner: string, mine: boolean): void => {
        set((now) => withChoice(now, row, learner, mine));
        void flush();
      },
      stop: () => setStopped(true),
      goOn: () => setStopped(false),
    };
  }, [flush, id, set]);

  // Answers that wait on disk are marked a few at a time, until none is left or the tutor stops it.
  const { waiting } = state;
  const marking = useRef(false);
  const [most, setMost] = useState(0);
  useEffect(() => {
    if (waiting === 0) {
      setMost(0);
      setStopped(false);
    } else setMost((before) => Math.max(before, waiting));
    if (waiting === 0 || stopped || marking.current || unreachable !== "") return;
    marking.current = true;
    const asked = { since: latest.current.revision };
    ask(VIEWS.sheetNews, API_ROUTES.markWaiting(id), "POST", asked).then((news) => {
      marking.current = false;
      if (over.current) return;
      if (news.ok) set((now) => withNews(now, news.value));
      else {
        setStopped(true);
        setUnreachable(news.error.kind === "unreachable" ? news.error.message : "");
      }
    });
  }, [waiting, stopped, unreachable, id, set]);

  // What is not handed over yet is in the browser's own store, and comes back from there.
  const about = `sheet ${id}`;
  const [recalled, setRecalled] = useState(false);
  useEffect(() => {
    over.current = false;
    const roll = answerRoll();
    let gone = false;
    unsentAbout(about).then(async (left) => {
      if (left.length > 0) {
        const { withUnsent } = await import("./unsent");
        if (gone) return;
        set((now) => left.reduce((sheet, { value }) => withUnsent(sheet, value), now));
        rememberUnsent(about, unsentOf(latest.current));
        forgetLeft(left.filter(({ key }) => !isOwn(key)));
        void flush();
      }
      setRecalled(true);
    });
    return () => {
      gone = true;
      over.current = true;
      clearTimeout(retry.current);
      roll();
    };
  }, [about, flush, set]);
  useEffect(() => {
    if (!recalled) return;
    const timer = setTimeout(() => rememberUnsent(about, unsentOf(state)), REMEMBER_WITHIN);
    return () => clearTimeout(timer);
  }, [about, recalled, state]);
  useLeaving(() => {
    set((now) =>
      [...now.cells.touched].reduce((sheet, [key, cell]) => {
        const [row = "", learner = ""] = key.split(" ");
        return cell.change === undefined || cell.change.entered ? sheet : entered(sheet, row, learner);
      }, now),
    );
    rememberUnsent(about, unsentOf(latest.current));
    return flush();
  });

  const { sending: unsent, troubles, clashes, unread } = useMemo(() => unkept(state), [state]);
  useAskBeforeLeaving((unsent && (unreachable !== "" || isLarge(state))) || troubles > 0 || clashes > 0);
  const keeping: Keeping =
    unreachable !== "" || troubles > 0 || clashes > 0 ? "notKept" : unsent ? "keeping" : "kept";
  return {
    state,
    keeping,
    unreachable,
    troubles,
    clashes,
    unread,
    progress: waiting === 0 ? undefined : { done: Math.max(0, most - waiting), all: most, stopped },
    acts,
  };
}

export type SheetActs = ReturnType<typeof useMarkingSheet>["acts"];

/** Whether what waits to be sent is more than a browser sends on while its window closes. */
const isLarge = (state: MarkingState): boolean =>
  (toSend(state)?.answers.length ?? 0) === MOST_ANSWERS_AT_ONCE;
