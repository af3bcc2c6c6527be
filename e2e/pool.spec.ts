import { fork } from "node:child_process";
import path from "node:path";
import { expect, test } from "@playwright/test";
import { Piscina } from "piscina";

test("a thread that takes too long is stopped, and the next task finds another", async () => {
  const pool = new Piscina({
    filename: path.resolve(".build/server/worker.mjs"),
    minThreads: 1,
    maxThreads: 1,
  });
  const problems = { name: "rightAnswers", input: { house: {}, problems: ["1 + 2"] } };
  expect(await pool.run(problems)).toEqual(["3"]);
  const line = "123456789012345 × 987654321098765 × 456789123456789";
  const large = { name: "wrongWay", input: { line, house: {}, patterns: [], given: undefined } };
  const stopped = await pool.run(large, { signal: AbortSignal.timeout(40) }).catch((error: Error) => error);
  expect(stopped).toMatchObject({ name: "AbortError" });
  expect(await pool.run(problems)).toEqual(["3"]);
  await pool.destroy();
});

test("the process that makes pages ends with its server, even where that goes while it is being loaded", async () => {
  const pages = fork(path.resolve(".build/server/pages.mjs"), ["/dev/null/never"], { stdio: "ignore" });
  const ended = new Promise((resolve) => pages.once("exit", resolve));
  pages.disconnect();
  expect(await ended).toBe(0);
});
