import { type ChildProcess, spawn } from "node:child_process";
import fs from "node:fs";
import net from "node:net";
import os from "node:os";
import path from "node:path";
import { setTimeout as pause } from "node:timers/promises";

/** The built application on a data folder of its own and a free port. */
export interface Server {
  readonly url: string;
  /** Ends the process at once, as a power cut would. */
  kill(): Promise<void>;
  /** Starts again on the same data and port. */
  start(): Promise<void>;
  /** Ends the process and throws its data away. */
  remove(): Promise<void>;
}

/** Starts a server on a data folder, a fresh one where none is named. */
export async function startServer(
  folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-e2e-")),
): Promise<Server> {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let child: ChildProcess | undefined;

  const start = async (): Promise<void> => {
    child = spawn(
      process.execPath,
      ["node_modules/next/dist/bin/next", "start", "-H", "127.0.0.1", "-p", String(port)],
      {
        env: { ...process.env, RIGHT_SUM_DATA: folder, NEXT_TELEMETRY_DISABLED: "1" },
        stdio: ["ignore", "ignore", "inherit"],
      },
    );
    await answering(url);
  };
  const kill = async (): Promise<void> => {
    const ended = new Promise((resolve) => child?.once("close", resolve));
    if (child?.exitCode === null) {
      child.kill("SIGKILL");
      await ended;
    }
  };
  const remove = async (): Promise<void> => {
    await kill();
    fs.rmSync(folder, { recursive: true, force: true });
  };
  await start();
  return { url, kill, start, remove };
}

async function answering(url: string): Promise<void> {
  for (let tries = 0; tries < 300; tries++) {
    const answer = await fetch(url).catch(() => undefined);
    if (answer?.ok) return;
    await pause(100);
  }
  throw new Error(`startServer: no answer at ${url}`);
}

/** A port nobody listens on just now. */
async function freePort(): Promise<number> {
  const server = net.createServer();
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const address = server.address();
  await new Promise((resolve) => server.close(resolve));
  if (address === null || typeof address === "string") throw new Error("freePort: no port was given");
  return address.port;
}
