import path from "node:path";
import readline from "node:readline/promises";
import { Writable } from "node:stream";
import { format } from "date-fns";
import { makeBackup } from "@/data/backup/backups";
import { examine } from "@/data/backup/health";
import { moveAside, prepareRestore } from "@/data/backup/restore";
import { openDatabase, replaceDatabase } from "@/data/database";
import { recount } from "@/data/marking/patternCounts";
import { chancesOf } from "@/service/requests/marking/marking";
import { Access } from "./access";
import { passphraseFault } from "./gate";
import { stop } from "./stop";

/** What follows a word on the command line; none where the word is not there. */
const flag = (name: string): string | undefined => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? undefined : (process.argv[at + 1] ?? "");
};

/** Does what the command line asks for instead of serving, if anything. Says whether it did. */
export async function didCommand(folder: string): Promise<boolean> {
  const restore = flag("restore");
  if (restore !== undefined) await restoreFrom(folder, restore);
  else if (flag("recount") !== undefined) recountAll(folder);
  else if (flag("set-passphrase") !== undefined) await setPassphrase(accessOf(folder));
  else return false;
  return true;
}

/** Who may come in, as the folder keeps it; stops where that can't be read. */
export function accessOf(folder: string): Access {
  try {
    return new Access(folder);
  } catch (error) {
    return stop(error instanceof Error ? error.message : "access.json can’t be read.");
  }
}

function recountAll(folder: string): void {
  const data = openDatabase(folder);
  recount(data, chancesOf);
  data.$client.close();
  console.log("Everything was counted anew.");
}

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
      stop(`The present data could not be backed up first, so nothing was restored. ${backup.error}`);
    console.log(`The present data is in ${path.join(folder, "backups", backup.value.name)}`);
  } else if (health.kind === "missing") {
    moveAside(folder, format(new Date(), "yyyyMMdd-HHmmss"));
  } else if (health.kind !== "fresh") {
    console.log(`The present file is kept as ${moveAside(folder, format(new Date(), "yyyyMMdd-HHmmss"))}`);
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
