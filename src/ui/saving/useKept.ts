"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { answerRoll, rememberUnsent } from "./browserStore";
import type { KeptClient, OnDisk } from "./keptClient";
import { useAskBeforeLeaving, useLeaving } from "./leaving";
import { useOtherWindows } from "./otherWindows";
import { sameJson } from "./sameJson";
import { send } from "./wire/send";

/** Whether what is on the screen is on disk. */
export type SaveState =
  | { readonly kind: "kept" }
  | { readonly kind: "keeping" }
  /** Not on disk, since nobody answers or the disk did not take it; it is tried again. */
  | { readonly kind: "waiting"; readonly message: string }
  /** Another window made something else of it: the tutor chooses. */
  | { readonly kind: "clash" }
  /** Another window took it away. */
  | { readonly kind: "deleted" }
  /** It can't be kept as it is. */
  | { readonly kind: "refused"; readonly message: string };

/** Long enough that a held key is one write, short enough that nobody waits for it. */
const PAUSE = 150;
const RETRY = 3000;

const KEPT: SaveState = { kind: "kept" };
const KEEPING: SaveState = { kind: "keeping" };

/** What came of a write: on disk, not now, stopped until the tutor acts, or put together with another window's to something that is still to be written. */
type Written<Value> = "kept" | "later" | "stopped" | { readonly next: Value };

/** How a kept thing is being saved, and what the tutor can do about it. */
export interface Saving {
  readonly saving: SaveState;
  readonly choose: (mine: boolean) => void;
  /** Looks at what stands on disk after it was brought back there: the tutor chooses between that and what is here. */
  readonly lookAgain: () => Promise<void>;
}

/** Whether two values are of the same thing and are kept as the same. */
const isSame = <Value>(client: KeptClient<Value>, one: Value, other: Value): boolean =>
  one === other ||
  (client.idOf(one) === client.idOf(other) && sameJson(client.stateOf(one), client.stateOf(other)));

/** Where the server names a revision in its answer. */
function revisionIn(told: unknown): number | undefined {
  if (typeof told !== "object" || told === null || !("revision" in told)) return undefined;
  return typeof told.revision === "number" ? told.revision : undefined;
}

/**
 * Keeps a value whole, shortly after each change and at once when its place or the page is left. Says `kept` only of
 * the very value that the server has answered is on disk. What another window changed is put together with what this
 * one did; where both changed the same, the tutor chooses. What can't be kept is remembered by the browser, and a tutor
 * who leaves it is asked first. `start` says what of the first value is on disk; `adopt` shows what another window made.
 */
export function useKept<Value extends object>(
  client: KeptClient<Value>,
  value: Value | undefined,
  start: { readonly isKept: boolean; readonly revision: number },
  adopt: (value: Value) => void,
  /** Called as a write begins, also while the page closes. */
  onWriting: (value: Value) => void = () => undefined,
): Saving {
  const [onDisk, setOnDisk] = useState<OnDisk<Value> | undefined>(
    start.isKept && value !== undefined ? { value, revision: start.revision } : undefined,
  );
  // What a write knows of the disk, at once and also when its value is gone from the screen.
  const disk = useRef(onDisk);
  const standsAt = useCallback((now: OnDisk<Value>): void => {
    disk.current = now;
    setOnDisk(now);
  }, []);
  const [trouble, setTrouble] = useState<{ readonly value: Value; readonly state: SaveState } | undefined>();
  const [clash, setClash] = useState<OnDisk<Value> | undefined>();
  const unkept = useMemo(
    () =>
      value !== undefined && onDisk !== undefined && isSame(client, value, onDisk.value) ? undefined : value,
    [client, value, onDisk],
  );
  const latest = useRef({ unkept, value, adopt, onWriting });
  latest.current = { unkept, value, adopt, onWriting };
  // One write at a time, so that an older state never reaches the disk after a newer one.
  const writing = useRef<Promise<unknown>>(Promise.resolve());
  const unanswered = useRef<Value | undefined>(undefined);
  const { revision: revisionAtStart } = start;

  /** Writes a value, from the revision that is known of this very thing. */
  const write = useCallback(
    async (wanted: Value, before?: Value): Promise<Written<Value>> => {
      const id = client.idOf(wanted);
      const about = `${client.name} ${id}`;
      const base =
        disk.current !== undefined && client.idOf(disk.current.value) === id ? disk.current : undefined;
      const body = { state: client.stateOf(wanted), saw: base?.revision ?? revisionAtStart };
      const after = before && client.stateOf(before);
      unanswered.current = wanted;
      const sent = await send(client.address(id), "PUT", { ...body, after });
      unanswered.current = undefined;
      const revision = sent.ok ? revisionIn(sent.value) : undefined;
      if (revision !== undefined) {
        rememberUnsent(about, undefined);
        standsAt({ value: wanted, revision });
        setTrouble(undefined);
        return "kept";
      }
      rememberUnsent(about, body);
      if (sent.ok || sent.error.kind === "unreachable") {
        const message = sent.ok ? "" : sent.error.message;
        setTrouble({ value: wanted, state: { kind: "waiting", message } });
        return "later";
      }
      const { code, message, body: told } = sent.error;
      if (code === "deleted") {
        setTrouble({ value: wanted, state: { kind: "deleted" } });
        return "stopped";
      }
      const theirs = code === "stale" ? await client.read(told, id) : undefined;
      if (theirs === undefined) {
        setTrouble({ value: wanted, state: { kind: "refused", message } });
        return code === "stale" ? "later" : "stopped";
      }
      const next = client.together(base?.value ?? theirs.value, wanted, theirs.value);
      if (next === undefined) {
        setClash(theirs);
        return "stopped";
      }
      standsAt(theirs);
      latest.current.adopt(next);
      return { next };
    },
    [client, revisionAtStart, standsAt],
  );

  useEffect(() => {
    if (unkept === undefined || clash !== undefined) return;
    let over = false;
    const attempt = async (): Promise<void> => {
      latest.current.onWriting(unkept);
      await writing.current;
      // It may have been written meanwhile, since the place is being left.
      if (over || (disk.current !== undefined && isSame(client, unkept, disk.current.value))) return;
      const sending = write(unkept);
      writing.current = sending;
      const done = await sending;
      if (over) return;
      if (done === "later") timer = setTimeout(attempt, RETRY);
      // Put together with another window's it may come to what stands here already, and is still to be written.
      if (typeof done === "object" && isSame(client, done.next, unkept)) timer = setTimeout(attempt, PAUSE);
    };
    let timer = setTimeout(attempt, PAUSE);
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [client, unkept, clash, write]);

  useLeaving((closing) => {
    const { unkept: left } = latest.current;
    if (left === undefined) return undefined;
    latest.current.onWriting(left);
    if (closing) return write(left, unanswered.current);
    writing.current = writing.current.then(async () => {
      if (disk.current !== undefined && isSame(client, left, disk.current.value)) return;
      const done = await write(left);
      if (typeof done === "object") await write(done.next);
    });
    return writing.current;
  });
  useEffect(() => answerRoll(), []);

  useOtherWindows(async () => {
    const { value: here, unkept: busy } = latest.current;
    const known = disk.current;
    if (here === undefined || busy !== undefined || known === undefined) return;
    const id = client.idOf(here);
    const told = await send(client.address(id), "GET");
    const theirs = told.ok ? await client.read(told.value, id) : undefined;
    if (theirs === undefined || theirs.revision <= known.revision || latest.current.value !== here) return;
    standsAt(theirs);
    latest.current.adopt(theirs.value);
  });

  const choose = useCallback(
    (mine: boolean): void => {
      if (clash === undefined) return;
      standsAt(clash);
      setClash(undefined);
      if (!mine) latest.current.adopt(clash.value);
    },
    [clash, standsAt],
  );
  const lookAgain = useCallback(async (): Promise<void> => {
    const { value: here } = latest.current;
    if (here === undefined) return;
    const id = client.idOf(here);
    const told = await send(client.address(id), "GET");
    const there = told.ok ? await client.read(told.value, id) : undefined;
    if (there !== undefined) setClash(there);
  }, [client]);
  const saving = savingOf(unkept, clash, trouble);
  useAskBeforeLeaving(saving.kind !== "kept" && saving.kind !== "keeping" && saving.kind !== "deleted");
  return { saving, choose, lookAgain };
}

/** Whether a value is on disk, from what is known of it. */
function savingOf<Value>(
  unkept: Value | undefined,
  clash: OnDisk<Value> | undefined,
  trouble: { readonly value: Value; readonly state: SaveState } | undefined,
): SaveState {
  if (clash !== undefined) return { kind: "clash" };
  if (unkept === undefined) return KEPT;
  return trouble?.value === unkept ? trouble.state : KEEPING;
}
