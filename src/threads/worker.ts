import { COMPUTING, FILING } from "./tasks";

const TASKS: Readonly<Record<string, (input: never) => unknown>> = { ...COMPUTING, ...FILING };

/** What a worker thread runs: one task by its name. */
export default function run({ name, input }: { readonly name: string; readonly input: unknown }): unknown {
  const task = TASKS[name];
  if (task === undefined) throw new Error(`run: there is no task ${name}`);
  return task(input as never);
}
