import fs from "node:fs";
import http, { type IncomingMessage, type ServerResponse } from "node:http";
import path from "node:path";
import readline from "node:readline/promises";
import { Writable } from "node:stream";
import { format } from "date-fns";
import next from "next";
import { recount } from "@/data/counts";
import {
  closeDatabase,
  database,
  dataFolder,
  FILE_NAME,
  onReplaced,
  openDatabase,
  replaceDatabase,
} from "@/data/database";
import { isBackupDue, makeBackup } from "@/data/keeping/backups";
import { examine, type Health, type Trouble } from "@/data/keeping/health";
import { insideOf } from "@/data/keeping/inside";
import { takeLock } from "@/data/keeping/lock";
import { moveAside, prepareRestore } from "@/data/keeping/restore";
import { noteTrouble, onTrouble } from "@/data/keeping/watch";
import { chancesOf } from "@/work/marking";
import { computing, file } from "@/work/pool";
import { Access } from "./access";
import { answeredAtGate, FONT_PATH, passphraseFault } from "./gate";
import { answerError, putSafeHeaders } from "./headers";
import { addressesOf, isOnlyHere } from "./names";
import { type PageProcess, startPages } from "./pageProcess";
import { troubleHandler, troubleLine } from "./trouble";

type Handler = (request: IncomingMessage, response: ServerResponse) => Promise<void> | void;

/** How long requests that are under way are given when the server ends, in milliseconds. */
const LAST_WORDS = 500;
const HOUR = 60 * 60 * 1000;
/** How long after the start the whole of the data is checked and backed up, so that a lesson begins first. */
const CHECK_AFTER = 2 * 60 * 1000;

function stop(line: string): never {
  console.error(line);
  process.exit(1);
}

const isTrouble = (health: Health): health is Trouble => health.kind !== "fine" && health.kind !== "fresh";

const flag = (name: string): string | undefined => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? undefined : (process.argv[at + 1] ?? "");
};

/** `--restore FILE`: puts a backup in the place of the data, which is backed up or moved aside first. */
async function restoreFrom(folder: string, named: string): Promise<void> {
  if (named === "") stop("Name the file: npm start -- --restore FILE");
  // A relative name is meant from where the command was typed.
  const from = path.resolve(process.env.INIT_CWD ?? process.cwd(), named);
  const ready = prepareRestore(folder, from);
  if (!ready.ok) stop(`${from} can’t be restored. ${ready.error}`);
  const health = examine(folder);
  if (health.kind === "fine") {
    const backup = await makeBackup(folder, "restore", new Date());
    if (!backup.ok)
      stop(`The data of now could not be backed up first, so nothing was restored. ${backup.error}`);
    console.log(`The data of now is in ${path.join(folder, "backups", backup.value.name)}`);
  } else if (health.kind !== "fresh") {
    console.log(`The file of now is kept as ${moveAside(folder, format(new Date(), "yyyyMMdd-HHmmss"))}`);
  }
  replaceDatabase(folder, ready.value);
  console.log(`Restored ${from}`);
}

/** `--set-passphrase`: asks for it in the terminal, or reads a line where there is none. */
async function setPassphrase(access: Access): Promise<void> {
  const silent = new Writable({ write: (_chunk, _encoding, done) => done() });
  const asking = readline.createInterface({
    input: process.stdin,
    output: silent,
    terminal: process.stdin.isTTY,
  });
  const lines = asking[Symbol.asyncIterator]();
  const ask = async (question: string): Promise<string> => {
    process.stdout.write(question);
    const line = await lines.next();
    process.stdout.write("\n");
    return line.done ? "" : line.value;
  };
  const passphrase = await ask("New passphrase (it is not shown): ");
  const again = process.stdin.isTTY ? await ask("Once more: ") : passphrase;
  asking.close();
  const fault = passphraseFault(passphrase, again);
  if (fault !== "") stop(fault);
  await access.setPassphrase(passphrase);
  console.log("The passphrase is set, and every sign-in of before has ended.");
}

/** Opens the data where it is sound: brought up to date, with a backup of before where that changes anything. */
async function openData(folder: string, readOnly: boolean): Promise<Trouble | undefined> {
  const health = examine(folder);
  if (readOnly) {
    process.env.RIGHT_SUM_READ_ONLY = "1";
  } else {
    delete process.env.RIGHT_SUM_READ_ONLY;
    if (isTrouble(health)) return health;
    if (health.kind === "fine" && health.pending) {
      const backup = await makeBackup(folder, "migration", new Date());
      if (!backup.ok)
        stop(`The data could not be backed up before it is brought up to date. ${backup.error}`);
    }
  }
  try {
    database();
  } catch (error) {
    return { kind: "damaged", found: error instanceof Error ? error.message.slice(0, 300) : "" };
  }
  return undefined;
}

/** Starts the application twice: pages in a process of their own, everything under /api/ in this one. */
async function startApplication(
  host: string,
  port: number,
): Promise<{ readonly handle: Handler; readonly pages: PageProcess }> {
  const application = next({ dev: false, dir: process.cwd(), hostname: host, port });
  const [pages] = await Promise.all([startPages(), application.prepare()]);
  const answer = application.getRequestHandler();
  onReplaced(pages.reopen);
  onTrouble(pages.tell);
  return {
    handle: (request, response) =>
      request.url?.startsWith("/api/") ? answer(request, response) : pages.pass(request, response),
    pages,
  };
}

/** Looks after the data while the server runs: a whole check soon and daily, and a backup each day it is used. */
function lookAfter(folder: string): void {
  const check = async (): Promise<void> => {
    const health = await file("check", { file: path.join(folder, FILE_NAME) });
    if (isTrouble(health) && health.kind !== "locked") {
      noteTrouble(health);
      console.error(troubleLine(health, folder, "Right Sum"));
    }
  };
  const backUp = async (): Promise<void> => {
    const { counts } = insideOf(database().$client);
    const empty = Object.values(counts).every((count) => count === 0);
    if (empty || !isBackupDue(folder, new Date())) return;
    const backup = await file("backUp", { folder, reason: "daily", now: new Date() });
    if (!backup.ok) console.error(`The daily backup was not made. ${backup.error}`);
  };
  const look = async (): Promise<void> => {
    try {
      await check();
      await backUp();
    } catch (error) {
      console.error(
        `The data could not be looked after just now: ${error instanceof Error ? error.message : ""}`,
      );
    }
  };
  let day = 0;
  setTimeout(look, CHECK_AFTER).unref();
  setInterval(() => {
    day = (day + 1) % 24;
    void (day === 0 ? look() : backUp().catch(() => undefined));
  }, HOUR).unref();
}

async function serve(): Promise<void> {
  const host = process.env.HOST || "127.0.0.1";
  const port = Number(process.env.PORT || 3000);
  const folder = dataFolder();
  const wantsReading = process.argv.includes("--read-only");
  const locked = wantsReading ? undefined : lockOf(folder);
  const restore = flag("restore");
  if (restore !== undefined) {
    await restoreFrom(folder, restore);
    locked?.release();
    return;
  }
  if (process.argv.includes("--recount")) {
    const data = openDatabase(folder);
    recount(data, chancesOf);
    data.$client.close();
    console.log("Everything was counted anew.");
    locked?.release();
    return;
  }
  const access = isOnlyHere(host) ? undefined : accessOf(folder);
  if (process.argv.includes("--set-passphrase")) {
    await setPassphrase(access ?? accessOf(folder));
    locked?.release();
    return;
  }
  process.env.RIGHT_SUM_BEYOND = access === undefined ? "" : "1";

  let handle: Handler = (_request, response) =>
    answerError(response, 503, "starting", "Right Sum is just starting. Try again in a moment.");
  let troubled = false;
  const gate = {
    host,
    access,
    isReadOnly: () => process.env.RIGHT_SUM_READ_ONLY === "1",
    takesForm: (path: string) => troubled && path.startsWith("/trouble/"),
  };
  const server = http.createServer(async (request, response) => {
    putSafeHeaders(response);
    try {
      if (await answeredAtGate(gate, request, response)) return;
      if (request.url === FONT_PATH) return font(response);
      await handle(request, response);
    } catch (error) {
      console.error(error);
      if (!response.headersSent)
        answerError(response, 500, "broken", "Something went wrong here. Try again.");
      else response.destroy();
    }
  });
  server.on("clientError", (_error, socket) => {
    if (socket.writable)
      socket.end("HTTP/1.1 400 Bad Request\r\nx-content-type-options: nosniff\r\nconnection: close\r\n\r\n");
  });
  server.headersTimeout = 20_000;
  server.requestTimeout = 120_000;

  let pages: PageProcess | undefined;
  const end = (): void => {
    setTimeout(() => process.exit(0), LAST_WORDS).unref();
    server.closeIdleConnections();
    server.close(async () => {
      await pages?.end();
      // Folds the log into the file: what is copied by hand then is whole.
      closeDatabase();
      process.exit(0);
    });
  };
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, end);
  // Where whoever started this is gone, nothing is left behind on the port.
  process.on("disconnect", end);
  process.on("exit", () => locked?.release());

  await new Promise<void>((resolve) => {
    server.once("error", (error: NodeJS.ErrnoException) => {
      stop(
        error.code === "EADDRINUSE"
          ? `Port ${port} is taken. Choose another: PORT=${port + 1} ${process.env.RIGHT_SUM_COMMAND ?? "npm start"}`
          : `Right Sum can't listen on ${host}:${port} (${error.code ?? error.message}). Choose another HOST or PORT.`,
      );
    });
    server.listen(port, host, resolve);
  });
  const { here, others } = addressesOf(host, port);
  locked?.sayWhere(here);

  const open = async (readOnly: boolean): Promise<Trouble | undefined> => {
    const trouble = await openData(folder, readOnly);
    if (trouble !== undefined) return trouble;
    computing();
    const application = await startApplication(host, port);
    pages = application.pages;
    process.on("exit", () => void application.pages.end());
    handle = application.handle;
    troubled = false;
    if (!readOnly) lookAfter(folder);
    return undefined;
  };
  const trouble = await open(wantsReading);
  if (trouble !== undefined) {
    troubled = true;
    handle = troubleHandler(folder, trouble, { open });
    console.error(troubleLine(trouble, folder, here));
  }
  console.log(`Right Sum is at ${here}${wantsReading ? " (only to read)" : ""}`);
  if (others.length > 0) {
    console.log(
      access?.isSet
        ? `Others on the network reach it at ${others.join(", ")}. All names and records are open to whoever has the passphrase.`
        : `It is open to the network at ${others.join(", ")}, but lets nobody in yet: open ${here} on this machine and set a passphrase, or run npm start -- --set-passphrase.`,
    );
  }
}

function lockOf(folder: string) {
  try {
    const lock = takeLock(folder);
    if (lock.ok) return lock.value;
    const where = lock.error.address === "" ? "" : ` It is at ${lock.error.address}.`;
    return stop(
      `Right Sum is running on this data already.${where} To start a second one, name another folder in RIGHT_SUM_DATA.`,
    );
  } catch {
    // Where nothing can be written no lock can be held, and nothing is written by anyone else either.
    return undefined;
  }
}

function accessOf(folder: string): Access {
  try {
    return new Access(folder);
  } catch (error) {
    return stop(error instanceof Error ? error.message : "access.json can’t be read.");
  }
}

const FONT = path.resolve("node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2");

/** The interface's type, for pages that stand without the application. */
function font(response: ServerResponse): void {
  response.writeHead(200, { "content-type": "font/woff2", "cache-control": "max-age=86400" });
  fs.createReadStream(FONT).pipe(response);
}

await serve();
