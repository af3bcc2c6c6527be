import { spawn } from "node:child_process";
import fs from "node:fs";
import net from "node:net";
import os from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";

/** Runs a command of the project to its end, or until it has printed its address, and ends it then. */
function launch(script: string, env: Record<string, string>): Promise<{ code: number | null; said: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [script], { env: { ...process.env, ...env } });
    let said = "";
    const hear = (part: Buffer): void => {
      said += part;
      if (said.includes("Right Sum is at")) child.kill("SIGTERM");
    };
    child.stdout.on("data", hear);
    child.stderr.on("data", hear);
    child.on("close", (code) => resolve({ code, said }));
  });
}

const listenAnywhere = (): Promise<net.Server> =>
  new Promise((resolve) => {
    const server = net.createServer();
    server.listen(0, "127.0.0.1", () => resolve(server));
  });

const portOf = (server: net.Server): number => {
  const address = server.address();
  return typeof address === "object" && address !== null ? address.port : 0;
};

test("npm start prints its address when it answers, and makes the folder it is told to use", async () => {
  const free = await listenAnywhere();
  const port = portOf(free);
  await new Promise((resolve) => free.close(resolve));
  const parent = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-launch-"));
  const folder = path.join(parent, "lessons");
  const { said } = await launch("scripts/start.mjs", { PORT: String(port), RIGHT_SUM_DATA: folder });
  expect(said).toContain(`Right Sum is at http://127.0.0.1:${port}`);
  expect(fs.existsSync(path.join(folder, "right-sum.sqlite"))).toBe(true);
  fs.rmSync(parent, { recursive: true, force: true });
});

test("what keeps it from starting is said in one line that tells what to do", async () => {
  const taken = await listenAnywhere();
  const port = portOf(taken);
  const parent = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-launch-"));
  const file = path.join(parent, "a-file");
  fs.writeFileSync(file, "");
  const cases = [
    {
      env: { PORT: String(port), RIGHT_SUM_DATA: parent },
      line: `Port ${port} is taken. Choose another: PORT=${port + 1} npm start\n`,
    },
    {
      env: { PORT: "eighty", RIGHT_SUM_DATA: parent },
      line: "PORT must be a whole number from 1 to 65535; it is “eighty”.\n",
    },
    {
      env: { PORT: String(port), RIGHT_SUM_DATA: path.join(file, "data") },
      line: `Nothing can be written to ${path.join(file, "data")}. Make the folder writable, or name another in RIGHT_SUM_DATA.\n`,
    },
  ];
  for (const { env, line } of cases)
    expect(await launch("scripts/start.mjs", env)).toEqual({ code: 1, said: line });
  await new Promise((resolve) => taken.close(resolve));
  fs.rmSync(parent, { recursive: true, force: true });
});
