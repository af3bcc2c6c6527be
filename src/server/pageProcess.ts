import { type ChildProcess, fork } from "node:child_process";
import fs from "node:fs";
import http, { type IncomingHttpHeaders, type IncomingMessage, type ServerResponse } from "node:http";
import os from "node:os";
import path from "node:path";
import type { Trouble } from "@/data/backup/health";
import { temporaryFolder } from "@/data/files/temporary";
import { answerStarting } from "./plain/starting";

const PROGRAM = path.resolve(".build/server/pages.mjs");
/** How long a page process that ended is left before another one is started, in milliseconds. */
const AGAIN_AFTER = 500;

/** How often a page is asked for again where the process that makes it gave no answer, and how long after, in milliseconds. */
const TRIES = 60;
const TRY_AFTER = 250;

/** Where pages are made: a process of its own, so that drawing one never holds up what is kept. */
export interface PageProcess {
  readonly pass: (request: IncomingMessage, response: ServerResponse) => void;
  /** Has it open the data anew, where another file took its place. */
  readonly reopen: () => void;
  /** Tells it what was found wrong with the data. */
  readonly tell: (trouble: Trouble | undefined) => void;
  /** Ends it; done when it has ended. */
  readonly end: () => Promise<void>;
}

/** Headers as they go on to where pages are made: no body does, so none is said to come. */
function withoutBody(headers: IncomingHttpHeaders): IncomingHttpHeaders {
  const { "content-length": _length, "transfer-encoding": _encoding, expect: _expect, ...others } = headers;
  return others;
}

/** What is kept goes before what is drawn, where both want the machine. */
function giveWay({ pid }: ChildProcess): void {
  try {
    if (pid !== undefined) os.setPriority(pid, os.constants.priority.PRIORITY_BELOW_NORMAL);
  } catch {
    // A system that knows no such thing treats both alike.
  }
}

/** Starts the process that makes pages, and waits until it listens. One that ends is started again. */
export async function startPages(): Promise<PageProcess> {
  const folder = temporaryFolder("pages");
  const socketPath = path.join(folder, "pages.sock");
  const agent = new http.Agent({ keepAlive: true, maxSockets: 100 });
  let child: ChildProcess | undefined;
  let over = false;
  const start = (): Promise<void> =>
    new Promise((resolve, reject) => {
      fs.rmSync(socketPath, { force: true });
      const one = fork(PROGRAM, [socketPath], { stdio: ["ignore", "ignore", "inherit", "ipc"] });
      child = one;
      // It may have ended just when it was to be told something: the next one opens everything anew.
      one.on("error", () => undefined);
      giveWay(one);
      one.once("message", () => resolve());
      one.once("exit", (code) => {
        reject(new Error(`startPages: the process that makes pages ended with ${code}`));
        if (!over) setTimeout(() => start().catch((error) => console.error(error)), AGAIN_AFTER).unref();
      });
    });
  await start();

  /** Passes a request on. Where the line was closed before an answer came, which is no fault of who asked, it is asked again. */
  function pass(request: IncomingMessage, response: ServerResponse, tries: number): void {
    const { method, url } = request;
    const headers = withoutBody(request.headers);
    const onward = http.request({ socketPath, agent, method, path: url, headers }, (answer) => {
      response.writeHead(answer.statusCode ?? 500, answer.headers);
      // Half a page must not pass for a whole one.
      answer.on("error", () => response.destroy());
      answer.pipe(response);
    });
    const giveUp = (): void => void onward.destroy();
    onward.on("error", () => {
      response.off("close", giveUp);
      if (response.headersSent || response.closed) response.destroy();
      else if (tries <= 1) answerStarting(request, response);
      else if (onward.reusedSocket) pass(request, response, tries - 1);
      else
        setTimeout(() => {
          if (!response.closed) pass(request, response, tries - 1);
        }, TRY_AFTER);
    });
    response.on("close", giveUp);
    onward.end();
  }

  return {
    pass: (request, response) => pass(request, response, TRIES),
    reopen: () => child?.send("reopen"),
    tell: (trouble) => child?.send({ trouble: trouble ?? null }),
    end: () => {
      over = true;
      const ended = new Promise<void>((resolve) => {
        if (child === undefined || child.exitCode !== null || child.signalCode !== null) resolve();
        else child.once("exit", () => resolve());
      });
      child?.kill("SIGKILL");
      fs.rmSync(folder, { recursive: true, force: true });
      return ended;
    },
  };
}
