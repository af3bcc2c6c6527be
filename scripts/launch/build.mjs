// Builds the application where the build is older than the sources.
import { createHash } from "node:crypto";
import fs from "node:fs";
import path from "node:path";
import { root, runPackage, stop } from "./machine.mjs";

const BESIDE_SOURCES = ["next.config.ts", "postcss.config.mjs", "tsconfig.json", "package-lock.json"];
const STAMP = path.join(root, ".next/sources");

/** A fingerprint of everything the build is made from; tests are not. */
function fingerprint() {
  const hash = createHash("sha256");
  const sources = fs
    .readdirSync(path.join(root, "src"), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !entry.name.endsWith(".test.ts"))
    .map((entry) => path.relative(root, path.join(entry.parentPath ?? entry.path, entry.name)))
    .sort();
  for (const file of [...sources, ...BESIDE_SOURCES]) {
    hash.update(`${file}\0`);
    hash.update(fs.readFileSync(path.join(root, file)));
  }
  return hash.digest("hex");
}

/** Builds where there is no build of just these sources. */
export async function ensureBuilt() {
  const wanted = fingerprint();
  if (fs.existsSync(STAMP) && fs.readFileSync(STAMP, "utf8") === wanted) return;
  console.error("Building. This takes about a minute…");
  fs.rmSync(STAMP, { force: true });
  const { code, printed } = await runPackage("next/dist/bin/next", ["build"], { quiet: true });
  if (code !== 0) {
    console.error(printed);
    stop("The build failed: see above.");
  }
  fs.writeFileSync(STAMP, wanted);
}
