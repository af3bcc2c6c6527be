import type { IncomingMessage, ServerResponse } from "node:http";
import { answerError, answerPage } from "../headers";
import { plainPage } from "./plainPages";

/** How long a browser waits before it asks again, in seconds. */
const AGAIN_AFTER = 1;

const STARTING = plainPage(
  "Just starting",
  '<p role="status">Right Sum is just starting. This page goes on by itself in a moment.</p>',
);

/** Answers while the application is not there yet: a browser gets a page that goes on by itself, a program an error. */
export function answerStarting({ headers }: IncomingMessage, response: ServerResponse): void {
  response.setHeader("retry-after", AGAIN_AFTER);
  if (headers.accept?.includes("text/html")) {
    response.setHeader("refresh", AGAIN_AFTER);
    answerPage(response, 503, STARTING);
  } else answerError(response, 503, "starting", "Right Sum is just starting. Try again in a moment.");
}
