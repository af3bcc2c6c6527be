import { writeProblem } from "@/core/problem";
import { done, failed, type Result } from "@/core/result";
import { twinOf } from "@/core/sheets";
import { NO_TWIN } from "@/core/wording";
import type { Refusal } from "../refusal";
import { problemRequested, type WorkRequest } from "./work";

/** The most twins that are drawn at once. */
export const MOST_TWINS = 50;

/** A problem with as many twins as are wanted, the same ones for the same seed. */
export interface TwinsRequest extends Pick<WorkRequest, "problem" | "house"> {
  readonly count: number;
  readonly seed: number;
}

/** Twins of a problem as a program gets them: lines that are read as on the Board, no two the same. */
export function twinsRequested({
  count,
  seed,
  ...asked
}: TwinsRequest): Result<
  { readonly problem: string; readonly seed: number; readonly twins: readonly string[] },
  Refusal
> {
  const read = problemRequested(asked);
  if (!read.ok) return read;
  const { problem, house } = read.value;
  const twins = new Set<string>();
  for (let nth = 0; twins.size < count && nth < 2 * count + 4; nth++) {
    const twin = twinOf(problem, house, seed + nth);
    if (twin.ok) twins.add(writeProblem(twin.value, house));
  }
  return twins.size === 0
    ? failed({ code: "noTwin", message: NO_TWIN })
    : done({ problem: asked.problem, seed, twins: [...twins].slice(0, count) });
}
