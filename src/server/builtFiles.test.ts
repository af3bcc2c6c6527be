import fs from "node:fs";
import http from "node:http";
import os from "node:os";
import path from "node:path";
import zlib from "node:zlib";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { builtFiles } from "./builtFiles";

const SCRIPT = `export const places = [${Array.from({ length: 200 }, (_, at) => at).join(", ")}];`;

let folder = "";
let server: http.Server;

beforeAll(async () => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), "built-"));
  fs.mkdirSync(path.join(folder, "chunks"));
  fs.writeFileSync(path.join(folder, "chunks/a.js"), SCRIPT);
  fs.writeFileSync(path.join(folder, "chunks/a.js.br"), zlib.brotliCompressSync(SCRIPT));
  fs.writeFileSync(path.join(folder, "chunks/plain.js"), SCRIPT);
  fs.writeFileSync(path.join(folder, "note.txt.br"), "no script");
  const answers = builtFiles(folder);
  server = http.createServer((request, response) => {
    if (!answers(request, response)) response.writeHead(404).end("left to the application");
  });
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
});

afterAll(() => {
  server.close();
  fs.rmSync(folder, { recursive: true });
});

const ask = (where: string, headers: Record<string, string>, method = "GET") =>
  new Promise<{ status: number | undefined; headers: http.IncomingHttpHeaders; body: Buffer }>(
    (resolve, reject) => {
      const address = server.address();
      const port = typeof address === "object" && address !== null ? address.port : 0;
      http
        .request({ port, host: "127.0.0.1", path: where, method, headers }, (answer) => {
          const parts: Buffer[] = [];
          answer.on("data", (part: Buffer) => parts.push(part));
          answer.on("end", () =>
            resolve({ status: answer.statusCode, headers: answer.headers, body: Buffer.concat(parts) }),
          );
        })
        .on("error", reject)
        .end();
    },
  );

describe("files of the build", () => {
  const BR = { "accept-encoding": "gzip, deflate, br" };

  it("come packed to whoever takes them so, whole and to be kept", async () => {
    const answer = await ask("/_next/static/chunks/a.js?v=1", BR);
    expect(answer.status).toBe(200);
    expect(zlib.brotliDecompressSync(answer.body).toString()).toBe(SCRIPT);
    expect(answer.headers).toMatchObject({
      "content-encoding": "br",
      "content-type": expect.stringContaining("javascript"),
      "content-length": String(answer.body.length),
      "cache-control": expect.stringContaining("immutable"),
      vary: "Accept-Encoding",
    });
    const head = await ask("/_next/static/chunks/a.js", BR, "HEAD");
    expect([head.status, head.body.length]).toEqual([200, 0]);
  });

  it.each([
    ["not packed", "/_next/static/chunks/plain.js", BR, "GET"],
    ["not there", "/_next/static/chunks/b.js", BR, "GET"],
    ["outside", "/_next/static/../chunks/a.js", BR, "GET"],
    ["the packed file itself", "/_next/static/chunks/a.js.br", BR, "GET"],
    ["no script or style", "/_next/static/note.txt", BR, "GET"],
    ["taken by one who can't unpack it", "/_next/static/chunks/a.js", { "accept-encoding": "gzip" }, "GET"],
    ["taken by one who says nothing of packing", "/_next/static/chunks/a.js", {}, "GET"],
    ["written to", "/_next/static/chunks/a.js", BR, "POST"],
  ])("are left to the application where they are %s", async (_, where, headers, method) => {
    expect((await ask(where, headers, method)).status).toBe(404);
  });
});
