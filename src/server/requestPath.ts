import type { IncomingMessage } from "node:http";

/** The path of a request, its escapes read; none where they are broken. Whoever decides by a path decides by this one. */
export function requestPath({ url = "/" }: Pick<IncomingMessage, "url">): string | undefined {
  try {
    const path = decodeURIComponent(url.split("?")[0] ?? "/");
    return path.startsWith("/") && !path.includes("\0") ? path : undefined;
  } catch {
    return undefined;
  }
}

/** Whether a request only reads. */
export const reads = ({ method }: Pick<IncomingMessage, "method">): boolean =>
  method === "GET" || method === "HEAD";
