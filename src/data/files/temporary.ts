import fs from "node:fs";
import os from "node:os";
import path from "node:path";

/** What stands in the temporary folder for a while, each in a folder of its own that names the process it belongs to. */
type Purpose = "pages" | "export" | "import" | "read";

const NAME = /^right-sum-(?:pages|export|import|read)-(\d{1,10})-/;

/** A new folder in the temporary one, which only its owner can look into. */
export const temporaryFolder = (purpose: Purpose): string =>
  fs.mkdtempSync(path.join(os.tmpdir(), `right-sum-${purpose}-${process.pid}-`));

const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // A process of somebody else's is there, though no signal reaches it.
    return error instanceof Error && "code" in error && error.code === "EPERM";
  }
};

/** Removes what processes that ended without a word have left in the temporary folder. */
export function removeLeftovers(): void {
  for (const name of fs.readdirSync(os.tmpdir())) {
    const pid = Number(NAME.exec(name)?.[1] ?? 0);
    if (pid === 0 || pid === process.pid || isAlive(pid)) continue;
    try {
      fs.rmSync(path.join(os.tmpdir(), name), { recursive: true, force: true });
    } catch {
      // It is somebody else's.
    }
  }
}
