// What has to be on the machine before anything of the project runs. Plain Node, no packages.
import { spawn } from "node:child_process";
import fs from "node:fs";
import path from "node:path";
import { root } from "./root.mjs";
import { inTurn } from "./turn.mjs";

/** Ends with one clear line. */
export function stop(line) {
  console.error(line);
  process.exit(1);
}

/** Runs a program in the project's folder to its end: its exit code, and what it printed where `quiet` kept it. */
function run(program, parameters, { quiet = false, env = {} } = {}) {
  return new Promise((resolve) => {
    const child = spawn(program, parameters, {
      cwd: root,
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
      stdio: quiet ? ["ignore", "pipe", "pipe"] : "inherit",
    });
    let printed = "";
    child.stdout?.on("data", (part) => (printed += part));
    child.stderr?.on("data", (part) => (printed += part));
    child.on("error", (error) => resolve({ code: 127, printed: String(error) }));
    child.on("close", (code) => resolve({ code: code ?? 1, printed }));
  });
}

/** A package's program, run by this Node. */
export const runPackage = (script, parameters, options) =>
  run(process.execPath, [path.join(root, "node_modules", script), ...parameters], options);

/** Stops where Node is older than the project can use. */
function checkNode() {
  const [major, minor] = process.versions.node.split(".").map(Number);
  if (major < 20 || (major === 20 && minor < 9)) {
    stop(
      `Right Sum needs Node 20.9 or newer; this is ${process.versions.node}. Install a newer Node and start again.`,
    );
  }
}

const INSTALLED = path.join(root, "node_modules/.package-lock.json");
const DATABASE = path.join(root, "node_modules/better-sqlite3/build/Release/better_sqlite3.node");

/** Whether the packages are those of the lock file, and the database is compiled. */
const isInstalled = () =>
  fs.existsSync(INSTALLED) &&
  fs.existsSync(DATABASE) &&
  fs.statSync(INSTALLED).mtimeMs >= fs.statSync(path.join(root, "package-lock.json")).mtimeMs;

/**
 * Installs the packages where they are missing or older than the lock file: `unpacked` once they are there, `compiled`
 * once the database is too, which takes most of the time. Says so on stderr, so that stdout stays a program's own.
 */
export function startInstalling() {
  checkNode();
  let unpacked = () => undefined;
  const there = new Promise((resolve) => {
    unpacked = resolve;
  });
  const compiled = inTurn("install", async () => {
    if (!isInstalled()) await install(unpacked);
    unpacked();
  });
  return { unpacked: there, compiled };
}

/** The same to its end. */
export const ensureInstalled = () => startInstalling().compiled;

/** Runs npm, whichever started this; what it prints is kept. */
function runNpm(parameters) {
  const npm = process.env.npm_execpath;
  // The log level is named, since `npm run -s` would hand its silence on and leave nothing to tell from.
  const all = [...parameters, "--loglevel=error"];
  // The database is compiled by as many processors as there are.
  const options = { quiet: true, env: { JOBS: "max" } };
  return npm?.endsWith(".js") ? run(process.execPath, [npm, ...all], options) : run("npm", all, options);
}

async function install(unpacked) {
  console.error("Installing packages. The first time this takes a few minutes…");
  const got = await runNpm(["ci", "--include=dev", "--no-audit", "--no-fund", "--ignore-scripts"]);
  if (got.code === 0) unpacked();
  const built = got.code === 0 ? await runNpm(["rebuild"]) : got;
  if (built.code === 0 && fs.existsSync(DATABASE)) {
    fs.utimesSync(INSTALLED, new Date(), new Date());
    return;
  }
  fs.writeFileSync(path.join(root, "install.log"), built.printed);
  if (/gyp ERR/.test(built.printed)) {
    stop(
      "The database could not be compiled. Install a C++ compiler, make and Python 3 (Debian: apt-get install build-essential python3) and start again. Details: install.log",
    );
  }
  stop(
    "The packages could not be installed. Check the connection to the package registry and start again. Details: install.log",
  );
}

export const NO_CHROMIUM =
  "The browser tests need Chromium. Install it (Debian: apt-get install chromium-headless-shell), or name it in CHROMIUM, and start again.";

/** The path of a Chromium for the browser tests; installed by apt where it may be. Ends with a line where there is none. */
export const ensureChromium = async () => (await chromiumPath()) ?? stop(NO_CHROMIUM);

/** The same; none where there is none and none can be installed. The one without windows costs a third of the other. */
export async function chromiumPath() {
  const places = [
    process.env.CHROMIUM,
    "/usr/bin/chromium-headless-shell",
    "/usr/bin/chromium",
    "/usr/bin/chromium-browser",
  ].filter(Boolean);
  const found = () => places.find((place) => fs.existsSync(place));
  if (found()) return found();
  if (process.getuid?.() === 0 && fs.existsSync("/usr/bin/apt-get")) {
    console.error("Installing Chromium for the browser tests…");
    await run("apt-get", ["update", "-qq"], { quiet: true });
    // The letters that pages fall back on are named, since they decide how wide things are.
    await run("apt-get", ["install", "-y", "-qq", "chromium-headless-shell", "fonts-liberation"], {
      quiet: true,
      env: { DEBIAN_FRONTEND: "noninteractive" },
    });
  }
  return found();
}
