import { COMPUTING, FILING } from "./tasks";

const TASKS: Readonly<Record<string, (input: never) => unknown>> = { ...COMPUTING, ...FILING };

/** What a worker thread runs: one task by its name. What it is given fits that one, since whoever asks is of the same build. */
export default function run({ name, input }: { readonly name: string; readonly input: never }): unknown {
  const task = TASKS[name];
  if (task === undefined) throw new Error(`run: there is no task ${name}`);
  return task(input);
}
