"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { type HouseChoices, houseRulesFrom } from "@/core/house";
import type { MethodId } from "@/core/methods";
import { answerRoll, rememberUnsent } from "../../saving/browserStore";
import { isLeaving, useAskBeforeLeaving, useLeaving } from "../../saving/leaving";
import { merged } from "../../saving/merge";
import { useOtherWindows } from "../../saving/otherWindows";
import { send } from "../../saving/send";
import { ROUTES } from "../../routes";
import { boardAddress } from "./address";
import type { OpenBoard } from "./boardState";

/** Whether what is on the screen is on disk; `clash` where another window made something else of it. */
export type Keeping = "kept" | "keeping" | "notKept" | "clash";

/** Long enough that a held key is one write, short enough that nobody waits for it. */
const PAUSE = 150;
const RETRY = 3000;

/** A board as the server tells it. */
interface ToldBoard {
  readonly board: {
    readonly problem: string;
    readonly method: MethodId;
    readonly beside?: MethodId;
    readonly house: HouseChoices;
    readonly step: number;
    readonly guess: string;
  };
  readonly revision: number;
}

/** A board with the revision it is on disk with. */
interface OnDisk {
  readonly board: OpenBoard;
  readonly revision: number;
}

/** What the server told of a board; none where its house rules don't read here. */
function onDiskFrom(id: string, told: ToldBoard): OnDisk | undefined {
  const house = houseRulesFrom(told.board.house);
  if (!house.ok) return undefined;
  const { problem, method, beside, step, guess } = told.board;
  return {
    board: { id, problem, method, beside, house: house.value, step, guess },
    revision: told.revision,
  };
}

/** Puts a board in the address; not once another place was asked for, which that would call back. */
function showAddress(board: OpenBoard): void {
  if (!isLeaving()) history.replaceState(null, "", boardAddress(board));
}

/** What a 409 told of the board as it stands. */
const staleIn = (body: unknown): ToldBoard | undefined =>
  typeof body === "object" && body !== null && "board" in body && "revision" in body
    ? (body as ToldBoard)
    : undefined;

/**
 * Keeps the open board, and puts it in the address, shortly after each change and at once when the
 * page goes away. Says `kept` only of the very state that the server has answered is on disk. What another
 * window changed is put together with what this one did; where both changed the same, the tutor chooses.
 */
export function useKeeping(
  open: OpenBoard | undefined,
  keptAtStart: boolean,
  revisionAtStart: number,
  adopt: (board: OpenBoard) => void,
): { readonly keeping: Keeping; readonly choose: (mine: boolean) => void } {
  const [onDisk, setOnDisk] = useState<OnDisk | undefined>(
    keptAtStart && open !== undefined ? { board: open, revision: revisionAtStart } : undefined,
  );
  // What a write knows of the disk, at once and also when its board is gone from the screen.
  const disk = useRef(onDisk);
  const standsAt = useCallback((told: OnDisk): void => {
    disk.current = told;
    setOnDisk(told);
  }, []);
  const [refused, setRefused] = useState<OpenBoard | undefined>();
  const [clash, setClash] = useState<OnDisk | undefined>();
  const unkept = open === onDisk?.board ? undefined : open;
  const latest = useRef({ unkept, open });
  latest.current = { unkept, open };
  // One write at a time, so that an older state never reaches the disk after a newer one.
  const writing = useRef<Promise<unknown>>(Promise.resolve());
  const unanswered = useRef<OpenBoard | undefined>(undefined);

  /**
   * Writes a state, from the revision that is known of this very board. Gives what it was put together to with
   * another window's, which is still to be written.
   */
  const write = useCallback(
    async (board: OpenBoard, after?: OpenBoard): Promise<"kept" | "later" | "clash" | OpenBoard> => {
      const { id, ...state } = board;
      const base = disk.current?.board.id === id ? disk.current : undefined;
      const saw = base?.revision ?? (revisionAtStart > 0 ? revisionAtStart : 0);
      unanswered.current = board;
      const kept = await send<{ readonly revision: number }>(ROUTES.keepBoard(id), "PUT", {
        ...state,
        saw,
        after,
      });
      unanswered.current = undefined;
      if (kept.ok) {
        rememberUnsent(`board ${id}`, undefined);
        standsAt({ board, revision: kept.value.revision });
        return "kept";
      }
      const stale = kept.error.kind === "refused" ? staleIn(kept.error.body) : undefined;
      const theirs = stale && onDiskFrom(id, stale);
      if (theirs === undefined) {
        rememberUnsent(`board ${id}`, { ...state, saw });
        return "later";
      }
      const together = merged(base?.board ?? theirs.board, board, theirs.board);
      // Where a board was left is no matter for asking: the last step shown stands.
      if (together.clashes.some((name) => name !== "step")) {
        setClash(theirs);
        return "clash";
      }
      standsAt(theirs);
      adopt(together.value);
      return together.value;
    },
    [adopt, revisionAtStart, standsAt],
  );

  useEffect(() => {
    if (unkept === undefined || clash !== undefined) return;
    let over = false;
    const attempt = async (): Promise<void> => {
      showAddress(unkept);
      await writing.current;
      // It may have been written meanwhile, since the place is being left.
      if (over || disk.current?.board === unkept) return;
      const sending = write(unkept);
      writing.current = sending;
      const done = await sending;
      if (done !== "later" || over) return;
      setRefused(unkept);
      timer = setTimeout(attempt, RETRY);
    };
    let timer = setTimeout(attempt, PAUSE);
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [unkept, clash, write]);

  useLeaving((closing) => {
    const { unkept: left } = latest.current;
    if (left === undefined) return undefined;
    showAddress(left);
    if (closing) return write(left, unanswered.current);
    writing.current = writing.current.then(async () => {
      if (disk.current?.board === left) return;
      const done = await write(left);
      if (typeof done === "object") await write(done);
    });
    return writing.current;
  });
  useEffect(() => answerRoll(), []);

  useOtherWindows(async () => {
    const { open: here, unkept: busy } = latest.current;
    const known = disk.current;
    if (here === undefined || busy !== undefined || known === undefined) return;
    const told = await send<ToldBoard>(ROUTES.keepBoard(here.id), "GET");
    const theirs = told.ok ? onDiskFrom(here.id, told.value) : undefined;
    if (theirs === undefined || theirs.revision <= known.revision || latest.current.open !== here) return;
    standsAt(theirs);
    adopt(theirs.board);
  });

  const choose = useCallback(
    (mine: boolean): void => {
      if (clash === undefined) return;
      standsAt(clash);
      setClash(undefined);
      if (!mine) adopt(clash.board);
    },
    [adopt, clash, standsAt],
  );
  const keeping: Keeping =
    clash !== undefined
      ? "clash"
      : unkept === undefined
        ? "kept"
        : refused === unkept
          ? "notKept"
          : "keeping";
  useAskBeforeLeaving(keeping === "notKept" || keeping === "clash");
  return { keeping, choose };
}
