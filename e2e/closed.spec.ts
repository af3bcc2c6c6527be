import fs from "node:fs";
import net from "node:net";
import { setTimeout as pause } from "node:timers/promises";
import { expect, test } from "@playwright/test";
import { ask, at, expectRefused, expectSafe, KNOWN, manifest, ROUTES, WITHOUT_BODY } from "./knownRoutes";
import { type Server, startServer } from "./server";
import { board, expectAccessible } from "./tutor";

test("every route of the built application is known to this test, and there are no actions beside them", () => {
  expect(ROUTES).toEqual(Object.keys(KNOWN).sort());
  const actions = manifest("server/server-reference-manifest.json");
  expect([actions.node, actions.edge]).toEqual([{}, {}]);
});

test.describe("on this machine alone", () => {
  let server: Server;
  test.beforeAll(async () => {
    server = await startServer();
  });
  test.afterAll(() => server.remove());
  const JSON_TYPE = { "content-type": "application/json" };

  test("no other name is answered, and nothing of the data is in what is said", async () => {
    const { port } = new URL(server.url);
    for (const host of [
      "attacker.example",
      `attacker.example:${port}`,
      "127.0.0.1.attacker.example",
      "localhost.attacker.example",
      "[::ffff:8.8.8.8]",
      "127.0.0.1@attacker.example",
    ])
      for (const [route, methods] of Object.entries(KNOWN))
        for (const method of methods) {
          const headers = { host, origin: `http://${host}`, ...JSON_TYPE };
          const answer = await ask(
            server.url,
            method,
            at(route),
            headers,
            method === "GET" ? undefined : "{}",
          );
          const what = `${method} ${route} as ${host}`;
          expect([400, 421], what).toContain(answer.status);
          if (answer.status === 421) expectRefused(answer, what);
          expect(answer.text, what).not.toContain("<html");
        }
    for (const host of ["localhost", "127.0.0.1", "127.3.2.1", "[::1]", "tutor.localhost"])
      expect((await ask(server.url, "GET", "/api/changes", { host: `${host}:${port}` })).status, host).toBe(
        200,
      );
  });

  test("nothing is taken from another site's page", async () => {
    for (const [route, methods] of Object.entries(KNOWN))
      for (const method of methods) {
        const body = method === "GET" ? undefined : "{}";
        for (const origin of ["http://attacker.example", "null", "http://127.0.0.1:1", "file://"]) {
          const answer = await ask(server.url, method, at(route), { origin, ...JSON_TYPE }, body);
          expect(answer.status, `${method} ${route} from ${origin}`).toBe(403);
          expectRefused(answer, route);
        }
        const picture = { "sec-fetch-site": "cross-site", "sec-fetch-mode": "no-cors" };
        expect((await ask(server.url, method, at(route), { ...picture, ...JSON_TYPE }, body)).status).toBe(
          403,
        );
      }
  });

  test("malformed arguments are refused in the one shape, and none of them breaks anything", async () => {
    const deep = `${"[".repeat(5000)}${"]".repeat(5000)}`;
    const bodies = [
      "",
      "{",
      "null",
      "[]",
      "7",
      '"x"',
      "{}",
      '{"id":{}}',
      '{"__proto__":{"x":1}}',
      '{"act":"rename"}',
      '{"problem":12,"given":[]}',
      '{"answers":[{"row":-1}]}',
      '{"house":{"preset":7}}',
      deep,
      '{"name":"\\u0000"}',
    ];
    for (const [route, methods] of Object.entries(KNOWN)) {
      for (const method of methods) {
        if (method === "GET" || WITHOUT_BODY.includes(route)) continue;
        for (const body of bodies) {
          // An empty change of the view or of nothing else is a change all the same.
          if (
            route === "/api/view" &&
            [
              "{}",
              '{"id":{}}',
              '{"__proto__":{"x":1}}',
              '{"act":"rename"}',
              '{"problem":12,"given":[]}',
              '{"answers":[{"row":-1}]}',
              '{"house":{"preset":7}}',
              '{"name":"\\u0000"}',
            ].includes(body)
          )
            continue;
          expectRefused(
            await ask(server.url, method, at(route), JSON_TYPE, body),
            `${method} ${route} ${body.slice(0, 40)}`,
          );
        }
        const form = { "content-type": "application/x-www-form-urlencoded" };
        expectRefused(await ask(server.url, method, at(route), form, "a=b"), `${method} ${route} as a form`);
      }
      for (const id of ["%", "%ff", "%00", "..%2f..%2fetc", "x".repeat(300), "a b", "<script>"]) {
        if (!route.includes("[id]")) continue;
        for (const method of methods) {
          const answer = await ask(
            server.url,
            method,
            at(route, id).replace(" ", "%20"),
            JSON_TYPE,
            method === "GET" ? undefined : "{}",
          );
          expectRefused(answer, `${method} ${route} of ${id.slice(0, 20)}`);
        }
      }
    }
  });

  test("other methods, pages that are posted to, and other addresses are refused with safe headers", async () => {
    for (const method of ["TRACE", "DELETE", "PATCH", "OPTIONS", "PROPFIND"])
      expectRefused(await ask(server.url, method, "/"), method);
    for (const [route, methods] of Object.entries(KNOWN))
      if (methods.length === 1 && methods[0] === "GET" && !route.startsWith("/api/")) {
        const headers = { "next-action": "0".repeat(42), "content-type": "text/plain" };
        expectRefused(await ask(server.url, "POST", at(route), headers, "[]"), `POST ${route}`);
      }
    for (const path of [
      "/nowhere",
      "/api/nowhere",
      "/_next/static/nowhere.js",
      "/%",
      "/learners/%E0%A4%A",
      "/../../etc/passwd",
      "/_next/image?url=%2Ficon.svg&w=64&q=75",
      "/%2e%2e/package.json",
      "/.env",
      "/api/marking/abcdefgh1234?since=x",
    ])
      expectRefused(await ask(server.url, "GET", path), path);
    for (const path of ["//attacker.example/", "/learners/"])
      expectSafe(await ask(server.url, "GET", path), path);
    const home = await ask(server.url, "GET", "/", { accept: "text/html" });
    const script = /\/_next\/static\/[^"]+\.js/.exec(home.text)?.[0] ?? "";
    for (const path of [script, "/icon.svg", "/right-sum-font.woff2"]) {
      const answer = await ask(server.url, "GET", path);
      expect(answer.status, path).toBe(200);
      expectSafe(answer, path);
    }
  });

  test("a path is read alike by all who decide by it, and a page asked for with a body holds no other up", async () => {
    for (const path of ["/%61pi/view", "/a%70i/changes", "/%2561pi/view", "/API/view"]) {
      const answer = await ask(server.url, "PUT", path, JSON_TYPE, "{}");
      expect(answer.status, path).toBeGreaterThanOrEqual(400);
      expect(answer.status, path).toBeLessThan(500);
    }
    // The gate lets the type by whoever asks, under any way of writing its name: it is the type that is given.
    for (const path of ["/right-sum-font.woff2?x", "/right-sum-font%2Ewoff2"])
      expect((await ask(server.url, "GET", path)).headers["content-type"], path).toBe("font/woff2");
    const withBody = Array.from({ length: 120 }, () =>
      ask(server.url, "GET", "/licences", { ...JSON_TYPE, "content-length": "2" }, "{}"),
    );
    for (const answer of await Promise.all(withBody)) expect(answer.status).toBe(200);
    expect((await ask(server.url, "GET", "/methods")).status).toBe(200);
  });

  test("a line that once held the server up for good holds nobody up", async () => {
    const bad = [`5 ft in ${"aand".repeat(60)}1`, `5 ft in ${"aand".repeat(490)}1`];
    const others = Array.from({ length: 10 }, () => ask(server.url, "GET", "/api/changes"));
    for (const problem of bad) {
      const asked = await ask(server.url, "POST", "/api/work", JSON_TYPE, JSON.stringify({ problem }));
      expect(asked.status).toBe(422);
      const page = await ask(server.url, "GET", `/board?problem=${encodeURIComponent(problem)}`, {
        accept: "text/html",
      });
      expect(page.status).toBe(200);
    }
    const given = `5 each${" ".repeat(1985)}\nx\ny`;
    expect(
      (await ask(server.url, "POST", "/api/explain", JSON_TYPE, JSON.stringify({ problem: "17 ÷ 5", given })))
        .status,
    ).toBe(422);
    for (const other of await Promise.all(others)) expect(other.status).toBe(200);
  });

  test("a body without end is cut off, and the server goes on", async () => {
    const { hostname, port } = new URL(server.url);
    const socket = net.connect(Number(port), hostname);
    const ended = new Promise((resolve) => socket.once("close", resolve));
    socket.on("error", () => undefined);
    socket.write(
      `POST /api/work HTTP/1.1\r\nhost: ${hostname}:${port}\r\ncontent-type: application/json\r\ntransfer-encoding: chunked\r\n\r\n`,
    );
    const part = `10000\r\n${"x".repeat(65536)}\r\n`;
    for (let sent = 0; sent < 40 && !socket.destroyed; sent++) socket.write(part);
    await Promise.race([ended, pause(3000)]);
    socket.destroy();
    expect((await ask(server.url, "GET", "/api/changes")).status).toBe(200);
  });
});

test("beyond this machine nobody comes in without the passphrase, and tries are slowed", async () => {
  const server = await startServer(undefined, { HOST: "0.0.0.0" });
  const form = { "content-type": "application/x-www-form-urlencoded" };
  const html = { accept: "text/html" };
  try {
    const setting = await ask(server.url, "GET", "/", html);
    expect(setting.status).toBe(401);
    expect(setting.text).toContain("Set a passphrase");
    const short = await ask(server.url, "POST", "/set-passphrase", form, "passphrase=short&again=short");
    expect([short.status, short.text.includes("at least 10 characters")]).toEqual([422, true]);
    const unlike = await ask(
      server.url,
      "POST",
      "/set-passphrase",
      form,
      "passphrase=chain+and+sprocket&again=chain+and+sprockets",
    );
    expect(unlike.status).toBe(422);
    const words = "passphrase=chain+and+sprocket&again=chain+and+sprocket";
    const set = await ask(server.url, "POST", "/set-passphrase", form, words);
    const [cookie = ""] = (set.headers["set-cookie"]?.[0] ?? "").split(";");
    expect(set.headers["set-cookie"]?.[0]).toMatch(/HttpOnly; SameSite=Strict/);
    // A second one can't be set by whoever comes next.
    expect((await ask(server.url, "POST", "/set-passphrase", form, words)).status).toBe(401);
    const kept = JSON.parse(fs.readFileSync(`${server.folder}/access.json`, "utf8"));
    expect(kept.passphrase).toMatchObject({ cost: 32768, block: 8, parallel: 1 });
    expect(JSON.stringify(kept)).not.toContain("sprocket");
    expect(fs.statSync(`${server.folder}/access.json`).mode & 0o777).toBe(0o600);

    for (const [route, methods] of Object.entries(KNOWN))
      for (const method of methods)
        for (const headers of [{}, { cookie: "right-sum-session=forged" }, html]) {
          const body = method === "GET" ? undefined : "{}";
          const answer = await ask(
            server.url,
            method,
            at(route),
            { ...headers, "content-type": "application/json" },
            body,
          );
          expect(answer.status, `${method} ${route}`).toBe(401);
          expectRefused(answer, route);
        }
    expect((await ask(server.url, "GET", "/api/changes", { cookie })).status).toBe(200);
    expect((await ask(server.url, "GET", "/learners", { cookie, ...html })).status).toBe(200);

    // A sign-in holds over a restart, and ends everywhere when that is asked for.
    await server.end();
    await server.start();
    expect((await ask(server.url, "GET", "/api/changes", { cookie })).status).toBe(200);
    const again = await ask(server.url, "POST", "/sign-in", form, "passphrase=chain+and+sprocket");
    expect(again.status).toBe(303);
    expect(
      (
        await ask(
          server.url,
          "POST",
          "/sign-out?everywhere",
          { cookie, "content-type": "application/json" },
          "{}",
        )
      ).status,
    ).toBe(204);
    const [second = ""] = (again.headers["set-cookie"]?.[0] ?? "").split(";");
    for (const one of [cookie, second])
      expect((await ask(server.url, "GET", "/api/changes", { cookie: one })).status).toBe(401);

    const tries: number[] = [];
    for (let nth = 0; nth < 6; nth++)
      tries.push((await ask(server.url, "POST", "/sign-in", form, `passphrase=guess+number+${nth}`)).status);
    expect(tries).toEqual([401, 401, 401, 401, 429, 429]);
    expect((await ask(server.url, "POST", "/sign-in", form, "passphrase=chain+and+sprocket")).status).toBe(
      429,
    );
  } finally {
    await server.remove();
  }
});

test("a sign-in that ends takes nothing off the page: the passphrase is asked for in place, and what was done is kept", async ({
  page,
}) => {
  const server = await startServer(undefined, { HOST: "0.0.0.0" });
  try {
    const form = { "content-type": "application/x-www-form-urlencoded" };
    const words = "passphrase=chain+and+sprocket&again=chain+and+sprocket";
    await ask(server.url, "POST", "/set-passphrase", form, words);
    await page.goto(`${server.url}/board`);
    await page.getByLabel("Passphrase").fill("chain and sprocket");
    await page.getByRole("button", { name: "Sign in" }).click();
    const { work, kept } = board(page);
    await page.goto(`${server.url}/board`);
    await work("40.3 + 7.8");
    await expect(kept).toBeVisible();
    // Somebody signs out everywhere.
    const other = await ask(server.url, "POST", "/sign-in", form, "passphrase=chain+and+sprocket");
    const [cookie = ""] = (other.headers["set-cookie"]?.[0] ?? "").split(";");
    const json = { cookie, "content-type": "application/json" };
    await ask(server.url, "POST", "/sign-out?everywhere", json, "{}");
    await page.keyboard.press("ArrowRight");
    const dialog = page.getByRole("dialog", { name: "Sign in again" });
    await expect(dialog).toBeVisible();
    await expectAccessible(page);
    await dialog.getByLabel("Passphrase").fill("not that one at all");
    await dialog.getByRole("button", { name: "Go on" }).click();
    await expect(dialog.getByText("That is not the passphrase.")).toBeVisible();
    await dialog.getByLabel("Passphrase").fill("chain and sprocket");
    await dialog.getByRole("button", { name: "Go on" }).click();
    await expect(dialog).toHaveCount(0);
    await expect(kept).toBeVisible();
    await expect(page).toHaveURL(/\/board\?/);
  } finally {
    await server.remove();
  }
});
