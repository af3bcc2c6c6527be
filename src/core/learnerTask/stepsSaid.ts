import { falseSteps } from "../claims";
import { type PatternId, type PatternReason, type Replay, replayOf, type SlipAbout } from "../errorPatterns";
import type { HouseRules } from "../house";
import type { Reason } from "../methods";
import { type Problem, writeAnswer } from "../problem";
import { didWords, FOLLOWS, saysDone, slipDidWords, writtenWords, wrongStepWords } from "../wording";

/** A replay with what it replays. */
export interface Replayed {
  readonly replay: Replay;
  readonly problem: Problem;
  readonly patterns: readonly PatternId[];
  /** What just went wrong, where it is a slip. */
  readonly slips: readonly SlipAbout[];
  readonly house: HouseRules;
}

/** Of two patterns, the one that shows at the step where both leave the sound way. */
function departing({ replay, problem, patterns, house }: Replayed): PatternId | undefined {
  if (patterns.length < 2) return patterns[0];
  const kind = replay.wrong.steps[replay.departs]?.reason.kind;
  return (
    patterns.find((id) => {
      const alone = replayOf(problem, house, [id]);
      return alone?.departs === replay.departs && alone.wrong.steps[alone.departs]?.reason.kind === kind;
    }) ?? patterns[0]
  );
}

/** What says by itself what was done. */
const TELLING: readonly (Reason | PatternReason)["kind"][] = ["misread", "pulledApart", "putTogether"];

/**
 * What is said to each step of a wrong working: what was done, where it leaves the sound way and where the same is done
 * again; what a sound worker says, as long as that holds.
 */
export function stepsSaid(replayed: Replayed): readonly string[] {
  const { replay, problem, slips, house } = replayed;
  const { steps, answer } = replay.wrong;
  const id = departing(replayed);
  const first = steps[replay.departs];
  const untrue = falseSteps(replay.wrong).steps.filter((index) => index > replay.departs);
  const error = { problem, wrong: writeAnswer(answer, house) };
  const done = (reason: Reason | PatternReason): string => {
    if (id === undefined) return wrongStepWords(reason, house).say;
    const [slip] = slips;
    if (slip !== undefined) return slipDidWords(slip, house);
    if (TELLING.includes(reason.kind) && !saysDone(id)) return wrongStepWords(reason, house).say;
    const did = didWords(id, error, house);
    return reason.kind === "writtenAtOnce" ? `${did} ${writtenWords(error.wrong)}` : did;
  };
  return steps.map(({ reason }, index) => {
    if (index === replay.departs) return done(reason);
    if (!untrue.includes(index)) return wrongStepWords(reason, house).say;
    return reason.kind === first?.reason.kind && id !== undefined && saysDone(id) === "always"
      ? done(reason)
      : FOLLOWS;
  });
}
