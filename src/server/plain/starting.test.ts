import http from "node:http";
import type { AddressInfo } from "node:net";
import { afterAll, beforeAll, expect, it } from "vitest";
import { answerStarting } from "./starting";

const server = http.createServer(answerStarting);
let url = "";
beforeAll(
  () =>
    new Promise<void>((resolve) => {
      server.listen(0, "127.0.0.1", () => {
        const { port } = server.address() as AddressInfo;
        url = `http://127.0.0.1:${port}`;
        resolve();
      });
    }),
);
afterAll(() => server.close());

it("a browser that asks while the server starts gets a page that goes on by itself; a program an error in the one shape", async () => {
  const page = await fetch(url, { headers: { accept: "text/html,application/xhtml+xml" } });
  expect([page.status, page.headers.get("refresh")]).toEqual([503, "1"]);
  expect(await page.text()).toMatch(/^<!doctype html>[\s\S]*goes on by itself/);
  const answer = await fetch(`${url}/api/work`, { headers: { accept: "application/json" } });
  expect([answer.status, answer.headers.get("retry-after")]).toEqual([503, "1"]);
  expect(await answer.json()).toMatchObject({ error: { code: "starting" } });
});
