import type { ServerResponse } from "node:http";

/** What is no page may load nothing, and stand in nothing. */
const CLOSED = "default-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

/** What a page that stands without the application may load: its own style and type, and where its forms go. */
const OF_PLAIN_PAGES =
  "default-src 'none'; style-src 'unsafe-inline'; img-src 'self'; font-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

/** On every answer, whatever it is; a page's own policy takes the place of the one here. */
const SAFE_HEADERS: Readonly<Record<string, string>> = {
  "content-security-policy": CLOSED,
  "x-content-type-options": "nosniff",
  "referrer-policy": "same-origin",
  "x-frame-options": "DENY",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(), microphone=(), geolocation=()",
};

/** Those that say nothing to a script or a style: a page loads a dozen of them. */
export const ONLY_PAGES_OBEY = ["cross-origin-opener-policy", "permissions-policy"] as const;

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
    .writeHead(status, {
      "content-type": "text/html; charset=utf-8",
      "cache-control": "no-store",
      "content-security-policy": OF_PLAIN_PAGES,
    })
    .end(html);
}
