import fs from "node:fs";
import http, { type IncomingMessage, type ServerResponse } from "node:http";
import path from "node:path";
import next from "next";
import { makeBackup } from "@/data/backup/backups";
import { examine, isTrouble, type Trouble } from "@/data/backup/health";
import { incomingFile } from "@/data/backup/restore";
import { onTrouble } from "@/data/backup/watch";
import { closeDatabase, database, dataFolder, onReplaced } from "@/data/database";
import { removeCopyRead } from "@/data/files/forReading";
import { type LockRefusal, takeLock } from "@/data/files/lock";
import { ownOnly } from "@/data/files/ownOnly";
import { removeLeftovers } from "@/data/files/temporary";
import { removeFile } from "@/data/files/wholeFile";
import { computing, stopThreads } from "@/threads/pool";
import { builtFiles } from "./builtFiles";
import { accessOf, didCommand } from "./commands";
import { answeredAtGate, FONT_PATH } from "./gate";
import { answerError, putSafeHeaders } from "./headers";
import { maintainData } from "./maintenance";
import { addressesOf, isOnlyHere } from "./names";
import { type PageProcess, startPages } from "./pageProcess";
import { endUnread } from "./plain/clientError";
import { answerStarting } from "./plain/starting";
import { troubleHandler, troubleLine } from "./plain/trouble";
import { reads, requestPath } from "./requestPath";
import { stop } from "./stop";

type Handler = (request: IncomingMessage, response: ServerResponse) => Promise<void> | void;

/** How long requests that are under way are given when the server ends, in milliseconds, and all of the ending at most. */
const LAST_WORDS = 500;
const ENDED_WITHIN = 5000;

/** Opens the data where it is sound: brought up to date, with a backup of before where that changes anything. */
async function openData(folder: string, readOnly: boolean): Promise<Trouble | undefined> {
  // What was copied to be read may be of before.
  removeCopyRead();
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
  const built = builtFiles(path.join(process.cwd(), ".next/static"));
  onReplaced(pages.reopen);
  onTrouble(pages.tell);
  return {
    handle: (request, response) => {
      if (requestPath(request)?.startsWith("/api/")) return answer(request, response);
      if (!reads(request)) return answerError(response, 405, "noSuchMethod", "Pages are only read.");
      return built(request, response) ? undefined : pages.pass(request, response);
    },
    pages,
  };
}

async function serve(): Promise<void> {
  // Whatever is written is for the eyes of its owner.
  process.umask(0o077);
  removeLeftovers();
  const host = process.env.HOST || "127.0.0.1";
  const port = Number(process.env.PORT || 3000);
  const folder = dataFolder();
  const wantsReading = process.argv.includes("--read-only");
  const locked = wantsReading ? undefined : lockOf(folder);
  if (locked !== undefined) {
    ownOnly(folder);
    removeFile(incomingFile(folder));
  }
  if (await didCommand(folder)) {
    locked?.release();
    return;
  }
  const access = isOnlyHere(host) ? undefined : accessOf(folder);
  process.env.RIGHT_SUM_BEYOND = access === undefined ? "" : "1";

  let handle: Handler = answerStarting;
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
      if (requestPath(request) === FONT_PATH) return font(response);
      await handle(request, response);
    } catch (error) {
      console.error(error);
      if (!response.headersSent)
        answerError(response, 500, "broken", "Something went wrong here. Try again.");
      else response.destroy();
    }
  });
  server.on("clientError", endUnread);
  server.headersTimeout = 60_000;
  server.requestTimeout = 120_000;
  server.keepAliveTimeout = 75_000;

  server.on("checkExpectation", (_request, response) => {
    putSafeHeaders(response);
    answerError(response, 417, "badExpectation", "Nothing is expected of a server here.");
  });

  let pages: PageProcess | undefined;
  let isEnding = false;
  const finish = async (): Promise<void> => {
    if (isEnding) return;
    isEnding = true;
    setTimeout(() => process.exit(0), ENDED_WITHIN).unref();
    // Nobody reads any more, so that closing folds the log into the file: what is copied by hand then is whole.
    await Promise.all([pages?.end(), stopThreads()]);
    closeDatabase();
    process.exit(0);
  };
  const end = (): void => {
    setTimeout(finish, LAST_WORDS).unref();
    server.closeIdleConnections();
    server.close(finish);
  };
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const) process.on(signal, end);
  // Where whoever started this is gone, nothing is left behind on the port.
  process.on("disconnect", end);
  process.on("exit", () => {
    removeCopyRead();
    locked?.release();
  });

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
    if (!readOnly) maintainData(folder);
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
    return lock.ok ? lock.value : stop(whyNoLock(lock.error));
  } catch {
    // Where nothing can be written no lock can be held, and nothing is written by anyone else either.
    return undefined;
  }
}

function whyNoLock(refusal: LockRefusal): string {
  switch (refusal.kind) {
    case "held": {
      const where = refusal.address === "" ? "" : ` It is at ${refusal.address}.`;
      return `Right Sum is running on this data already.${where} To start a second one, name another folder in RIGHT_SUM_DATA.`;
    }
    case "noRoom":
      return `${refusal.place} is a folder, where a lock has to stand. Move it elsewhere.`;
  }
}

const FONT = path.resolve("node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2");

/** The interface's type, for pages that stand without the application. */
function font(response: ServerResponse): void {
  response.writeHead(200, { "content-type": "font/woff2", "cache-control": "max-age=86400" });
  fs.createReadStream(FONT).pipe(response);
}

await serve();
