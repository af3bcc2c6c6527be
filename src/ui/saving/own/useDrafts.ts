"use client";

import { useEffect, useState } from "react";
import type { z } from "zod";
import { forgetLeft, isOwn, rememberUnsent, unsentOfKind } from "../browserStore";

/** What is being written of several things, by their ids. */
export interface Drafts<Draft> {
  readonly drafts: Readonly<Record<string, Draft>>;
  /** Whether what this browser remembers has been looked for. */
  readonly isLooked: boolean;
  put(id: string, draft: Draft): void;
  /** It is kept now, or given up. */
  drop(id: string): void;
}

/**
 * What is being written of things of a kind: remembered by this browser until it is kept, also where the window closes
 * or the machine goes down. `schema` comes when something was remembered; what does not fit it is left where it is.
 */
export function useDrafts<Draft extends object>(
  kind: string,
  schema: () => Promise<z.ZodType<Draft>>,
): Drafts<Draft> {
  const [drafts, setDrafts] = useState<Readonly<Record<string, Draft>>>({});
  const [isLooked, setLooked] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was remembered is looked for once
  useEffect(() => {
    void unsentOfKind(kind)
      .then(async (left) => {
        if (left.length === 0) return;
        const draftSchema = await schema();
        const found = left.flatMap((one) => {
          const read = draftSchema.safeParse(one.value);
          return read.success ? [{ ...one, draft: read.data }] : [];
        });
        for (const { about, draft } of found) rememberUnsent(`${kind} ${about}`, draft);
        // What other windows left is this one's now.
        forgetLeft(found.filter(({ key }) => !isOwn(key)));
        setDrafts((now) => ({
          ...now,
          ...Object.fromEntries(found.map(({ about, draft }) => [about, draft])),
        }));
      })
      // What this browser can't give back stays there.
      .catch(() => undefined)
      .then(() => setLooked(true));
  }, []);
  return {
    drafts,
    isLooked,
    put: (id, draft) => {
      setDrafts((now) => ({ ...now, [id]: draft }));
      rememberUnsent(`${kind} ${id}`, draft);
    },
    drop: (id) => {
      setDrafts(({ [id]: _gone, ...rest }) => rest);
      rememberUnsent(`${kind} ${id}`, undefined);
    },
  };
}
