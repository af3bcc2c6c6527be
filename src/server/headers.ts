import type { ServerResponse } from "node:http";

/** On every answer, whatever it is; a page's own policy takes the place of the one here. */
const SAFE_HEADERS: Readonly<Record<string, string>> = {
  "content-security-policy":
    "default-src 'none'; style-src 'unsafe-inline'; img-src 'self'; font-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
  "x-content-type-options": "nosniff",
  "referrer-policy": "same-origin",
  "x-frame-options": "DENY",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(), microphone=(), geolocation=()",
};

export function putSafeHeaders(response: ServerResponse): void {
  for (const [name, value] of Object.entries(SAFE_HEADERS)) response.setHeader(name, value);
}

/** Answers with an error in the one shape that all of Right Sum's errors have. */
export function answerError(response: ServerResponse, status: number, code: string, message: string): void {
  const text = JSON.stringify({ error: { code, message } });
  response.writeHead(status, { "content-type": "application/json", "cache-control": "no-store" }).end(text);
}

/** Answers with a page. */
export function answerPage(response: ServerResponse, status: number, html: string): void {
  response
    .writeHead(status, { "content-type": "text/html; charset=utf-8", "cache-control": "no-store" })
    .end(html);
}
