// Builds the application, its server and its worker threads where the build is older than the sources.
import { createHash } from "node:crypto";
import fs from "node:fs";
import path from "node:path";
import zlib from "node:zlib";
import { runPackage, stop } from "./machine.mjs";
import { root } from "./root.mjs";
import { inTurn } from "./turn.mjs";

const BESIDE_SOURCES = [
  "next.config.mjs",
  "postcss.config.mjs",
  "tsconfig.json",
  "package-lock.json",
  "scripts/launch/build.mjs",
];
const STAMP = path.join(root, ".next/sources");

/** What runs beside the application: the server round it, and what its worker threads do. */
const BUNDLES = {
  server: "src/server/main.ts",
  pages: "src/server/pages.ts",
  worker: "src/threads/worker.ts",
};

/** A fingerprint of everything the build is made from; tests are not. */
function fingerprint() {
  const hash = createHash("sha256");
  const sources = fs
    .readdirSync(path.join(root, "src"), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !entry.name.endsWith(".test.ts"))
    .map((entry) => path.relative(root, path.join(entry.parentPath ?? entry.path, entry.name)))
    .filter((file) => !file.startsWith(path.join("src", "core", "testing")))
    .sort();
  for (const file of [...sources, ...BESIDE_SOURCES]) {
    hash.update(`${file}\0`);
    hash.update(fs.readFileSync(path.join(root, file)));
  }
  return hash.digest("hex");
}

/** Bundles what is not built by the application's own build, and the packages it uses: hundreds of small files would each be looked for at every start. */
export const bundle = () => bundled("server", BUNDLES);

/** Bundles some entries into a folder of their own, which nothing of an earlier bundle is left in. Gives its path. */
async function bundled(name, entries) {
  const { build } = await import("esbuild");
  const folder = path.join(root, ".build", name);
  fs.rmSync(folder, { recursive: true, force: true });
  await build({
    entryPoints: Object.fromEntries(
      Object.entries(entries).map(([name, source]) => [name, path.join(root, source)]),
    ),
    outdir: folder,
    outExtension: { ".js": ".mjs" },
    bundle: true,
    // What is loaded only when it is needed, as what writes PDFs, is a file of its own.
    splitting: true,
    minify: true,
    platform: "node",
    target: "node20",
    format: "esm",
    jsx: "automatic",
    alias: { "@": path.join(root, "src") },
    define: { "process.env.NODE_ENV": '"production"' },
    // Packages of the older kind ask for others by this.
    banner: {
      js: 'import { createRequire as requireFrom } from "node:module"; const require = requireFrom(import.meta.url);',
    },
    plugins: [packagesApart],
    sourcemap: true,
    logLevel: "warning",
  });
  return folder;
}

/** Packages with machine code, with files of their own beside their code, or that start programs by a path of theirs. */
const APART = /^(?:better-sqlite3|next|piscina|pdfkit|fontkit|playwright|@playwright)(?:\/|$)/;

/** Those are loaded from where they are installed, and not bundled. */
const packagesApart = {
  name: "packages-apart",
  setup(build) {
    build.onResolve({ filter: APART }, ({ path: name }) => ({ path: name, external: true }));
  },
};

/** Builds where there is no build of just these sources; two that start at once take turns. */
export async function ensureBuilt() {
  const sources = fingerprint();
  const current = () => fs.existsSync(STAMP) && fs.readFileSync(STAMP, "utf8") === sources;
  if (current()) return;
  await inTurn("build", async () => {
    if (current()) return;
    console.error("Building. This takes about a minute…");
    fs.rmSync(STAMP, { force: true });
    await bundle();
    const { code, printed } = await runPackage("next/dist/bin/next", ["build"], { quiet: true });
    if (code !== 0) {
      console.error(printed);
      stop("The build failed: see above.");
    }
    pack(path.join(root, ".next/static"));
    fs.writeFileSync(STAMP, sources);
  });
}

/** Packs scripts and styles as small as they go, beside themselves: it takes seconds, so once, and not for each request. */
function pack(folder) {
  for (const name of fs.readdirSync(folder, { recursive: true })) {
    const file = path.join(folder, String(name));
    if (/\.(?:js|css)$/.test(file))
      fs.writeFileSync(`${file}.br`, zlib.brotliCompressSync(fs.readFileSync(file)));
  }
}

/** The bench as one file, as what it measures is built: a loader that names every function would be measured with it. Gives its path. */
export async function bundleBench() {
  return path.join(await bundled("bench", { bench: "bench/main.ts" }), "bench.mjs");
}

const CORE = path.join(root, ".build/core/core.mjs");

/** When anything of the sources was changed last, added or taken away. */
const sourcesChanged = () =>
  Math.max(
    ...["src", "package-lock.json", "scripts/launch/build.mjs"]
      .flatMap((place) => {
        const full = path.join(root, place);
        return fs.statSync(full).isDirectory()
          ? [full, ...fs.readdirSync(full, { recursive: true }).map((name) => path.join(full, String(name)))]
          : [full];
      })
      .map((file) => fs.statSync(file).mtimeMs),
  );

/** The core on the command line as one file, made anew only where the sources changed: so that it starts at once. */
export async function ensureCore() {
  const current = () => fs.existsSync(CORE) && fs.statSync(CORE).mtimeMs > sourcesChanged();
  if (!current())
    await inTurn("core", async () => {
      if (!current()) await bundled("core", { core: "src/cli/main.ts" });
    });
  return CORE;
}
