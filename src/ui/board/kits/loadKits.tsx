"use client";

import dynamic from "next/dynamic";
import type { ComponentType, ReactElement, ReactNode } from "react";
import type { ProblemKind } from "@/core/problem";
import { addKit, type Kit } from "./kits";

type Inside = { readonly children: ReactNode };

const IMPORTS: Readonly<Record<Exclude<ProblemKind, "decimals">, () => Promise<{ readonly KIT: Kit }>>> = {
  fractions: () => import("./fractions"),
  signed: () => import("./signed"),
  money: () => import("./money"),
  measures: () => import("./measures"),
  chain: () => import("./chain"),
};

/** Loads the kits of some kinds. */
export async function loadKits(kinds: readonly ProblemKind[]): Promise<void> {
  const kits = await Promise.all(kinds.map((kind) => (kind === "decimals" ? undefined : IMPORTS[kind]())));
  for (const kit of kits) if (kit !== undefined) addKit(kit.KIT);
}

/** What stands inside is shown once the kit is there; on the server that is at once. */
const ready = ({ KIT }: { readonly KIT: Kit }): { readonly default: ComponentType<Inside> } => {
  addKit(KIT);
  return { default: ({ children }) => children };
};

const WITH: Readonly<Record<Exclude<ProblemKind, "decimals">, ComponentType<Inside>>> = {
  fractions: dynamic(() => import("./fractions").then(ready)),
  signed: dynamic(() => import("./signed").then(ready)),
  money: dynamic(() => import("./money").then(ready)),
  measures: dynamic(() => import("./measures").then(ready)),
  chain: dynamic(() => import("./chain").then(ready)),
};

/** What needs the kits of some kinds, inside what loads them. */
export function withKits([kind, ...others]: readonly ProblemKind[], inside: ReactElement): ReactElement {
  if (kind === undefined) return inside;
  if (kind === "decimals") return withKits(others, inside);
  const With = WITH[kind];
  return <With>{withKits(others, inside)}</With>;
}
