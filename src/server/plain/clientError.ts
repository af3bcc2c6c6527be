import type { Duplex } from "node:stream";

const REFUSAL =
  "HTTP/1.1 400 Bad Request\r\nx-content-type-options: nosniff\r\ncontent-length: 0\r\nconnection: close\r\n\r\n";

/**
 * Ends a line on which no request could be read. One that never asked, or not to the end, is closed without a word:
 * browsers open lines ahead of time, and would take a refusal for the answer to what they ask next on it; a line that
 * is closed they ask again on another.
 */
export function endUnread(
  { code }: NodeJS.ErrnoException,
  line: Pick<Duplex, "writable" | "end" | "destroy">,
): void {
  if (code?.startsWith("HPE_") && line.writable) line.end(REFUSAL);
  else line.destroy();
}
