"use client";

import dynamic from "next/dynamic";
import type { ComponentType, ReactElement, ReactNode } from "react";
import { addPart, type LoadedPart, type PartId } from "./parts";

type Inside = { readonly children: ReactNode };

const IMPORTS: Readonly<Record<Exclude<PartId, "decimals">, () => Promise<{ readonly PART: LoadedPart }>>> = {
  products: () => import("./products"),
  fractions: () => import("./fractions"),
  signed: () => import("./signed"),
  money: () => import("./money"),
  measures: () => import("./measures"),
  quantities: () => import("./quantities"),
  chain: () => import("./chain"),
  mental: () => import("./mental"),
};

/** Loads some parts. */
export async function loadParts(ids: readonly PartId[]): Promise<void> {
  const parts = await Promise.all(ids.map((id) => (id === "decimals" ? undefined : IMPORTS[id]())));
  for (const part of parts) if (part !== undefined) addPart(part.PART);
}

/** What stands inside is shown once the part is there; on the server that is at once. */
const ready = ({ PART }: { readonly PART: LoadedPart }): { readonly default: ComponentType<Inside> } => {
  addPart(PART);
  return { default: ({ children }) => children };
};

const WITH: Readonly<Record<Exclude<PartId, "decimals">, ComponentType<Inside>>> = {
  products: dynamic(() => import("./products").then(ready)),
  fractions: dynamic(() => import("./fractions").then(ready)),
  signed: dynamic(() => import("./signed").then(ready)),
  money: dynamic(() => import("./money").then(ready)),
  measures: dynamic(() => import("./measures").then(ready)),
  quantities: dynamic(() => import("./quantities").then(ready)),
  chain: dynamic(() => import("./chain").then(ready)),
  mental: dynamic(() => import("./mental").then(ready)),
};

/** What needs some parts, inside what loads them. */
export function withParts([id, ...others]: readonly PartId[], inside: ReactElement): ReactElement {
  if (id === undefined) return inside;
  if (id === "decimals") return withParts(others, inside);
  const With = WITH[id];
  return <With>{withParts(others, inside)}</With>;
}
