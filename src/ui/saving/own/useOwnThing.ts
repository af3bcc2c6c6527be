"use client";

import { useEffect, useState } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import type { OwnKind } from "@/service/kept/ownThing";
import type { KeptClient, OnDisk } from "../keptClient";
import { sameJson } from "../sameJson";
import { type SaveState, useKept } from "../useKept";
import { send } from "../wire/send";

/** Something of a tutor's own as it is being written, and how it stands on disk. */
export interface OwnInWindow {
  /** How it is saved; none while nothing of it is to be kept, or it is being written on. */
  readonly saving: SaveState | undefined;
  /** Keeps it as it is written now. */
  keep(): void;
  choose(mine: boolean): void;
  bringBack(): void;
}

/**
 * Keeps something of a tutor's own when they ask for it. `draft` is what is written of it. What another window made comes in where nothing was written here; else the tutor chooses.
 */
export function useOwnThing<Value extends { readonly id: string }>(
  client: KeptClient<Value>,
  kind: OwnKind,
  start: OnDisk<Value> | undefined,
  draft: Value,
  on: {
    /** What another window made of it comes in. */
    readonly draft: (value: Value) => void;
    /** It came to be on disk; `isWritten` says whether it is being written on already. */
    readonly kept: (value: Value, isWritten: boolean) => void;
  },
): OwnInWindow {
  const [first] = useState(start?.value);
  const [wanted, setWanted] = useState(first);
  const [other, setOther] = useState<Value | undefined>();
  const { saving, choose, lookAgain } = useKept(
    client,
    wanted,
    { isKept: start !== undefined, revision: start?.revision ?? 0 },
    (theirs) => {
      setWanted(theirs);
      const together = wanted === undefined ? theirs : client.together(wanted, draft, theirs);
      if (together === undefined) setOther(theirs);
      else on.draft(together);
    },
  );
  const isWritten = wanted !== undefined && !sameJson(client.stateOf(wanted), client.stateOf(draft));
  const isKept = saving.kind === "kept" && wanted !== undefined && wanted !== first;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each value that comes to be kept
  useEffect(() => {
    if (isKept) on.kept(wanted, isWritten);
  }, [isKept, wanted]);
  return {
    saving:
      other !== undefined
        ? { kind: "clash" }
        : wanted === undefined || (isWritten && saving.kind === "kept")
          ? undefined
          : saving,
    // What another window made of it is never written over unasked.
    keep: () => {
      if (other === undefined) setWanted(draft);
    },
    choose: (mine) => {
      if (other === undefined) return choose(mine);
      if (mine) setWanted(draft);
      else on.draft(other);
      setOther(undefined);
    },
    bringBack: () =>
      void send(API_ROUTES.ownThingListed(kind, client.idOf(draft)), "PUT", { deleted: false }).then(
        lookAgain,
      ),
  };
}
