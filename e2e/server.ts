import { type ChildProcess, spawn } from "node:child_process";
import fs from "node:fs";
import net from "node:net";
import os from "node:os";
import path from "node:path";

/** The built application on a data folder of its own and a free port. */
export interface Server {
  readonly url: string;
  /** Ends the process at once, as a power cut would. */
  kill(): Promise<void>;
  /** Starts again on the same data and port. */
  start(): Promise<void>;
  readonly folder: string;
  /** The number of its process. */
  pid(): number;
  /** Ends the process as a tutor would: the code it ends with, none where it had to be killed. */
  end(): Promise<number | null>;
  /** Ends the process and throws its data away. */
  remove(): Promise<void>;
}

/** A data folder for one test. */
export const freshFolder = (): string => fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-e2e-"));

/** Starts a server on a data folder, a fresh one where none is named. */
export async function startServer(
  folder = freshFolder(),
  env: Readonly<Record<string, string>> = {},
): Promise<Server> {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let child: ChildProcess | undefined;

  const start = async (): Promise<void> => {
    child = spawn(process.execPath, [".build/server/server.mjs"], {
      env: {
        ...process.env,
        NODE_ENV: "production",
        PORT: String(port),
        RIGHT_SUM_DATA: folder,
        NEXT_TELEMETRY_DISABLED: "1",
        ...env,
      },
      stdio: ["ignore", "pipe", "inherit"],
    });
    const started = child;
    await new Promise<void>((resolve, reject) => {
      let said = "";
      started.stdout?.on("data", (part) => {
        said += part;
        if (said.includes("Right Sum is at")) resolve();
      });
      started.once("close", (code) => reject(new Error(`startServer: it ended with ${code}`)));
    });
  };
  const kill = async (): Promise<void> => {
    const ended = new Promise((resolve) => child?.once("close", resolve));
    if (child?.exitCode === null) {
      child.kill("SIGKILL");
      await ended;
    }
  };
  const remove = async (): Promise<void> => {
    if (child?.exitCode === null && child.signalCode === null) await end();
    fs.rmSync(folder, { recursive: true, force: true });
  };
  const end = async (): Promise<number | null> => {
    const ended = new Promise<number | null>((resolve) => child?.once("close", resolve));
    child?.kill("SIGTERM");
    return ended;
  };
  await start();
  return { url, folder, pid: () => child?.pid ?? 0, kill, end, start, remove };
}

/** A port nobody listens on just now. */
export async function freePort(): Promise<number> {
  const server = net.createServer();
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  const address = server.address();
  await new Promise((resolve) => server.close(resolve));
  if (address === null || typeof address === "string") throw new Error("freePort: no port was given");
  return address.port;
}
