import fs from "node:fs";
import path from "node:path";
import fc from "fast-check";
import { afterAll, expect } from "vitest";

// Properties are tried on the same cases each time, so that a red run is red again; SEED tries others.
fc.configureGlobal({ seed: Number(process.env.SEED ?? 2026) });

// `npm run test:times` asks what each file costs: the seconds of CPU of its process while it is loaded and run.
const told = process.env.TEST_TIMES;
if (told !== undefined) {
  const before = process.cpuUsage();
  afterAll(() => {
    const { user, system } = process.cpuUsage(before);
    const file = path.relative(process.cwd(), expect.getState().testPath ?? "");
    fs.appendFileSync(told, `${JSON.stringify({ file, seconds: (user + system) / 1e6 })}\n`);
  });
}
