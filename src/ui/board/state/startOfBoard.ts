import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { LONGEST_GUESS } from "@/core/marking";
import type { MethodId } from "@/core/methods";
import { newId } from "../../ids";
import { addEveryPart } from "../loaded/everyPart";
import { library, type PartId, partsUsed } from "../loaded/parts";
import { type BoardScreenState, type OpenBoard, readBoardLine } from "./boardState";
import type { BoardAddress } from "./readAddress";

/**
 * Where a Board begins: what its address says, filled up from the kept board of the same id.
 * `parts` are those that the open board needs. An address with another problem than the kept board's opens a board of its own.
 */
export function startOfBoard(
  address: BoardAddress,
  found: OpenBoard | undefined,
  ownHouse: HouseRules,
): { readonly start: BoardScreenState; readonly kept: boolean; readonly parts: readonly PartId[] } {
  addEveryPart();
  const same = found && (address.problem === undefined || address.problem === found.problem);
  const kept = same ? found : undefined;
  const house = address.house ?? kept?.house ?? ownHouse;
  const typed = address.problem ?? kept?.problem ?? "";
  const reading = readBoardLine(typed, house, address.method ?? kept?.method);
  if (!reading.ok) return { start: { typed, house, open: undefined }, kept: false, parts: [] };
  const last = reading.run.steps.length;
  const open: OpenBoard = {
    id: (found && !same ? undefined : address.id) ?? newId(),
    problem: typed,
    method: reading.run.working.method,
    beside: besideOf(address.beside ?? kept?.beside, reading.run),
    house,
    step: Math.min(Math.max(1, address.step ?? kept?.step ?? 1), last),
    guess: (address.guess ?? kept?.guess ?? "").slice(0, LONGEST_GUESS),
  };
  return {
    start: { typed, house, open },
    kept: kept !== undefined && sameBoard(open, kept),
    parts: partsUsed(typed, house, [open.method, open.beside]),
  };
}

/** The method beside it, where it takes the problem and is another one. */
const besideOf = (asked: MethodId | undefined, { working }: Run): MethodId | undefined =>
  library()
    .methodsFor(working.problem)
    .find(({ id, refusal }) => id === asked && id !== working.method && refusal === undefined)?.id;

const sameBoard = (a: OpenBoard, b: OpenBoard): boolean =>
  a.method === b.method &&
  a.beside === b.beside &&
  a.step === b.step &&
  a.guess === b.guess &&
  JSON.stringify(a.house) === JSON.stringify(b.house);
