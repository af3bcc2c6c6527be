import path from "node:path";
import { Piscina } from "piscina";
import { done, failed, type Result } from "@/core/result";
import type { Computing, Filing } from "./tasks";

/** The tasks, bundled for a thread by the build. */
const WORKER = path.resolve(/* turbopackIgnore: true */ ".build/server/worker.mjs");

/** How long one task may take before it is stopped, and each that it waits for, in milliseconds: long, since a machine may be slow and have other things to do. */
const TIME_LIMIT = 30_000;
const FILING_LIMIT = 10 * 60 * 1000;
/** How many requests may wait for a thread. */
const MOST_WAITING = 400;
/** How long a thread for files is kept ready after its last task, in milliseconds. */
const IDLE = 20_000;
/** The same for the thread that computes what nobody waits for: long, since it has worked out what it is asked again. */
const SLOW_IDLE = 10 * 60 * 1000;

/** Some tasks by their names. */
type Tasks = Readonly<Record<string, (input: never) => unknown>>;

/** What a task gives, once it is done. */
type Given<Some extends Tasks, Name extends keyof Some> = Awaited<ReturnType<Some[Name]>>;

/** Threads that run tasks: what goes in and what comes out is what the task says, since both ends are of one build. */
interface Threads<Some extends Tasks> {
  /** How many tasks wait for a thread. */
  readonly queueSize: number;
  run<Name extends keyof Some>(
    task: { readonly name: Name; readonly input: Parameters<Some[Name]>[0] },
    options: { readonly signal: AbortSignal },
  ): Promise<Given<Some, Name>>;
}

/** How many threads compute: two, so that a long task holds up no short one. RIGHT_SUM_THREADS names another number. */
const THREADS = Math.max(1, Math.trunc(Number(process.env.RIGHT_SUM_THREADS ?? 2)) || 2);

/** What each of the pools has: how many threads, how long they are kept ready, how much may wait, and how much memory each may take. */
const POOLS = {
  computing: {
    minThreads: THREADS,
    maxThreads: THREADS,
    idleTimeout: 0,
    maxQueue: MOST_WAITING,
    megabytes: 400,
  },
  slow: { minThreads: 0, maxThreads: 1, idleTimeout: SLOW_IDLE, maxQueue: 10, megabytes: 400 },
  printing: { minThreads: 0, maxThreads: 1, idleTimeout: IDLE, maxQueue: 10, megabytes: 400 },
  filing: { minThreads: 0, maxThreads: 1, idleTimeout: IDLE, maxQueue: 20, megabytes: 2000 },
} as const;

/** The pools are held outside the module, so that reloaded code finds them again. */
const held = globalThis as { rightSumThreads?: Map<keyof typeof POOLS, Piscina> };

/** A pool, which is made when it is first needed. */
function poolOf(name: keyof typeof POOLS): Piscina {
  held.rightSumThreads ??= new Map();
  const there = held.rightSumThreads.get(name);
  if (there !== undefined) return there;
  const { megabytes, ...options } = POOLS[name];
  const pool = new Piscina({
    filename: WORKER,
    ...options,
    resourceLimits: { maxOldGenerationSizeMb: megabytes },
  });
  held.rightSumThreads.set(name, pool);
  return pool;
}

/** The threads that compute: ready from the first call on. */
export const computing = (): Threads<Computing> => poolOf("computing");

/** Why a task gave nothing: it was stopped at its limit, or too much waits before it. */
interface Stopped {
  readonly code: "tooLong" | "busy";
  readonly message: string;
}

const tooLong = (limit: number): Stopped => ({
  code: "tooLong",
  message: `This took longer than ${limit / 1000} seconds and was stopped. Try it with smaller numbers.`,
});
const BUSY: Stopped = {
  code: "busy",
  message: "Right Sum has too much to do at the moment. Try again in a few seconds.",
};

async function run<Some extends Tasks, Name extends keyof Some>(
  pool: Threads<Some>,
  name: Name,
  input: Parameters<Some[Name]>[0],
  limit: number,
): Promise<Result<Given<Some, Name>, Stopped>> {
  // What waits for others is not stopped for the time that these take.
  const longest = limit * (1 + pool.queueSize);
  try {
    return done(await pool.run({ name, input }, { signal: AbortSignal.timeout(longest) }));
  } catch (error) {
    if (error instanceof Error && error.name === "AbortError") return failed(tooLong(limit));
    if (error instanceof Error && /queue is at limit/i.test(error.message)) return failed(BUSY);
    throw error;
  }
}

/** Stops all threads, with what they do. */
export async function stopThreads(): Promise<void> {
  await Promise.all([...(held.rightSumThreads?.values() ?? [])].map((pool) => pool.destroy()));
}

/** Computes something on a thread of its own: what it gives, or that it was stopped. */
export const compute = <Name extends keyof Computing>(
  name: Name,
  input: Parameters<Computing[Name]>[0],
): Promise<Result<Given<Computing, Name>, Stopped>> => run(computing(), name, input, TIME_LIMIT);

/** The same for what may take long, or goes on from what it worked out before, as probing does: on one thread of its own, so that all else has its threads to itself. */
export const computeSlowly = <Name extends keyof Computing>(
  name: Name,
  input: Parameters<Computing[Name]>[0],
): Promise<Result<Given<Computing, Name>, Stopped>> =>
  run<Computing, Name>(poolOf("slow"), name, input, TIME_LIMIT);

/** The same for what is printed: on a thread of its own, so that no probe waits for a PDF, and no PDF for a probe. */
export const computeForPrint = <Name extends keyof Computing>(
  name: Name,
  input: Parameters<Computing[Name]>[0],
): Promise<Result<Given<Computing, Name>, Stopped>> =>
  run<Computing, Name>(poolOf("printing"), name, input, TIME_LIMIT);

/** Does something with whole files on a thread of its own; one at a time, in turn. */
export async function file<Name extends keyof Filing>(
  name: Name,
  input: Parameters<Filing[Name]>[0],
): Promise<Given<Filing, Name>> {
  const result = await run<Filing, Name>(poolOf("filing"), name, input, FILING_LIMIT);
  if (!result.ok) throw new Error(`file: ${name}: ${result.error.message}`);
  return result.value;
}
