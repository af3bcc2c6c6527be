import { ask, at, KNOWN } from "../knownRoutes";
import { startServer } from "../server";
import { note, type Tally, tally } from "./tally";

const METHODS = ["GET", "HEAD", "POST", "PUT", "PATCH", "DELETE", "OPTIONS", "TRACE", "PROPFIND", "QUERY"];
const COOKIES = (name: string): readonly string[] => [
  "",
  `${name}=forged`,
  `${name}=`,
  `${name}=${"a".repeat(64)}`,
  `${name}=__proto__`,
  `${name}=..%2f..%2faccess.json; ${name}=second`,
  `other=1; ${name}=${"0".repeat(43)}`,
];

/** Lines and headers that no browser sends. */
const ODD: readonly (readonly [string, string, Readonly<Record<string, string>>])[] = [
  ["GET", "*", {}],
  ["OPTIONS", "*", {}],
  ["GET", "http://evil.example/", {}],
  ["GET", "//evil.example/..", {}],
  ["GET", "/%61pi/changes", {}],
  ["GET", "/api%2fchanges", {}],
  ["GET", "/%00", {}],
  ["GET", "/%ff", {}],
  ["GET", "/..%2f..%2fetc%2fpasswd", {}],
  ["GET", "/_next/static/..%2f..%2fpackage.json", {}],
  ["PUT", "/%61pi/view", { "content-length": "2" }],
  ["POST", "/board", { "transfer-encoding": "chunked" }],
  ["GET", "/", { expect: "tea" }],
  ["GET", "/", { host: "evil.example" }],
  ["GET", "/", { origin: "null" }],
  ["GET", "/", { origin: "http://evil.example" }],
  ["GET", "/", { "x-forwarded-for": "127.0.0.1", "x-forwarded-host": "evil.example" }],
  ["GET", "/", { "x-middleware-subrequest": "src/proxy" }],
  ["GET", "/", { rsc: "1", "next-router-state-tree": "%5B%5D" }],
  ["GET", `/${"a".repeat(7000)}`, {}],
  ["GET", `/board?problem=${"9".repeat(7000)}`, {}],
];

/** Whether an answer has what makes it safe to look at. */
export function unsafe(headers: Readonly<Record<string, unknown>>): string | undefined {
  const lacks = [
    "x-content-type-options",
    "content-security-policy",
    "x-frame-options",
    "referrer-policy",
  ].find((name) => headers[name] === undefined);
  return lacks === undefined ? undefined : `has no ${lacks}`;
}

/** Every route by every method with every kind of cookie, by somebody who is not signed in; then odd lines and headers. */
export async function attackDoors(share: number): Promise<readonly Tally[]> {
  const server = await startServer(undefined, { HOST: "0.0.0.0" });
  const [routes, odd] = [tally("every route, no session"), tally("odd lines and headers")];
  try {
    const form = { "content-type": "application/x-www-form-urlencoded" };
    const words = "passphrase=chain+and+sprocket&again=chain+and+sprocket";
    await ask(server.url, "POST", "/set-passphrase", form, words);
    const name = `right-sum-session-${new URL(server.url).port}`;
    const every = Math.round(1 / share);
    let nth = 0;
    for (const route of Object.keys(KNOWN))
      for (const method of METHODS)
        for (const cookie of COOKIES(name)) {
          if (nth++ % every !== 0) continue;
          const from = performance.now();
          const answer = await ask(
            server.url,
            method,
            at(route),
            { cookie, "content-type": "application/json", "content-length": "2" },
            "{}",
          );
          const refused = [401, 403, 404, 405, 415].includes(answer.status);
          const wrong = refused ? unsafe(answer.headers) : `answered ${answer.status}`;
          note(routes, wrong, `${method} ${route} (${cookie.slice(0, 30)})`, performance.now() - from);
        }
    for (const [method, path, headers] of ODD) {
      const from = performance.now();
      const answer = await ask(server.url, method, path, headers).catch(() => undefined);
      const ended = answer === undefined || answer.status < 500;
      const wrong = ended
        ? answer && answer.status !== 400 && unsafe(answer.headers)
        : `answered ${answer.status}`;
      note(
        odd,
        wrong || undefined,
        `${method} ${path.slice(0, 40)} ${JSON.stringify(headers).slice(0, 60)}`,
        performance.now() - from,
      );
    }
  } finally {
    await server.remove();
  }
  return [routes, odd];
}
