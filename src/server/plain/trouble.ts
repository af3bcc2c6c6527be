import fs from "node:fs";
import type { IncomingMessage, ServerResponse } from "node:http";
import path from "node:path";
import { format } from "date-fns";
import { backupFile, listBackups } from "@/data/backup/backupFiles";
import { exportDocument } from "@/data/backup/exportDocument";
import type { Trouble } from "@/data/backup/health";
import { moveAside, prepareRestore } from "@/data/backup/restore";
import { FILE_NAME, openDatabase, replaceDatabase } from "@/data/database";
import { temporaryFolder } from "@/data/files/temporary";
import { countOnFrom } from "@/data/revision";
import { answerError, answerPage } from "../headers";
import { requestPath } from "../requestPath";
import { escapedHtml, plainPage } from "./plainPages";

/** What is said of each trouble, and what can be done about it beside looking again. */
interface Told {
  readonly title: string;
  readonly says: string;
  readonly can: readonly ("restore" | "read" | "export" | "anew")[];
}

/** What a trouble means for a tutor: what is safe, and what can be done. */
function toldOf(trouble: Trouble): Told {
  switch (trouble.kind) {
    case "empty":
      return {
        title: "The data file is empty",
        says: "The file is there, but nothing is in it. It was left as it is.",
        can: ["restore", "anew"],
      };
    case "missing":
      return {
        title: "The data file is gone",
        says: "Its log or its backups are still there. Nothing was changed. If you moved the file, put it back and look again.",
        can: ["restore", "anew"],
      };
    case "damaged":
      return {
        title: "The data file is damaged",
        says: "Right Sum did not open it, so that nothing gets worse. The file was left as it is, and your backups are untouched.",
        can: ["restore", "read", "export", "anew"],
      };
    case "newer":
      return {
        title: "The data is from a newer Right Sum",
        says: "All of it is safe and was left as it is. Install the newer Right Sum and start that one.",
        can: ["restore", "export"],
      };
    case "foreign":
      return {
        title: "The data file is not Right Sum’s",
        says: "It is a database of something else, and was left as it is. Name another folder in RIGHT_SUM_DATA.",
        can: ["restore", "anew"],
      };
    case "locked":
      return {
        title: "Another program has the data locked",
        says: "All of it is safe. Close the program that has the file open, and look again.",
        can: ["read"],
      };
    case "readOnly":
      return {
        title: "The data can’t be written to",
        says: "All of it is safe, and can be looked at. To keep what you do, make the file and its folder writable, and look again.",
        can: ["read", "export"],
      };
    case "unreadable":
      return {
        title: "The data file can’t be read",
        says: "Whoever runs Right Sum may not read it. It was left as it is. Change its permissions, and look again.",
        can: [],
      };
  }
}

/** The line for the terminal: what is wrong, what is safe, what to do. */
export function troubleLine(trouble: Trouble, folder: string, address: string): string {
  const { title, says } = toldOf(trouble);
  const backup = listBackups(folder)[0];
  const restore =
    backup === undefined
      ? ""
      : ` To restore a backup: npm start -- --restore ${path.join(folder, "backups", backup.name)}`;
  return `${title}: ${path.join(folder, FILE_NAME)}. ${says} Open ${address} to see what can be done.${restore}`;
}

const button = (action: string, words: string, value = ""): string =>
  `<form method="post" action="${action}"><input type="hidden" name="value" value="${escapedHtml(value)}"><button>${escapedHtml(words)}</button></form>`;

/** What becomes of what is there. */
const asideOf = ({ kind }: Trouble): string =>
  `${kind === "missing" ? "what is left beside it" : "the present file"} is moved aside and kept`;

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** How many backups are offered. */
const OFFERED = 8;

function troublePage(trouble: Trouble, folder: string, failed: string): string {
  const { title, says, can } = toldOf(trouble);
  const backups = listBackups(folder).slice(0, OFFERED);
  const file = path.join(folder, FILE_NAME);
  const parts = [
    `<p>${escapedHtml(says)}</p><p class="soft"><code>${escapedHtml(file)}</code></p>`,
    trouble.kind === "damaged"
      ? `<details class="soft"><summary>What the check found</summary><p>${escapedHtml(trouble.found)}</p></details>`
      : "",
    failed === "" ? "" : `<p role="alert" class="rust">${escapedHtml(failed)}</p>`,
  ];
  if (can.includes("restore")) {
    parts.push("<h2>Restore a backup</h2>");
    parts.push(
      backups.length === 0
        ? '<p class="soft">There is none in this folder. One that you kept elsewhere: <code>npm start -- --restore FILE</code></p>'
        : `<p class="soft">${escapedHtml(capital(asideOf(trouble)))}.</p><ul>${backups
            .map(
              ({ name, at, bytes }) =>
                `<li><span>${escapedHtml(format(at, "d MMM yyyy, HH:mm"))} <span class="soft">(${Math.ceil(bytes / 1024)} kB)</span></span>${button("/trouble/restore", "Restore it", name)}</li>`,
            )
            .join("")}</ul>`,
    );
  }
  const others = [
    can.includes("read")
      ? `<li><span>Look at what can be read; nothing is written</span>${button("/trouble/read", "Open it to read")}</li>`
      : "",
    can.includes("export")
      ? '<li><span>Save what can be read as one file</span><a class="button" href="/trouble/export">Export it</a></li>'
      : "",
    can.includes("anew")
      ? `<li><span>Begin with an empty record; ${escapedHtml(asideOf(trouble))}</span>${button("/trouble/anew", "Begin anew")}</li>`
      : "",
    `<li><span>Something was mended meanwhile</span>${button("/trouble/again", "Look again")}</li>`,
  ];
  parts.push(`<h2>${can.includes("restore") ? "Or" : "What you can do"}</h2><ul>${others.join("")}</ul>`);
  return plainPage(title, parts.join(""));
}

/** What trouble lets be done: whoever serves it opens the data then, and the application takes over. */
export interface TroubleActs {
  /** Opens the data and the application; says what is wrong where that fails. */
  readonly open: (readOnly: boolean) => Promise<Trouble | undefined>;
}

/** Serves the page that tells of a trouble, and nothing else, until it is mended. */
export function troubleHandler(
  folder: string,
  first: Trouble,
  acts: TroubleActs,
): (request: IncomingMessage, response: ServerResponse) => Promise<void> {
  let trouble = first;
  return async (request, response) => {
    const where = requestPath(request) ?? "/";
    const page = (failed = ""): void => answerPage(response, 503, troublePage(trouble, folder, failed));
    const opened = async (readOnly: boolean): Promise<void> => {
      const still = await acts.open(readOnly);
      if (still === undefined) response.writeHead(303, { location: "/" }).end();
      else {
        trouble = still;
        page("That did not help yet.");
      }
    };
    if (request.method === "GET" && where === "/trouble/export") {
      exportTo(folder, response);
      return;
    }
    if (request.method !== "POST") {
      if (where.startsWith("/api/") || where.startsWith("/_next/"))
        answerError(
          response,
          503,
          "trouble",
          `${toldOf(trouble).title}. Open Right Sum to see what can be done.`,
        );
      else page();
      return;
    }
    const value = (await bodyOf(request)).get("value") ?? "";
    const { can } = toldOf(trouble);
    const stamp = format(new Date(), "yyyyMMdd-HHmmss");
    if (where === "/trouble/again") return opened(false);
    if (where === "/trouble/read" && can.includes("read")) return opened(true);
    if (where === "/trouble/anew" && can.includes("anew")) {
      moveAside(folder, stamp);
      // A folder with backups and no file would be taken for one whose file is gone.
      const data = openDatabase(folder);
      countOnFrom(data, 0);
      data.$client.close();
      return opened(false);
    }
    if (where === "/trouble/restore" && can.includes("restore")) {
      const failed = restoreOver(folder, value, stamp);
      return failed === undefined ? opened(false) : page(failed);
    }
    answerError(response, 404, "notThere", "There is nothing here.");
  };
}

/** Puts a backup in the place of a file that can't be used, which is kept aside; says why not where that fails. */
function restoreOver(folder: string, name: string, stamp: string): string | undefined {
  const file = backupFile(folder, name);
  if (file === undefined) return "This backup is no longer there.";
  const ready = prepareRestore(folder, file);
  if (!ready.ok) return ready.error;
  moveAside(folder, stamp);
  replaceDatabase(folder, ready.value);
  return undefined;
}

function exportTo(folder: string, response: ServerResponse): void {
  const temporary = temporaryFolder("export");
  const remove = (): void => fs.rmSync(temporary, { recursive: true, force: true });
  const out = path.join(temporary, "right-sum.json");
  const isRead = (): boolean => {
    try {
      return exportDocument(path.join(folder, FILE_NAME), out, new Date()).ok;
    } catch {
      return false;
    }
  };
  if (!isRead()) {
    remove();
    answerError(response, 503, "unreadable", "Nothing of this file can be read. Restore a backup instead.");
    return;
  }
  response.writeHead(200, {
    "content-type": "application/json",
    "content-disposition": 'attachment; filename="right-sum-what-can-be-read.json"',
  });
  fs.createReadStream(out).on("close", remove).pipe(response);
}

async function bodyOf(request: IncomingMessage): Promise<URLSearchParams> {
  let text = "";
  for await (const part of request) {
    text += String(part);
    if (text.length > 2000) break;
  }
  return new URLSearchParams(text);
}
