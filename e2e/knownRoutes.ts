import fs from "node:fs";
import http from "node:http";
import { expect } from "@playwright/test";

/** What the built application answers, from its own lists. */
export const manifest = (name: string): Record<string, unknown> =>
  JSON.parse(fs.readFileSync(`.next/${name}`, "utf8"));
export const ROUTES = Object.values(manifest("app-path-routes-manifest.json")).map(String).sort();

/** Every route that this test knows, with the methods it takes. One that is not here fails the test until someone has thought about it. */
export const KNOWN: Readonly<Record<string, readonly ("GET" | "POST" | "PUT")[]>> = {
  "/_global-error": ["GET"],
  "/_not-found": ["GET"],
  "/": ["GET"],
  "/board": ["GET"],
  "/house-rules": ["GET"],
  "/icon.svg": ["GET"],
  "/learners": ["GET"],
  "/learners/[id]": ["GET"],
  "/licences": ["GET"],
  "/marking": ["GET"],
  "/methods": ["GET"],
  "/sheets": ["GET"],
  "/shop": ["GET"],
  "/stories": ["GET"],
  "/stories/own": ["GET"],
  "/stories/probe": ["GET"],
  "/stories/stock": ["GET"],
  "/stories/turn": ["GET"],
  "/sheets/[id]": ["GET"],
  "/sheets/kept": ["GET"],
  "/sheets/probe": ["GET"],
  "/sheets/rung": ["GET"],
  "/safe-keeping": ["GET"],
  "/wrong-way": ["GET"],
  "/your-turn": ["GET"],
  "/api/boards/[id]": ["GET", "PUT"],
  "/api/boards/[id]/about": ["POST"],
  "/api/changes": ["GET"],
  "/api/explain": ["POST"],
  "/api/sheets": ["POST"],
  "/api/sheets/[id]": ["GET", "PUT"],
  "/api/sheets/[id]/file": ["GET"],
  "/api/sheets/[id]/listed": ["PUT"],
  "/api/sheets/import": ["POST"],
  "/api/sheets/[id]/pdf": ["GET"],
  "/api/sheets/marking": ["POST"],
  "/api/sheets/rows": ["POST"],
  "/api/sheets/rungs/samples": ["POST"],
  "/api/probes": ["POST"],
  "/api/probes/next": ["POST"],
  "/api/stories": ["POST"],
  "/api/stories/accounts": ["POST"],
  "/api/stories/mark": ["POST"],
  "/api/stories/own": ["POST"],
  "/api/twins": ["POST"],
  "/api/own/rungs/[id]": ["GET", "PUT"],
  "/api/own/rungs/[id]/listed": ["PUT"],
  "/api/own/stories": ["GET"],
  "/api/own/stories/[id]": ["GET", "PUT"],
  "/api/own/stories/[id]/listed": ["PUT"],
  "/api/own/stock/[id]": ["GET", "PUT"],
  "/api/own/stock/[id]/listed": ["PUT"],
  "/api/own/stock/used": ["PUT"],
  "/api/hand-in": ["POST"],
  "/api/house": ["GET", "PUT"],
  "/api/house/samples": ["POST"],
  "/api/learners": ["POST"],
  "/api/learners/[id]": ["POST"],
  "/api/marking/[id]": ["GET", "POST"],
  "/api/marking/[id]/listed": ["PUT"],
  "/api/marking/[id]/mark": ["POST"],
  "/api/marking/[id]/summary": ["GET"],
  "/api/methods": ["POST"],
  "/api/safe-keeping/backup": ["POST"],
  "/api/safe-keeping/check": ["POST"],
  "/api/safe-keeping/export": ["GET"],
  "/api/safe-keeping/import": ["POST"],
  "/api/safe-keeping/restore": ["POST"],
  "/api/safe-keeping/set-aside": ["GET"],
  "/api/view": ["PUT"],
  "/api/work": ["POST"],
};
/** Acts without a body, which are done whatever is sent with them. */
export const WITHOUT_BODY: readonly string[] = ["/api/safe-keeping/backup", "/api/safe-keeping/check"];

export const at = (route: string, id = "abcdefgh1234"): string => route.replace("[id]", id);

interface Answer {
  readonly status: number;
  readonly headers: http.IncomingHttpHeaders;
  readonly text: string;
}

/** Asks as no browser would: any method, any headers, any address. */
export function ask(
  url: string,
  method: string,
  path: string,
  headers: Readonly<Record<string, string>> = {},
  body?: string,
): Promise<Answer> {
  const { hostname, port } = new URL(url);
  return new Promise((resolve, reject) => {
    const request = http.request({ hostname, port, method, path, headers }, (answer) => {
      let text = "";
      answer.on("data", (part) => (text += part));
      answer.on("end", () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, text }));
    });
    request.on("error", reject);
    request.end(body);
  });
}

export function expectSafe({ headers }: Answer, what: string): void {
  expect(headers["x-content-type-options"], what).toBe("nosniff");
  expect(headers["content-security-policy"], what).toContain("frame-ancestors 'none'");
  expect(headers["x-frame-options"], what).toBe("DENY");
  expect(headers["referrer-policy"], what).toBe("same-origin");
}

export function expectRefused(answer: Answer, what: string): void {
  expect(answer.status, `${what}: ${answer.text.slice(0, 200)}`).toBeGreaterThanOrEqual(400);
  expect(answer.status, `${what}: ${answer.text.slice(0, 200)}`).toBeLessThan(500);
  expectSafe(answer, what);
  if (answer.headers["content-type"]?.includes("json"))
    expect(JSON.parse(answer.text), what).toMatchObject({
      error: { code: expect.any(String), message: expect.stringMatching(/^\S.*[.?]$/s) },
    });
}
