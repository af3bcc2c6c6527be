import { spawn } from "node:child_process";
import fs from "node:fs";
import net from "node:net";
import os from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";
import { freePort, freshFolder, startServer } from "./server";

/** Runs a command of the project to its end, or until it has printed its address, and ends it then. */
function launch(
  script: string,
  env: Record<string, string>,
  parameters: readonly string[] = [],
): Promise<{ code: number | null; said: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [script, ...parameters], { env: { ...process.env, ...env } });
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
    ...["0x1F90", "3.371e3", "3000.5", "-1", "65536"].map((asked) => ({
      env: { PORT: asked, RIGHT_SUM_DATA: parent },
      line: `PORT must be a whole number from 1 to 65535; it is “${asked}”.\n`,
    })),
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

test("a second server on the same data says so and stops; a reset refuses while one runs", async () => {
  const folder = freshFolder();
  const first = await startServer(folder);
  try {
    const port = String(await freePort());
    const second = await launch("scripts/start.mjs", { PORT: port, RIGHT_SUM_DATA: folder });
    expect(second).toEqual({
      code: 1,
      said: `Right Sum is running on this data already. It is at ${first.url}. To start a second one, name another folder in RIGHT_SUM_DATA.\n`,
    });
  } finally {
    await first.remove();
  }
});

test("a backup is restored from the terminal, by a name relative to where it was typed", async () => {
  const server = await startServer();
  await fetch(`${server.url}/api/learners`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ id: "learner00001", name: "Ida" }),
  });
  await fetch(`${server.url}/api/safe-keeping/backup`, { method: "POST" });
  await server.end();
  const [name = ""] = fs.readdirSync(path.join(server.folder, "backups"));
  fs.writeFileSync(path.join(server.folder, "right-sum.sqlite"), "spoilt");
  const restored = await launch(
    "scripts/start.mjs",
    { RIGHT_SUM_DATA: server.folder, INIT_CWD: path.join(server.folder, "backups") },
    ["--restore", name],
  );
  expect(restored.code).toBe(0);
  expect(restored.said).toContain("The present file is kept as");
  expect(restored.said).toContain("Restored ");
  await server.start();
  expect(await (await fetch(`${server.url}/learners`)).text()).toContain("Ida");
  const wrong = await launch("scripts/start.mjs", { RIGHT_SUM_DATA: freshFolder() }, [
    "--restore",
    "no-such-file",
  ]);
  expect([wrong.code, wrong.said.includes("can’t be restored. There is no file")]).toEqual([1, true]);
  await server.remove();
});

test("a folder is taken from where it was typed, and as an address", async () => {
  const parent = freshFolder();
  for (const [named, made] of [
    ["lessons", "lessons"],
    [`file://${parent}/by-address`, "by-address"],
  ] as const) {
    const port = String(await freePort());
    const { said } = await launch("scripts/start.mjs", {
      PORT: port,
      RIGHT_SUM_DATA: named,
      INIT_CWD: parent,
    });
    expect(said).toContain("Right Sum is at");
    expect(fs.existsSync(path.join(parent, made, "right-sum.sqlite"))).toBe(true);
  }
  const { said } = await launch("scripts/start.mjs", {
    HOST: "::1",
    PORT: String(await freePort()),
    RIGHT_SUM_DATA: parent,
  });
  expect(said).toMatch(/Right Sum is at http:\/\/\[::1\]:\d+/);
  fs.rmSync(parent, { recursive: true, force: true });
});

test("it ends by itself whatever it is doing, and leaves the port free", async () => {
  const server = await startServer();
  const factors = "123456789012345 × 987654321098765 × 456789123456789";
  const busy = Array.from({ length: 6 }, () =>
    fetch(`${server.url}/wrong-way?problem=${encodeURIComponent(factors)}`).catch(() => undefined),
  );
  // They are under way where the server has heard of them: it answers what was asked after them.
  expect((await fetch(`${server.url}/api/changes`)).status).toBe(200);
  expect(await server.end()).toBe(0);
  await Promise.all(busy);
  await server.start();
  await server.remove();
});

test("a page asked for while the process that makes pages has ended comes from its successor", async () => {
  const server = await startServer();
  const children = (): readonly number[] =>
    fs
      .readFileSync(`/proc/${server.pid()}/task/${server.pid()}/children`, "utf8")
      .split(" ")
      .filter((id) => id !== "")
      .map(Number);
  const [pages = 0] = children();
  expect((await fetch(`${server.url}/learners`)).status).toBe(200);
  process.kill(pages, "SIGKILL");
  const answers = await Promise.all(
    Array.from({ length: 8 }, async () => (await fetch(`${server.url}/learners`)).status),
  );
  expect(answers).toEqual(Array(8).fill(200));
  expect(children()).not.toContain(pages);
  await server.remove();
});
