// Starts the built application on some data and tells where it answers.
import { spawn } from "node:child_process";
import fs from "node:fs";
import net from "node:net";
import path from "node:path";
import { root, stop } from "./machine.mjs";

const START_WITHIN = 30_000;

/** Serves the data of a folder until this process is told to end. `command` is what the tutor typed. */
export async function serve(folder, command) {
  const host = process.env.HOST || "127.0.0.1";
  const port = Number(process.env.PORT || 3000);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    stop(`PORT must be a whole number from 1 to 65535; it is “${process.env.PORT}”.`);
  }
  checkWritable(folder);
  await checkFree(host, port, command);

  const child = spawn(
    process.execPath,
    [path.join(root, "node_modules/next/dist/bin/next"), "start", "-H", host, "-p", String(port)],
    {
      cwd: root,
      env: { ...process.env, RIGHT_SUM_DATA: folder, NEXT_TELEMETRY_DISABLED: "1" },
      stdio: ["ignore", "ignore", "inherit"],
    },
  );
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"]) process.on(signal, () => child.kill("SIGTERM"));
  child.on("close", (code) => process.exit(code ?? 0));

  const shown = host === "0.0.0.0" || host === "::" ? "127.0.0.1" : host;
  const address = `http://${shown}:${port}`;
  await answering(address);
  console.log(`Right Sum is at ${address}`);
}

function checkWritable(folder) {
  try {
    fs.mkdirSync(folder, { recursive: true });
    const trial = path.join(folder, `.writable-${process.pid}`);
    fs.writeFileSync(trial, "");
    fs.rmSync(trial);
  } catch {
    stop(`Nothing can be written to ${folder}. Make the folder writable, or name another in RIGHT_SUM_DATA.`);
  }
}

async function checkFree(host, port, command) {
  const trial = net.createServer();
  const error = await new Promise((resolve) => {
    trial.once("error", resolve);
    trial.listen(port, host, () => trial.close(() => resolve(undefined)));
  });
  if (error?.code === "EADDRINUSE") {
    stop(`Port ${port} is taken. Choose another: PORT=${port + 1} ${command}`);
  }
  if (error) stop(`Right Sum can't listen on ${host}:${port} (${error.code}). Choose another HOST or PORT.`);
}

async function answering(address) {
  const until = Date.now() + START_WITHIN;
  while (Date.now() < until) {
    try {
      const answer = await fetch(address);
      if (answer.ok) return;
    } catch {
      // Not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  stop(`Right Sum did not answer at ${address} within ${START_WITHIN / 1000} seconds.`);
}
