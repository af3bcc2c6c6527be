// Starts the built server on some data, and ends it when it is told to.
import { spawn } from "node:child_process";
import fs from "node:fs";
import path from "node:path";
import { fileURLToPath } from "node:url";
import { stop } from "./machine.mjs";
import { root } from "./root.mjs";

/** How long the server is given to end by itself, in milliseconds; then it is ended, whatever it is doing. */
const END_WITHIN = 800;

/** A folder as it was typed: relative to where that was, or as a file: address. */
export function folderNamed(name) {
  if (/^file:/i.test(name)) {
    try {
      return fileURLToPath(name);
    } catch {
      stop(`RIGHT_SUM_DATA must name a folder of this machine; it is “${name}”.`);
    }
  }
  return path.resolve(process.env.INIT_CWD ?? process.cwd(), name);
}

/** The port that was asked for; a whole number written plainly. */
function portAsked() {
  const asked = process.env.PORT || "3000";
  const port = /^\d{1,5}$/.test(asked) ? Number(asked) : 0;
  if (port < 1 || port > 65535) stop(`PORT must be a whole number from 1 to 65535; it is “${asked}”.`);
  return port;
}

/** Serves the data of a folder until this process is told to end. `command` is what the tutor typed. */
export async function serve(folder, command, parameters = []) {
  const port = portAsked();
  if (!parameters.includes("--read-only")) checkFolder(folder);
  const child = spawn(
    process.execPath,
    ["--enable-source-maps", path.join(root, ".build/server/server.mjs"), ...parameters],
    {
      cwd: root,
      env: {
        ...process.env,
        NODE_ENV: "production",
        PORT: String(port),
        RIGHT_SUM_DATA: folder,
        RIGHT_SUM_COMMAND: command,
        NEXT_TELEMETRY_DISABLED: "1",
      },
      // The line between the two tells the server when this process is gone.
      stdio: ["inherit", "inherit", "inherit", "ipc"],
    },
  );
  let told = false;
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"])
    process.on(signal, () => {
      told = true;
      child.kill("SIGTERM");
      setTimeout(() => child.kill("SIGKILL"), END_WITHIN).unref();
    });
  const code = await new Promise((resolve) => child.on("close", resolve));
  process.exit(told ? 0 : (code ?? 1));
}

/** A folder that is not there yet is made. One that can't be written is looked at by the server. */
function checkFolder(folder) {
  if (fs.existsSync(folder) && fs.statSync(folder).isDirectory()) return;
  try {
    fs.mkdirSync(folder, { recursive: true });
  } catch {
    stop(`Nothing can be written to ${folder}. Make the folder writable, or name another in RIGHT_SUM_DATA.`);
  }
}
