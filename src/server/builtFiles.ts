import fs from "node:fs";
import type { IncomingMessage, ServerResponse } from "node:http";
import path from "node:path";
import { ONLY_PAGES_OBEY } from "./headers";

const TYPES: Readonly<Record<string, string>> = {
  ".js": "application/javascript; charset=UTF-8",
  ".css": "text/css; charset=UTF-8",
};

interface Packed {
  readonly file: string;
  readonly type: string;
  readonly bytes: number;
}

/** Every file under a folder that was packed when the application was built, by its address. */
function packedFiles(folder: string): ReadonlyMap<string, Packed> {
  const names = fs.existsSync(folder) ? fs.readdirSync(folder, { recursive: true, encoding: "utf8" }) : [];
  return new Map(
    names.flatMap((name): readonly (readonly [string, Packed])[] => {
      const plain = name.replace(/\.br$/, "");
      const type = TYPES[path.extname(plain)];
      if (plain === name || type === undefined) return [];
      const file = path.join(folder, name);
      const address = `/_next/static/${plain.split(path.sep).join("/")}`;
      return [[address, { file, type, bytes: fs.statSync(file).size }]];
    }),
  );
}

/**
 * Answers with scripts and styles of the build as they were packed once, a sixth smaller than what is packed for each
 * request. False where there is no such file, or it is not taken so packed: then the application answers. Their
 * names change with what is in them, so that they may be kept for good.
 */
export function builtFiles(
  folder: string,
): (request: Pick<IncomingMessage, "url" | "method" | "headers">, response: ServerResponse) => boolean {
  const packed = packedFiles(folder);
  return ({ url = "", method, headers }, response) => {
    const found = packed.get(url.split("?")[0] ?? "");
    const taken = String(headers["accept-encoding"] ?? "")
      .split(",")
      .some((encoding) => encoding.trim() === "br");
    if (found === undefined || !taken || (method !== "GET" && method !== "HEAD")) return false;
    for (const name of ONLY_PAGES_OBEY) response.removeHeader(name);
    response.writeHead(200, {
      "content-type": found.type,
      "content-encoding": "br",
      "content-length": found.bytes,
      "cache-control": "public, max-age=31536000, immutable",
      vary: "Accept-Encoding",
    });
    if (method === "HEAD") response.end();
    else
      fs.createReadStream(found.file)
        .on("error", () => response.destroy())
        .pipe(response);
    return true;
  };
}
