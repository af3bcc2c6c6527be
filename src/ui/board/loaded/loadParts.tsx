"use client";

import dynamic from "next/dynamic";
import type { ComponentType, ReactElement, ReactNode } from "react";
import type { ProblemKind } from "@/core/problem";
import { addPart, type LoadedPart } from "./parts";

type Inside = { readonly children: ReactNode };

const IMPORTS: Readonly<
  Record<Exclude<ProblemKind, "decimals">, () => Promise<{ readonly PART: LoadedPart }>>
> = {
  fractions: () => import("./fractions"),
  signed: () => import("./signed"),
  money: () => import("./money"),
  measures: () => import("./measures"),
  chain: () => import("./chain"),
};

/** Loads the parts of some kinds. */
export async function loadParts(kinds: readonly ProblemKind[]): Promise<void> {
  const parts = await Promise.all(kinds.map((kind) => (kind === "decimals" ? undefined : IMPORTS[kind]())));
  for (const part of parts) if (part !== undefined) addPart(part.PART);
}

/** What stands inside is shown once the part is there; on the server that is at once. */
const ready = ({ PART }: { readonly PART: LoadedPart }): { readonly default: ComponentType<Inside> } => {
  addPart(PART);
  return { default: ({ children }) => children };
};

const WITH: Readonly<Record<Exclude<ProblemKind, "decimals">, ComponentType<Inside>>> = {
  fractions: dynamic(() => import("./fractions").then(ready)),
  signed: dynamic(() => import("./signed").then(ready)),
  money: dynamic(() => import("./money").then(ready)),
  measures: dynamic(() => import("./measures").then(ready)),
  chain: dynamic(() => import("./chain").then(ready)),
};

/** What needs the parts of some kinds, inside what loads them. */
export function withParts([kind, ...others]: readonly ProblemKind[], inside: ReactElement): ReactElement {
  if (kind === undefined) return inside;
  if (kind === "decimals") return withParts(others, inside);
  const With = WITH[kind];
  return <With>{withParts(others, inside)}</With>;
}
