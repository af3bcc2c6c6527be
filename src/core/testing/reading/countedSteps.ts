import { Session } from "node:inspector/promises";
import { vi } from "vitest";

/** Counts how often each block of the project's own code is entered, as the engine tells it: a measure of work that no clock is needed for. */
export interface StepCounter<Module> {
  /** What was loaded under the eye of the counter. */
  readonly module: Module;
  /** How many blocks an act enters. What the engine does by itself, as searching by a regular expression, is not counted. */
  readonly stepsOf: (act: () => void) => Promise<number>;
  readonly end: () => void;
}

/** Loads modules anew, so that their blocks are counted, and gives the counter. */
export async function countingSteps<Module>(load: () => Promise<Module>): Promise<StepCounter<Module>> {
  const session = new Session();
  session.connect();
  await session.post("Profiler.enable");
  await session.post("Profiler.startPreciseCoverage", { callCount: true, detailed: true });
  vi.resetModules();
  const module = await load();
  return {
    module,
    async stepsOf(act) {
      // What was counted up to here is taken away.
      await session.post("Profiler.takePreciseCoverage");
      act();
      const { result } = await session.post("Profiler.takePreciseCoverage");
      return result
        .filter(({ url }) => url.includes("/src/"))
        .flatMap(({ functions }) => functions.flatMap(({ ranges }) => ranges.map(({ count }) => count)))
        .reduce((sum, count) => sum + count, 0);
    },
    end() {
      session.disconnect();
      vi.resetModules();
    },
  };
}
