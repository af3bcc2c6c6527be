import { setTimeout as pause } from "node:timers/promises";
import { startServer } from "../e2e/server";
import { quantile } from "./browser";

const ROUNDS = 12;
/** A product whose wrong ways take seconds. */
const LONG = "123456789012345 × 987654321098765 × 456789123456789";

/** How long a server takes to start until it answers, and to end while it works for six clients, in milliseconds. */
export async function measureEnding() {
  const [starts, ends]: [number[], number[]] = [[], []];
  const server = await startServer();
  for (let round = 0; round < ROUNDS; round++) {
    const busy = Array.from({ length: 6 }, () =>
      fetch(`${server.url}/wrong-way?problem=${encodeURIComponent(LONG)}`).catch(() => undefined),
    );
    await pause(150);
    const told = performance.now();
    await server.end();
    ends.push(performance.now() - told);
    await Promise.all(busy);
    const asked = performance.now();
    await server.start();
    starts.push(performance.now() - asked);
  }
  await server.remove();
  const spread = (all: readonly number[]) => ({
    median: Math.round(quantile(all, 0.5)),
    most: Math.round(Math.max(...all)),
  });
  return { start: spread(starts), end: spread(ends) };
}
